package welumen.desktop.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import welumen.cut.CutChange;
import welumen.cut.CutChange.PieceLeftDry;
import welumen.cut.CutChange.PieceWorked;
import welumen.cut.CutChange.StripTested;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.LeatherFacts;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.StripTestText;
import welumen.cut.leather.Worked;
import welumen.cut.leather.Working;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtCut;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;

/** How the leather behaves: strips that were tested, and the pieces that are worked, cut larger and trimmed once they have rested. */
final class LeatherLeaf extends Leaf {
    private static final String DRY = "dry, to its line";

    private final WordLine<LeatherTest> typed;
    private final ComboBox<String> material = new ComboBox<>();
    private final ComboBox<String> lot = new ComboBox<>();
    private final PieceChoice piece;
    private final ComboBox<String> how = new ComboBox<>();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final VBox list = new VBox(8);
    private final RoughFelt felt = new RoughFelt();
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LeatherLeaf(JobModel model) {
        super(model, Reads.ALL);
        typed = new WordLine<LeatherTest>(
                        "strip-test",
                        "What a strip of this leather did, by numbers",
                        this::read,
                        test -> List.of(
                                test.working().word(),
                                "shrinks %.1f %% along".formatted(100 * test.shrinksAlong()),
                                "%.1f %% across".formatted(100 * test.shrinksAcross())))
                .example("A strip was worked, rested and measured")
                .knows("Damp", "damp", "Or steamed, or warm: how it was worked")
                .knows("Marks", "marks 200", "How far apart the two marks were")
                .knows("Along", "along 196.5", "How far apart they are now, along")
                .knows("Across", "across 197", "And across")
                .knows("Rested", "rested 12 h", "How long it rested before it was measured")
                .knows("Tools darker", "tools darker", "What a warm tool does to it")
                .onEnter(test -> model.make(new AtCut(new StripTested(test))), wrong::setText);
        material.setId("strip-material");
        WordCell.in(material, Words::capital, "no hide yet");
        material.valueProperty().subscribe(this::fillLots);
        lot.setId("strip-lot");
        WordCell.in(lot, one -> one.isEmpty() ? "any lot" : one);
        piece = new PieceChoice(model, "worked-piece", this::showPiece);
        how.setId("worked-how");
        how.getItems().add(DRY);
        for (var working : Working.values()) how.getItems().add(working.word());
        how.valueProperty().subscribe(this::worked);
        answer.setId("leather-answer");
        wrong.setId("leather-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        list.setId("strip-tests");
        getChildren()
                .addAll(
                        Nodes.form(12, Nodes.field("A strip of", material), Nodes.field("Lot", lot)),
                        typed,
                        Nodes.form(12, Nodes.field("Piece", piece), Nodes.field("It is worked", how)),
                        wrong,
                        Nodes.beside(felt, Nodes.scroll(list), 330));
    }

    @Override
    protected Node first() {
        return typed.field();
    }

    private Worked known() {
        return model.job().cutLog().worked();
    }

    private Stream<Stock> hides() {
        return stock().stream().filter(one -> one instanceof Stock.Hide hide && hide.kind() == Stock.Kind.HIDE);
    }

    /** What can be cut from, and what has been: its leather is still worked. */
    private List<Stock> stock() {
        var all = new ArrayList<>(model.toCutFrom());
        if (model.job().table() instanceof Laid laid) all.addAll(laid.problem().stock());
        return all;
    }

    @Override
    protected void refresh() {
        filling = true;
        Nodes.refill(
                material,
                List.copyOf(LeatherFacts.leathers(model.job().patterns().pieces(), stock())));
        fillLots();
        var facts = facts();
        piece.fill(facts.pieces());
        filling = false;
        wrong.setText("");
        answer.setText(said(facts));
        fill(facts);
        showPiece();
    }

    private LeatherFacts facts() {
        return LeatherFacts.of(model.job().patterns().pieces(), stock(), known());
    }

    private void fillLots() {
        var lots = Stream.concat(
                        Stream.of(""),
                        hides().filter(hide -> hide.material().equals(material.getValue()))
                                .map(hide -> hide.lot().dye()))
                .distinct()
                .toList();
        Nodes.refill(lot, lots, lots.getLast());
    }

    private String said(LeatherFacts facts) {
        if (facts.pieces().isEmpty()) return "No piece is cut from a hide yet.";
        var told = new StringBuilder(
                facts.worked().isEmpty()
                        ? "All %s of leather are cut to their line at once."
                                .formatted(Words.many(facts.pieces().size(), "piece"))
                        : "%s cut larger by %s all round and by what the leather shrinks, %sand then trimmed to %s line."
                                .formatted(
                                        facts.worked().size() == 1
                                                ? "One piece is"
                                                : Words.count(facts.worked().size()) + " pieces are",
                                        Lengths.near(RoughCut.RIM_MM),
                                        facts.restHours() > 0
                                                ? "rested for %s, ".formatted(Words.hours(facts.restHours()))
                                                : "rested until dry, ",
                                        facts.worked().size() == 1 ? "its" : "their"));
        if (!facts.untested().isEmpty())
            told.append(" No strip of their leather was tested for %s: %s is reckoned with until then."
                    .formatted(named(facts.untested()), Words.percent(RoughCut.UNTESTED)));
        for (var test : facts.marked())
            told.append(" Tools leave %s %s: work it through a cloth."
                    .formatted(test.material(), test.tools().word()));
        for (var test : facts.finished())
            told.append(" Finished, %s is %s than it was: show the customer the strip first."
                    .formatted(test.material(), test.finished().word()));
        if (!facts.stretchUnsaid().isEmpty())
            told.append(" Nobody has said which way %s stretch%s; say it at Pattern."
                    .formatted(
                            named(facts.stretchUnsaid()), facts.stretchUnsaid().size() == 1 ? "es" : ""));
        return told.toString();
    }

    /** Its name, and the part that it is for: both seats have a cushion centre. */
    private String word(Piece one) {
        return "%s, %s"
                .formatted(one.name(), model.job().cabin().one(one.part()).name());
    }

    private static String named(List<Piece> pieces) {
        return pieces.size() <= 3
                ? pieces.stream().map(piece -> "the " + piece.name()).collect(Collectors.joining(", "))
                : Words.many(pieces.size(), "piece");
    }

    private void fill(LeatherFacts facts) {
        list.getChildren().setAll(Nodes.whole("Strips that were tested", Styles.HEADING));
        for (var test : known().tests().reversed()) list.getChildren().add(told(test));
        if (known().tests().isEmpty())
            list.getChildren()
                    .add(Nodes.label(
                            "None yet. Cut one 40 mm wide from the edge, mark 200 mm along the backbone and across, work"
                                    + " it as the job will be, let it rest, and measure again.",
                            Styles.NOTE));
        list.getChildren().add(Nodes.whole("Pieces of leather", Styles.HEADING));
        for (var one : facts.pieces())
            list.getChildren()
                    .add(Nodes.label(
                            "%s: %s%s"
                                    .formatted(
                                            Words.capital(word(one)),
                                            Optional.ofNullable(known().pieces().get(one.id()))
                                                    .map(working -> "worked " + working.word())
                                                    .orElse(DRY),
                                            one.grain() instanceof Grain.StretchAlong along
                                                    ? ", stretches at %.0f°".formatted(along.degrees())
                                                    : ""),
                            Styles.NOTE));
    }

    private static Node told(LeatherTest test) {
        return Nodes.column(
                1,
                Nodes.label(
                        "%s%s, %s"
                                .formatted(
                                        Words.capital(test.material()),
                                        test.lot().isEmpty() ? "" : ", lot " + test.lot(),
                                        test.working().word()),
                        Styles.STRONG),
                Nodes.label(
                        "%s along, %s across, rested %s"
                                .formatted(
                                        change(test.shrinksAlong()),
                                        change(test.shrinksAcross()),
                                        Words.hours(test.restHours())),
                        Styles.MEASURE));
    }

    private static String change(double shrinks) {
        if (Math.abs(shrinks) < 5e-4) return "unchanged";
        return String.format(Locale.ROOT, "%s %.1f %%", shrinks > 0 ? "shrinks" : "stretches", 100 * Math.abs(shrinks));
    }

    private void showPiece() {
        filling = true;
        var working = Optional.ofNullable(piece.getValue()).map(known().pieces()::get);
        how.setDisable(piece.getValue() == null);
        how.setValue(working.map(Working::word).orElse(DRY));
        filling = false;
        felt.show(Optional.ofNullable(piece.getValue())
                .flatMap(id -> FromPattern.pieces(model.job().patterns().pieces()).stream()
                        .filter(one -> FromPattern.isOf(one.id(), id))
                        .findFirst())
                .map(one -> new RoughFelt.Shown(
                        one.shape().outline(),
                        RoughCut.of(List.of(one), known()).getFirst().shape().outline(),
                        one.stretch())));
    }

    private Parsed<LeatherTest> read(String text) {
        return StripTestText.read(
                text, Objects.toString(material.getValue(), ""), Objects.toString(lot.getValue(), ""));
    }

    private void worked() {
        if (filling || piece.getValue() == null || how.getValue() == null) return;
        CutChange change = Stream.of(Working.values())
                .filter(working -> working.word().equals(how.getValue()))
                .findFirst()
                .<CutChange>map(working -> new PieceWorked(piece.getValue(), working))
                .orElseGet(() -> new PieceLeftDry(piece.getValue()));
        model.make(new AtCut(change));
    }
}
