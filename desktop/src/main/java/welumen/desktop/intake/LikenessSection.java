package welumen.desktop.intake;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.Thumbnail;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.pattern.Likeness;
import welumen.pattern.LikenessText;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;

/** A design held against a reference: proportions within a limit, and lines that must go on over a gap. */
final class LikenessSection extends Leaf {
    private final WordLine<Likeness> typed;
    private final VBox list = new VBox(12);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LikenessSection(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        typed = new WordLine<Likeness>(
                        "likeness",
                        "A proportion as in the reference, or a line that goes on over a gap",
                        LikenessText::read,
                        likeness -> List.of(likeness.what(), likeness.found()))
                .example("What is measured on the reference, and on ours")
                .knows(
                        "A proportion",
                        "panel height 310 : 620, ours 305 : 640, within 3 %",
                        "Two measures on the reference, the same two on ours, and how far they may differ")
                .knows(
                        "A line over a gap",
                        "waist line 412 rising 2, over 8, 415 rising 2",
                        "How high it comes and how it rises, how wide the gap is, how it goes on")
                .onEnter(likeness -> model.make(new AtPattern(new LikenessWanted(likeness))), answer::setText);
        answer.setId("likeness-answer");
        list.setId("likenesses");
        getChildren()
                .addAll(
                        typed,
                        Nodes.label(
                                "Measure the reference in any unit, on a photo too; what is ours in mm or inches. Type a name again to measure it anew.",
                                Styles.NOTE),
                        Nodes.scroll(list));
    }

    @Override
    protected Node first() {
        return typed.field();
    }

    /** How many things here want an answer. */
    static int wanting(JobModel model) {
        return (int) model.job().patterns().known().likenesses().stream()
                .filter(likeness -> !likeness.isKept())
                .count();
    }

    @Override
    protected void refresh() {
        var all = model.job().patterns().known().likenesses();
        answer.setText(
                all.isEmpty()
                        ? "Nothing has been held against a reference yet."
                        : wanting(model) == 0
                                ? "All is as it is wanted: %s.".formatted(Words.many(all.size(), "measure"))
                                : "%s, %d of them off.".formatted(Words.many(all.size(), "measure"), wanting(model)));
        list.getChildren().setAll(all.stream().map(this::row).toList());
    }

    private Node row(Likeness likeness) {
        var told = Nodes.grown(Nodes.column(
                2,
                Nodes.label(Words.capital(likeness.what()), Styles.STRONG),
                Nodes.label(likeness.found(), likeness.isKept() ? Styles.MEASURE : Styles.DANGER)));
        told.setMinWidth(0);
        var photo = Nodes.button("Photo", "Take a picture of the reference", () -> picture(likeness));
        photo.setId("likeness-photo-" + likeness.what().replace(' ', '-'));
        photo.setDisable(part().isEmpty());
        var drop = Nodes.button(
                "Not any more",
                "It is no longer held against a reference",
                () -> model.make(new AtPattern(new LikenessDropped(likeness.what()))));
        var row = Nodes.row(
                12,
                Thumbnail.of(model, likeness.photos()),
                likeness instanceof Likeness.LineAcross line ? new AcrossPicture(line) : new Label(),
                told,
                photo,
                drop);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Optional<Part> part() {
        return model.picked()
                .or(() -> model.job().patterns().pieces().stream()
                        .findFirst()
                        .flatMap(piece -> model.job().cabin().findOne(piece.part())));
    }

    private void picture(Likeness likeness) {
        part().flatMap(model.photos()::take)
                .ifPresent(taken -> model.make(new AtPattern(new LikenessWanted(likeness.with(taken)))));
    }
}
