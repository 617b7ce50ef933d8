package welumen.desktop.finish;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.finish.Batch;
import welumen.finish.BatchPlan;
import welumen.finish.FinishChange.PieceListed;
import welumen.finish.NextLoad;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;
import welumen.finish.load.LikelyPieces;
import welumen.finish.load.LoadPlan;
import welumen.finish.load.LoadRemedies;
import welumen.finish.load.PieceText;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.Together;
import welumen.job.LoadMoved;
import welumen.measure.Because;

/** The many small pieces: which goes in which load, whether it fits the day, what would make it fit; from hook to screw. */
public final class LoadsLeaf extends Leaf {
    private static final double USUAL_AREA = 0.05;
    private static final int FEW = 4;

    private final WordLine<HardPiece> line;
    private final VBox loads = new VBox(8);
    private final VBox beside = new VBox(8);
    private final HowForm how;
    private @Nullable Running running;
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public LoadsLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.CLOCKS);
        answer.setId("loads-answer");
        loads.setId("loads");
        beside.setId("loads-beside");
        wrong.setId("piece-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        how = new HowForm(model);
        line = new WordLine<HardPiece>(
                        "piece",
                        "A piece that is sprayed",
                        text -> text().read(text),
                        piece -> List.of(
                                piece.name(),
                                String.format(Locale.UK, "%.3f m²", piece.squareMetres()),
                                piece.colour()))
                .example("vent ring, 0.12 m2, dark, at the plater’s until Wed, hidden")
                .knows("Size", "|0.05| m2", "What is sprayed of it")
                .knows("Not here", "at the plater’s until |Wed|", "Where it is, and until when")
                .knows("Turned", "turned", "It lies on a rack and is turned between its sides")
                .knows("Hidden", "hidden", "Nobody sees it once it is fitted")
                .knows("Waited for", "|2| wait", "How much waits for it")
                .knows("Who waits", "|the electrician| waits", "Who waits for it: it goes early")
                .knows("Airbag", "airbag", "It goes in no load before somebody qualified has answered")
                .onEnter(piece -> model.make(new AtFinish(new PieceListed(piece))), wrong::setText);
        var likely = Nodes.button(
                "List the car’s own", "Its hard parts and the pieces of them that nobody thinks of", this::likely);
        likely.setId("likely-pieces");
        var both = Nodes.row(24, Nodes.titled("Loads", loads, 560), Nodes.titled("By the day", beside, 380));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(Nodes.row(16, how, Nodes.level(likely)), both, line, wrong);
    }

    private Batch batch() {
        return model.job().finish().batch();
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(model.nowProperty().get(), model.zone());
    }

    private LocalDateTime cardDry() {
        return model.job()
                .finish()
                .cardDry(model.nowProperty().get())
                .map(dry -> LocalDateTime.ofInstant(dry, model.zone()))
                .orElse(now());
    }

    private PieceText text() {
        var pieces = batch().pieces();
        return new PieceText(
                batch().nextId(),
                pieces.isEmpty() ? USUAL_AREA : pieces.getLast().squareMetres(),
                pieces.isEmpty() ? "" : pieces.getLast().colour(),
                now());
    }

    private void likely() {
        var pieces = batch().pieces();
        var listed = pieces.stream().map(HardPiece::name).toList();
        var colour = pieces.isEmpty() ? "the new colour" : pieces.getLast().colour();
        var more = LikelyPieces.of(model.job().cabin(), listed, colour, now(), batch().nextNumber());
        wrong.setText(more.isEmpty() ? "No hard part of this car is left that is not listed." : "");
        if (!more.isEmpty())
            model.make(Together.of(more.stream()
                    .map(piece -> new AtFinish(new PieceListed(piece)))
                    .toList()));
    }

    @Override
    protected Node first() {
        return line.field();
    }

    @Override
    protected void refresh() {
        closed();
        line.readAgain();
        how.refresh();
        loads.getChildren().clear();
        beside.getChildren().clear();
        var plan = BatchPlan.of(batch(), model.yard().state().crew(), now(), cardDry());
        if (plan.isEmpty()) {
            answer.setText(
                    batch().pieces().isEmpty()
                            ? "No small piece is listed yet: list the car’s own, and strike out what stays."
                            : "Say in how many coats, and by when.");
            if (batch().open().isEmpty() && !batch().pieces().isEmpty()) allSprayed();
            else loads.getChildren().add(hooks(batch().pieces()));
            return;
        }
        show(plan.get());
    }

    private void allSprayed() {
        var left = batch().pieces().size() - (int) batch().count(Batch.Step.FITTED);
        answer.setText(
                left == 0
                        ? "All %d are fitted.".formatted(batch().pieces().size())
                        : "All are sprayed; %s to be fitted still.".formatted(Words.many(left, "piece")));
        beside.getChildren().addAll(new OnTheWay(model).all());
    }

    private void show(BatchPlan plan) {
        var hold = hold();
        answer.setText(SprayPlan.said(plan) + hold.map(why -> " " + why).orElse(""));
        for (var hung : plan.hung()) loads.getChildren().add(load(hung.load(), hung.number(), true, hold.isPresent()));
        var number = batch().nextLoad();
        for (var load : plan.rest().loads()) loads.getChildren().add(load(load, number++, false, hold.isPresent()));
        if (!plan.rest().left().isEmpty()) loads.getChildren().add(left(plan.rest()));
        loads.getChildren().add(hooks(batch().open()));
        beside.getChildren().addAll(new OnTheWay(model).all());
        var fits = Nodes.column(0); // what would make it fit comes here, once it is tried
        beside.getChildren().add(fits);
        var cans = NextLoad.cans(batch(), model.yard().state().crew().loadHolds());
        cans.forEach((colour, of) -> beside.getChildren().add(cans(colour, of)));
        if (!plan.fits()) tryWhatWouldFit(plan, fits);
    }

    private void tryWhatWouldFit(BatchPlan plan, VBox into) {
        getStyleClass().add(Styles.WORKING);
        running = model.background()
                .ask(
                        "trying what would make it fit",
                        Takes.A_MOMENT,
                        _ -> plan.remedies(),
                        tried -> {
                            getStyleClass().remove(Styles.WORKING);
                            if (!tried.isEmpty()) into.getChildren().setAll(remedies(tried));
                        },
                        fault -> {
                            getStyleClass().remove(Styles.WORKING);
                            wrong.setText(Because.of(fault));
                        });
    }

    @Override
    protected void closed() {
        if (running != null) running.stop();
        running = null;
        getStyleClass().remove(Styles.WORKING);
    }

    /** As long as the last card is not accepted nothing is sprayed. */
    private Optional<String> hold() {
        return model.job()
                .finish()
                .held(BenchMemory.sheen(model), model.nowProperty().get());
    }

    private Node load(LoadPlan.Load load, int number, boolean isHung, boolean isHeld) {
        var ids = load.pieces().stream().map(HardPiece::id).toList();
        var deed = isHung
                ? Nodes.button(
                        "Sprayed",
                        "Its clock runs until it can be handled",
                        () -> model.make(LoadMoved.sprayed(
                                batch(), number, ids, model.nowProperty().get())))
                : Nodes.button(
                        "Hang them",
                        "All of them are prepared and on their hooks",
                        () -> model.make(LoadMoved.hung(ids)));
        deed.setId((isHung ? "sprayed-" : "hang-") + number);
        deed.setDisable(isHung && isHeld);
        var box = Nodes.column(
                6,
                Nodes.row(
                        10,
                        Nodes.grown(Nodes.label(
                                String.format(
                                        Locale.UK,
                                        "Load %d, %2$ta %2$te %2$tb %2$tR to %3$tR, %4$s",
                                        number,
                                        load.slot().begins(),
                                        load.slot().ends(),
                                        load.colour()),
                                Styles.STRONG)),
                        Nodes.spring(),
                        deed),
                Nodes.label(
                        String.format(
                                Locale.UK,
                                "%s; handled from %2$ta %2$te %2$tb %2$tR",
                                Words.many(load.pieces().size(), "piece"),
                                load.ready()),
                        Styles.SECOND),
                Nodes.label(
                        load.pieces().stream().map(HardPiece::name).collect(Collectors.joining(", ")) + ".",
                        Styles.NOTE));
        var waits = load.pieces().stream()
                .map(HardPiece::who)
                .filter(who -> !who.isEmpty())
                .distinct()
                .toList();
        if (!waits.isEmpty())
            box.getChildren().add(Nodes.label("For it waits: %s.".formatted(String.join(", ", waits)), Styles.SECOND));
        box.getStyleClass().add(Styles.CARD);
        box.setId("load-" + number);
        return box;
    }

    private Node hooks(List<HardPiece> pieces) {
        return Nodes.column(
                6,
                Nodes.whole("Each of them: press once it is prepared", Styles.HEADING),
                new PieceChips(model, pieces));
    }

    private Node left(LoadPlan plan) {
        var box = Nodes.column(
                6, Nodes.label("In no load", Styles.STRONG, Styles.DANGER), new PieceChips(model, plan.left()));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private static Node remedies(List<LoadRemedies.Tried> tried) {
        var box = Nodes.column(4, Nodes.label("What would make it fit, each tried", Styles.STRONG));
        tried.stream()
                .limit(FEW + 2)
                .forEach(one -> box.getChildren()
                        .add(Nodes.label(
                                "%s: %s"
                                        .formatted(
                                                Words.capital(one.remedy().said()),
                                                one.fits()
                                                        ? one.ready()
                                                                        .map(SprayPlan::time)
                                                                        .orElse("nothing is sprayed") + ", it fits"
                                                        : "still %s late".formatted(SprayPlan.length(one.late()))),
                                one.fits() ? Styles.STRONG : Styles.SECOND)));
        box.setId("remedies");
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private static Node cans(String colour, Cans cans) {
        var box = Nodes.column(
                4,
                Nodes.label(
                        String.format(
                                Locale.UK,
                                "%s of %s, by the sum %.2f; buy %d, one of them to spare",
                                Words.many(cans.needed(), "can"),
                                colour,
                                cans.exact(),
                                cans.bought()),
                        Styles.STRONG));
        cans.turns().stream()
                .limit(FEW)
                .forEach(turn -> box.getChildren()
                        .add(Nodes.label(
                                "A new one at the %s, coat %d"
                                        .formatted(turn.piece().name(), turn.coat()),
                                Styles.SECOND)));
        if (cans.turns().size() > FEW)
            box.getChildren()
                    .add(Nodes.label("and %d more".formatted(cans.turns().size() - FEW), Styles.SECOND));
        box.setId("cans");
        box.getStyleClass().add(Styles.CARD);
        return box;
    }
}
