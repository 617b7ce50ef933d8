package welumen.desktop.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.finish.FinishChange.ColourRead;
import welumen.finish.reading.ColourReader;
import welumen.finish.reading.Reading;
import welumen.finish.reading.ReadingText;
import welumen.finish.reading.Readings;
import welumen.finish.reading.StandsOut;
import welumen.job.JobChange.AtFinish;
import welumen.treatment.whole.SeenTogether;

/** Colours as they were read, what is seen together, and what stands out, before anything is ordered. */
public final class ColourLeaf extends Leaf {
    private final VBox sets = new VBox(10);
    private final VBox read = new VBox(8);
    private final WordLine<Reading> line;
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public ColourLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED);
        answer.setId("colour-answer");
        sets.setId("colour-sets");
        read.setId("readings");
        wrong.setId("reading-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        line = new WordLine<Reading>(
                        "reading",
                        "A colour as it was read",
                        text -> text().read(text),
                        reading -> List.of(reading.of().word(), reading.what(), ReadingCard.numbers(reading.lab())))
                .example("evidence under the piping 52.1 -8.4 10.9, gloss 31")
                .joinedBy(" ")
                .knows("Evidence", "evidence |under the piping|", "What was found of the first colour")
                .knows("Sample", "sample |card A|", "What was sent to be chosen from")
                .knows("Lot", "lot |roll 3|", "What came")
                .knows("L* a* b*", "|52.1| -8.4 10.9", "Its numbers, by daylight")
                .knows("Gloss", "gloss |30|", "Units at 60°")
                .knows("By eye", "by eye", "Set against a card of known numbers: rough")
                .knows("From a photo", "from a photo", "Taken under a grey card: rougher")
                .onEnter(reading -> model.make(new AtFinish(new ColourRead(reading))), wrong::setText);
        var reader = Nodes.button(
                "Hold the reader on it", "What is typed, or the picked part, is read by the reader", this::hold);
        reader.setId("hold-reader");
        reader.setDisable(model.reader().isEmpty());
        var both = Nodes.row(
                24, Nodes.titled("Seen together, and on the way", sets, 440), Nodes.titled("Read", read, 440));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(both, line, Nodes.row(10, reader), wrong);
    }

    private ReadingText text() {
        return new ReadingText(readings().nextId(), model.picked().map(Part::id), model.today());
    }

    private Readings readings() {
        return model.job().finish().readings();
    }

    /** What is typed says on what it is held; else it is held on the picked part. */
    private void hold() {
        var typed = line.field().getText().strip();
        var what = typed.isEmpty() ? model.picked().map(Part::name).orElse("") : typed;
        if (what.isEmpty()) {
            wrong.setText("Pick a part, or type on what the reader is held: lot roll 3.");
            return;
        }
        var of = List.of(Reading.Of.values()).stream()
                .filter(one -> what.toLowerCase(Locale.ROOT).startsWith(one.word() + " "))
                .findFirst();
        var on = of.map(one -> what.substring(one.word().length()).strip()).orElse(what);
        var shown = model.reader().orElseThrow().read(what);
        wrong.setText("");
        if (model.make(new AtFinish(new ColourRead(reading(shown, of, on, typed.isEmpty())))))
            line.field().clear();
    }

    private Reading reading(ColourReader.Shown shown, Optional<Reading.Of> of, String on, boolean isPicked) {
        return new Reading(
                readings().nextId(),
                of.orElse(Reading.Of.PART),
                on,
                isPicked ? model.picked().map(Part::id).stream().toList() : List.of(),
                Lab.of(shown.reflectance(), Illuminant.D65),
                shown.reflectance().shares(),
                Reading.How.READER,
                Math.round(shown.gloss()),
                model.today());
    }

    @Override
    protected Node first() {
        return line.field();
    }

    @Override
    protected void refresh() {
        line.readAgain();
        var all = readings().all();
        read.getChildren()
                .setAll(all.reversed().stream()
                        .map(one -> ReadingCard.of(model, one))
                        .toList());
        var shown = new ArrayList<Node>();
        for (var group : SeenTogether.groups(model.job().cabin()).entrySet()) {
            var set = of(group.getValue());
            if (set.size() < 2) continue;
            var out = Readings.odd(set);
            shown.add(set(group.getKey().word(), set, out));
        }
        readings().drift().forEach(step -> shown.add(drift(step)));
        sets.getChildren().setAll(shown);
        var odd = StandsOut.of(model.job().cabin(), readings()).stream().findFirst();
        answer.setText(odd.map(ColourLeaf::said)
                .orElseGet(() -> all.isEmpty()
                        ? "No colour is read yet: hold the reader on the evidence first."
                        : "%s read; nothing that is seen together stands out."
                                .formatted(Words.many(all.size(), "colour"))));
    }

    private static String said(StandsOut out) {
        return Words.capital(out.said()) + ": see to it before anything is ordered.";
    }

    private List<Reading> of(List<PartId> parts) {
        return parts.stream().map(readings()::of).flatMap(Optional::stream).toList();
    }

    private Node set(String word, List<Reading> set, Optional<Readings.Odd> odd) {
        var patches = Nodes.row(6);
        for (var one : set) {
            var name = Nodes.label(Words.capital(one.what()), Styles.NOTE);
            name.setMaxWidth(92);
            patches.getChildren().add(Nodes.column(2, ReadingCard.patch(one.lab()), name));
        }
        var box = Nodes.column(6, Nodes.label(Words.capital(word), Styles.STRONG), patches);
        box.getChildren()
                .add(odd.map(out -> Nodes.label(
                                "%s lies %.1f from the others; over %.0f is seen side by side."
                                        .formatted(Words.capital(out.reading().what()), out.from(), Readings.SEEN),
                                Styles.DANGER))
                        .orElseGet(() -> Nodes.label("They go together.", Styles.SECOND)));
        glosses(set).forEach(words -> box.getChildren().add(Nodes.label("Sheen apart: " + words, Styles.DANGER)));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private static List<String> glosses(List<Reading> set) {
        var all = new TreeMap<String, Double>();
        set.stream().filter(one -> one.gloss() >= 0).forEach(one -> all.put(one.what(), one.gloss()));
        return Readings.sheensApart(all);
    }

    private static Node drift(Readings.Drift step) {
        var apart = step.apart();
        var lamp = apart.lamplight().isPresent()
                ? String.format(
                        Locale.UK, ", %.1f by lamplight", apart.lamplight().getAsDouble())
                : "";
        var box = Nodes.column(
                4,
                Nodes.label("From %s to %s".formatted(named(step.from()), named(step.to())), Styles.STRONG),
                Nodes.row(
                        6,
                        ReadingCard.patch(step.from().lab()),
                        ReadingCard.patch(step.to().lab()),
                        Nodes.label(
                                String.format(Locale.UK, "%.1f by daylight%s", apart.daylight(), lamp),
                                Styles.MEASURE)));
        if (apart.isByOneLamp())
            box.getChildren().add(Nodes.label("They match under one lamp only: look at both.", Styles.DANGER));
        if (!apart.isTold())
            box.getChildren()
                    .add(Nodes.label(
                            String.format(
                                    Locale.UK,
                                    "As they were read it may be %.1f off: whether it is seen cannot be told from it.",
                                    apart.unsure()),
                            Styles.SECOND));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private static String named(Reading reading) {
        return "%s, %s".formatted(reading.of().word(), reading.what());
    }
}
