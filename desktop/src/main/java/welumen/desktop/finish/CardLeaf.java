package welumen.desktop.finish;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.finish.FinishChange.Card;
import welumen.finish.FinishChange.CardAccepted;
import welumen.finish.FinishChange.CardRead;
import welumen.finish.FinishChange.CardSprayed;
import welumen.finish.FinishChange.WentWrong;
import welumen.finish.coat.Cause;
import welumen.finish.sheen.SetUpText;
import welumen.finish.sheen.Sheen;
import welumen.finish.sheen.SheenLearnt;
import welumen.finish.sheen.TestCard;
import welumen.finish.sheen.Verdict;
import welumen.finish.sheen.WantedSheen;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.treatment.whole.SeenTogether;

/** Test cards: sprayed as the batch will be, left to dry, read, and accepted by name; until then the batch is held. */
public final class CardLeaf extends Leaf {
    private static final double USUAL = 30;

    private final WordLine<SetUpText.Said> line;
    private final FlowPane good = new FlowPane(8, 6);
    private final VBox cards = new VBox(8);
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public CardLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED, Reads.CLOCKS);
        answer.setId("card-answer");
        cards.setId("cards");
        wrong.setId("card-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        line = new WordLine<SetUpText.Said>(
                        "set-up",
                        "How the card is sprayed",
                        text -> new SetUpText(
                                        model.yard().state().crew().limits().celsius())
                                .read(text),
                        said -> List.of(
                                said.setUp().product(),
                                said.setUp().passes() + " passes",
                                "%.0f wanted, %s"
                                        .formatted(
                                                said.target(),
                                                Sheen.of(said.target()).word())))
                .example("satin lacquer, lot L 3, 200 mm, 3 passes, nozzle 1.2, wanted 30")
                .knows("Lot", "lot |L 3|", "From which tin")
                .knows("How far", "|200| mm", "From the nozzle to the card")
                .knows("Passes", "|3| passes", "Over each place")
                .knows("Nozzle", "nozzle |1.2|", "Which one")
                .knows(
                        "Wanted",
                        this::wanted,
                        "Gloss units at 60°, dry; as what is seen with the picked part reads, else as its standard wants it")
                .onEnter(this::sprayed, wrong::setText);
        var page = Nodes.scroll(cards);
        VBox.setVgrow(page, Priority.ALWAYS);
        good.setId("good-set-ups");
        good.managedProperty().bind(Bindings.isNotEmpty(good.getChildren()));
        getChildren().addAll(line, good, wrong, page);
    }

    /** As its neighbours read; where none was read, as its standard wants it. */
    private String wanted() {
        var sheen = model.picked()
                .map(Part::id)
                .flatMap(part -> SeenTogether.groups(model.job().cabin()).values().stream()
                        .filter(parts -> parts.contains(part))
                        .findFirst())
                .map(parts -> model.job().finish().readings().sheen(parts))
                .orElseGet(OptionalDouble::empty);
        return "wanted |%.0f|".formatted(sheen.orElseGet(this::byItsStandard));
    }

    private double byItsStandard() {
        return model.picked()
                .flatMap(part ->
                        model.job().standardOf(part.id()).map(standard -> WantedSheen.of(standard, part.kind())))
                .orElse(USUAL);
    }

    private boolean sprayed(SetUpText.Said said) {
        var id = model.job().finish().cards().nextId();
        var now = model.nowProperty().get();
        return model.make(Together.of(List.of(
                new AtFinish(new CardSprayed(new Card(id, said.setUp(), said.target(), now, TestCard.DRIES))),
                new OnClock(new ClockStarted(
                        new BenchClock(id, "Card, " + said.setUp().product(), "read it dry", now, TestCard.DRIES))))));
    }

    @Override
    protected Node first() {
        return line.field();
    }

    @Override
    protected void refresh() {
        var all = model.job().finish().cards();
        var learnt = BenchMemory.sheen(model);
        good.getChildren()
                .setAll(BenchMemory.good(model).stream().map(this::offered).toList());
        answer.setText(all.last()
                .map(card -> {
                    var verdict = Verdict.of(card, learnt, model.nowProperty().get());
                    return verdict.isHeld()
                            ? "%s Nothing is sprayed with %s before a card is good."
                                    .formatted(verdict.holds(), card.setUp().product())
                            : "The card of %s is accepted by %s: spray as it was sprayed."
                                    .formatted(card.setUp().product(), card.acceptedBy());
                })
                .orElse("No card is sprayed yet: sheen is judged on a dry card, not by its word."));
        cards.getChildren()
                .setAll(all.cards().reversed().stream()
                        .map(card -> card(card, learnt))
                        .toList());
    }

    /** A set-up that was good before, here or on another car, is not typed twice. */
    private Node offered(TestCard card) {
        var said = SetUpText.say(card.setUp(), card.target());
        var button = Nodes.button(
                "As before: " + said, "This card was accepted; Enter sprays another so", () -> line.begin(said));
        button.getStyleClass().add("tool");
        button.setId("as-before-" + card.id().replace(' ', '-'));
        return button;
    }

    private Node card(TestCard card, SheenLearnt learnt) {
        var setUp = card.setUp();
        var verdict = Verdict.of(card, learnt, model.nowProperty().get());
        var box = Nodes.column(
                4,
                Nodes.label(
                        "%s%s"
                                .formatted(
                                        Words.capital(setUp.product()),
                                        setUp.lot().isEmpty() ? "" : ", lot " + setUp.lot()),
                        Styles.STRONG),
                Nodes.label(
                        String.format(
                                Locale.UK,
                                "%.0f mm, %d passes%s, %.0f °C; %.0f wanted, %s",
                                setUp.distanceMm(),
                                setUp.passes(),
                                setUp.nozzle().isEmpty() ? "" : ", nozzle " + setUp.nozzle(),
                                setUp.celsius(),
                                card.target(),
                                Sheen.of(card.target()).word()),
                        Styles.SECOND));
        card.read()
                .ifPresent(read -> box.getChildren()
                        .add(Nodes.label(
                                String.format(
                                        Locale.UK, "%.0f on its face, %.0f on its corners", read.flat(), read.corner()),
                                Styles.MEASURE)));
        box.getChildren()
                .add(Nodes.label(
                        verdict.isHeld() ? verdict.holds() : "Accepted by %s.".formatted(card.acceptedBy()),
                        verdict.isGood() ? Styles.SECOND : Styles.DANGER));
        if (card.read().isEmpty() && !card.isDry(model.nowProperty().get()))
            box.getChildren()
                    .add(Nodes.label(
                            "Dry, and to be read, from %s on."
                                    .formatted(Words.when(
                                            card.dryAt(), model.nowProperty().get(), model.zone())),
                            Styles.SECOND));
        if (verdict.fewerPasses() > 0)
            box.getChildren()
                    .add(Nodes.label(
                            "On corners and returns %s: %d in place of %d."
                                    .formatted(
                                            verdict.fewerPasses() == 1
                                                    ? "a pass fewer"
                                                    : verdict.fewerPasses() + " passes fewer",
                                            setUp.passesOnReturns(verdict.fewerPasses()),
                                            setUp.passes()),
                            Styles.STRONG));
        var falls = learnt.falls(setUp.product());
        if (Math.abs(falls) >= 1)
            box.getChildren()
                    .add(Nodes.label(
                            String.format(
                                    Locale.UK,
                                    "%s dries to about %.0f %s what is wanted: as its cards have shown.",
                                    Words.capital(setUp.product()),
                                    Math.abs(falls),
                                    falls > 0 ? "under" : "over"),
                            Styles.NOTE));
        box.getChildren().add(deeds(card, verdict));
        if (card.hasMissed()) box.getChildren().add(missed(card));
        box.getStyleClass().add(Styles.CARD);
        box.setId("card-" + card.id().replace(' ', '-'));
        return box;
    }

    /** What it cost that it missed: said once. */
    private Node missed(TestCard card) {
        return model.job().finish().coatings().gone().stream()
                .filter(gone -> gone.what().equals(card.id()))
                .findFirst()
                .<Node>map(gone -> Nodes.label(
                        "It cost %s: %s.".formatted(gone.cost(), gone.cause().word()), Styles.NOTE))
                .orElseGet(() -> new AgainForm(
                        model, card.id(), Cause.WRONG_SHEEN, gone -> model.make(new AtFinish(new WentWrong(gone)))));
    }

    private Node deeds(TestCard card, Verdict verdict) {
        var row = Nodes.row(8);
        if (!card.isAccepted()) {
            var read = new TextField();
            read.setId("read-" + card.id().replace(' ', '-'));
            read.setPromptText("reads: 38 46");
            read.setAccessibleText("Gloss units on the face and on the corners of " + card.id());
            read.setPrefColumnCount(8);
            read.setOnAction(_ -> read(card, read.getText()));
            row.getChildren().add(read);
            model.reader()
                    .ifPresent(reader -> row.getChildren()
                            .add(Nodes.button("Read it", "The reader is held on its face, then on a corner", () -> {
                                var flat = reader.read(card.id() + " of "
                                                + card.setUp().product())
                                        .gloss();
                                var corner = reader.read(card.id() + " corner of "
                                                + card.setUp().product())
                                        .gloss();
                                read(card, Math.round(flat), Math.round(corner));
                            })));
        }
        if (verdict.isGood() && !card.isAccepted()) {
            var accept = Nodes.chief(
                    "Accept it",
                    "In your name: the batch may be sprayed so",
                    () -> model.make(new AtFinish(new CardAccepted(card.id(), model.person()))));
            accept.setId("accept-" + card.id().replace(' ', '-'));
            row.getChildren().add(accept);
        }
        return row;
    }

    private void read(TestCard card, String typed) {
        var numbers = typed.strip().split("[,;/]?\\s+");
        try {
            var flat = Double.parseDouble(numbers[0]);
            read(card, flat, numbers.length > 1 ? Double.parseDouble(numbers[1]) : flat);
        } catch (IllegalArgumentException none) {
            wrong.setText("“%s” is no gloss. Type its face and its corners: 38 46.".formatted(typed));
        }
    }

    private void read(TestCard card, double flat, double corner) {
        var shown = new TestCard.Read(flat, corner, model.nowProperty().get());
        wrong.setText("");
        model.make(new AtFinish(new CardRead(card.id(), shown)));
    }
}
