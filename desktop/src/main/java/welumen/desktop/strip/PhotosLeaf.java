package welumen.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MarkedPhoto;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.Thumbnail;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.evidence.Moment;
import welumen.evidence.PartPhoto;
import welumen.evidence.PhotoMark;
import welumen.job.JobChange.InAlbum;
import welumen.shape.Point;
import welumen.strip.account.MustPhoto;

/** The picked part's photos, one of them large with the marks that are drawn over it, and what it looked like before. */
final class PhotosLeaf extends Leaf {
    /** A stroke shorter than this share of the photo was a press. */
    private static final double LEAST = 0.02;
    /** From its tail to its tip, where only the tip was pressed. */
    private static final Point ARROW = new Point(0.08, 0.08);

    private final FlowPane small = new FlowPane(8, 8);
    private final MarkedPhoto large;
    private final MarkedPhoto earlier;
    private final Label said = Nodes.label("", Styles.SECOND);
    private final TextField text = new TextField();
    private Pen pen = Pen.RING;
    private final FlowPane pens = new FlowPane(8, 8);
    private @Nullable String shown;

    /** What a stroke on the photo draws. */
    private enum Pen {
        ARROW("Arrow"),
        RING("Ring"),
        NUMBER("Number"),
        WORDS("Words");

        private final String word;

        Pen(String word) {
            this.word = word;
        }
    }

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PhotosLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        large = new MarkedPhoto(model.photos()).marked(this::stroke);
        earlier = new MarkedPhoto(model.photos()); // to be looked at only
        earlier.setId("photo-before");
        text.setPromptText("words to write on it");
        text.setId("mark-words");
        text.setAccessibleText("Words to write on the photo");
        text.setPrefWidth(180);
        said.setId("photos-said");
        var after =
                Nodes.button("Photo, after", "A photo of the part as it is now, beside the one before", this::after);
        after.setId("photo-after");
        HBox.setHgrow(small, Priority.ALWAYS);
        var row = Nodes.row(10, after, small);
        row.setMinHeight(USE_PREF_SIZE);
        pens.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(large, Priority.ALWAYS);
        HBox.setHgrow(earlier, Priority.ALWAYS);
        earlier.managedProperty().bind(earlier.visibleProperty());
        var both = Nodes.row(10, earlier, large);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(said, row, pens, both);
    }

    @Override
    protected void refresh() {
        var photos = model.picked().map(this::photos).orElse(List.of());
        if (shown == null || !photos.contains(shown)) shown = photos.isEmpty() ? null : photos.getLast();
        small.getChildren().clear();
        for (var photo : photos) {
            var one = Thumbnail.of(model, List.of(photo));
            one.setOnMouseClicked(_ -> {
                shown = photo;
                refresh();
            });
            small.getChildren().add(one);
        }
        var pair = model.picked().flatMap(part -> model.job().album().pair(part.id()));
        said.setText(pair.map(both -> "Before: %s. After: %s.".formatted(when(both.before()), when(both.after())))
                .orElseGet(() -> lacking(photos.size())));
        showPens();
        pens.setVisible(shown != null);
        large.show(shown == null ? "" : shown, marks());
        large.setVisible(shown != null);
        var before = pair.filter(both -> both.after().photo().equals(shown))
                .map(both -> both.before().photo())
                .orElse("");
        earlier.show(before, before.isEmpty() ? List.of() : model.job().album().marksOn(before));
        earlier.setVisible(!before.isEmpty());
    }

    /** What must be in a picture before it comes off, or was not. */
    private String lacking(int taken) {
        var lacking = model.picked()
                .map(part -> MustPhoto.lacking(part, model.job().strip(), taken))
                .orElse(List.of());
        if (lacking.isEmpty()) return "Pull over the photo to mark it; Ctrl+Z takes a mark back.";
        var off = model.picked()
                .filter(part -> model.job().strip().everOff().contains(part.id()))
                .isPresent();
        return "%s: %s.%s"
                .formatted(
                        off ? "It came off without a picture of" : "Wanted before it comes off (F8)",
                        lacking.stream().map(MustPhoto::words).collect(Collectors.joining("; ")),
                        off ? " Is its fellow on the other side still whole?" : "");
    }

    private String when(PartPhoto photo) {
        return Words.when(photo.taken(), model.nowProperty().get(), model.zone());
    }

    private List<String> photos(Part part) {
        var ofSteps = model.job().strip().stepsOn(part.id()).stream().flatMap(step -> step.photos().stream());
        var others = model.job().album().of(part.id()).stream().map(PartPhoto::photo);
        return Stream.concat(ofSteps, others).distinct().toList();
    }

    private List<PhotoMark> marks() {
        return shown == null ? List.of() : model.job().album().marksOn(shown);
    }

    private void showPens() {
        pens.getChildren().clear();
        for (var one : Pen.values()) {
            var button = Nodes.button(one.word, "Draw it by pulling over the photo", () -> {
                pen = one;
                showPens();
            });
            button.setId("pen-" + one.word.toLowerCase(Locale.ROOT));
            if (one == pen) button.getStyleClass().add(Styles.CHIEF);
            pens.getChildren().add(button);
        }
        if (pen == Pen.WORDS) pens.getChildren().add(text);
    }

    /** A press that went nowhere is an arrow from above it. */
    private void stroke(Point from, Point to) {
        if (shown == null) return;
        var marks = new ArrayList<>(marks());
        marks.add(
                switch (pen) {
                    case ARROW -> new PhotoMark.Arrow(from.to(to) < LEAST ? to.minus(ARROW) : from, to);
                    case RING ->
                        new PhotoMark.Ring(from, Math.max(0.04, Math.hypot(to.x() - from.x(), to.y() - from.y())));
                    case NUMBER ->
                        new PhotoMark.Numbered(
                                to,
                                1
                                        + (int) marks.stream()
                                                .filter(PhotoMark.Numbered.class::isInstance)
                                                .count());
                    case WORDS ->
                        new PhotoMark.Written(
                                to,
                                text.getText().isBlank()
                                        ? "here"
                                        : text.getText().strip());
                });
        model.make(new InAlbum(new PhotoMarked(shown, marks)));
    }

    private void after() {
        model.picked()
                .ifPresent(part -> model.photos().take(part).ifPresent(photo -> {
                    shown = photo;
                    model.make(new InAlbum(new PhotoKept(new PartPhoto(
                            part.id(), photo, Moment.AFTER, model.nowProperty().get()))));
                }));
    }
}
