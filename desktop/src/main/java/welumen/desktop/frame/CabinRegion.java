package welumen.desktop.frame;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;
import welumen.cabin.Part;
import welumen.cabin.PartState;
import welumen.cabin.Spot;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.desktop.model.JobModel;
import welumen.job.WorkStage;

/** One place of the unfolded cabin: its border tells the state of its most telling part, and a word says it too. */
final class CabinRegion extends Group {
    /** The state that a place shows is the first of these that one of its parts has. */
    private static final List<PartState> TELLING = List.of(
            PartState.HELD, PartState.OUT, PartState.ON_BENCH, PartState.READY, PartState.FITTED, PartState.IN_CAR);

    /** Pixels beside the click at which the list stands, so that the place can be clicked again. */
    private static final double LIST_OFF = 28;

    private final JobModel model;
    private final Spot spot;
    private final double scale;
    private final Polygon shape = new Polygon();
    private final Group pattern = new Group();
    private final Label word = new Label();
    private final ContextMenu here = new ContextMenu();

    CabinRegion(JobModel model, Spot spot, double scale) {
        this.model = model;
        this.spot = spot;
        this.scale = scale;
        for (var corner : spot.corners()) shape.getPoints().addAll(corner.x() * scale, corner.y() * scale);
        shape.setFocusTraversable(true);
        shape.setAccessibleRole(AccessibleRole.BUTTON);
        here.setConsumeAutoHidingEvents(false); // a second click on the place picks on
        here.setId("parts-here");
        shape.setOnMouseClicked(mouse -> {
            pick();
            list(mouse.getScreenX(), mouse.getScreenY());
        });
        shape.setOnKeyPressed(key -> {
            if (key.getCode() != KeyCode.ENTER && key.getCode() != KeyCode.SPACE) return;
            pick();
            key.consume();
        });
        pattern.setMouseTransparent(true);
        getChildren().addAll(shape, pattern);
        if (spot.box().width() > 20) getChildren().add(words());
        setId("spot-" + spot.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    void refresh() {
        var parts = model.job().cabin().at(spot);
        var state = telling(parts);
        shape.getStyleClass().setAll("region", Styles.of(state));
        var picked = model.picked().map(Part::spot).orElse(null) == spot;
        shape.pseudoClassStateChanged(Styles.PICKED, picked);
        if (picked) toFront();
        word.setText((state == PartState.HELD ? "held" : shortened(spot)) + open(parts));
        word.getStyleClass().setAll("region-word", Styles.of(state));
        var said = parts.stream()
                .map(part -> part.title() + ": " + model.stateOf(part.id()).word())
                .toList();
        shape.setAccessibleText(spot.word() + ". " + String.join(". ", said));
        Tips.on(shape, said.isEmpty() ? spot.word() : String.join("\n", said));
        pattern.getChildren().setAll(pattern(state));
        pattern.setClip(
                pattern.getChildren().isEmpty() ? null : copy()); // a clip that cuts nothing is painted all the same
    }

    /** While parts are looked at: on how many here something was found that is not done. */
    private String open(List<Part> parts) {
        if (model.stageProperty().get() != WorkStage.SURVEY) return "";
        var open = parts.stream()
                .filter(part -> !model.job().survey().on(part.id()).isEmpty()
                        && !model.job().choices().isDone(part.id()))
                .count();
        return open == 0 ? "" : " · " + open;
    }

    /** The first part here; picked again, the next one. */
    private void pick() {
        var here = model.job().cabin().at(spot);
        if (here.isEmpty()) return;
        var at = model.picked().map(here::indexOf).orElse(-1);
        model.pickedProperty().set(here.get((at + 1) % here.size()).id());
    }

    /** Where several parts lie, they are listed beside the click, each to be picked. */
    private void list(double x, double y) {
        var parts = model.job().cabin().at(spot);
        if (parts.size() < 2) return;
        here.getItems().setAll(parts.stream().map(this::item).toList());
        here.show(shape, x + LIST_OFF, y);
    }

    private MenuItem item(Part part) {
        var isPicked = model.picked().map(part::equals).orElse(false);
        var item = new MenuItem("%s%s: %s"
                .formatted(
                        isPicked ? "• " : "",
                        part.title(),
                        model.stateOf(part.id()).word()));
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> model.pickedProperty().set(part.id()));
        return item;
    }

    private PartState telling(List<Part> parts) {
        return parts.stream()
                .map(part -> model.stateOf(part.id()))
                .min(Comparator.comparingInt(TELLING::indexOf))
                .orElse(PartState.IN_CAR);
    }

    /** The last word of a place: on so small a drawing its position says the rest. */
    private static String shortened(Spot spot) {
        return spot == Spot.REAR_SEAT || spot == Spot.LOAD_SPACE || spot == Spot.BENCH
                ? spot.word()
                : spot.word().substring(spot.word().lastIndexOf(' ') + 1);
    }

    private Node words() {
        var box = spot.box();
        word.setMinWidth(Region.USE_PREF_SIZE);
        var plate = new StackPane(word);
        plate.setAlignment(Pos.CENTER);
        plate.setMouseTransparent(true);
        plate.resizeRelocate(box.minX() * scale, wordY() * scale - 12, box.width() * scale, 24);
        plate.setMinSize(box.width() * scale, 24);
        plate.setMaxSize(box.width() * scale, 24);
        plate.setLayoutX(box.minX() * scale);
        plate.setLayoutY(wordY() * scale - 12);
        return plate;
    }

    /** A front floor is half under its seat, so its word stands in the half that shows. */
    private double wordY() {
        var box = spot.box();
        return switch (spot) {
            case FLOOR_FRONT_LEFT, FLOOR_FRONT_RIGHT -> box.minY() + 20;
            default -> (box.minY() + box.maxY()) / 2;
        };
    }

    private List<? extends Node> pattern(PartState state) {
        return switch (state) {
            case HELD -> List.of(crosses());
            case FITTED -> List.of(hatch(7));
            case ON_BENCH -> List.of(hatch(4));
            case READY -> List.of(second());
            case IN_CAR, OUT -> List.of();
        };
    }

    private Path hatch(double step) {
        var box = spot.box();
        var hatch = new Path();
        hatch.getStyleClass().add("region-hatch");
        for (var x = box.minX() - box.height(); x < box.maxX(); x += step)
            hatch.getElements()
                    .addAll(
                            new MoveTo(x * scale, box.maxY() * scale),
                            new LineTo((x + box.height()) * scale, box.minY() * scale));
        return hatch;
    }

    private Path crosses() {
        var box = spot.box();
        var crosses = new Path();
        crosses.getStyleClass().add("region-crosses");
        for (var y = box.minY() + 8; y < box.maxY(); y += 16)
            for (var x = box.minX() + 8; x < box.maxX(); x += 16)
                crosses.getElements()
                        .addAll(
                                new MoveTo(x * scale - 3, y * scale - 3),
                                new LineTo(x * scale + 3, y * scale + 3),
                                new MoveTo(x * scale - 3, y * scale + 3),
                                new LineTo(x * scale + 3, y * scale - 3));
        return crosses;
    }

    private Polygon second() {
        var inner = copy();
        inner.getStyleClass().setAll("region-second");
        var box = spot.box();
        inner.setScaleX(1 - 8 / (box.width() * scale));
        inner.setScaleY(1 - 8 / (box.height() * scale));
        return inner;
    }

    private Polygon copy() {
        var copy = new Polygon();
        copy.getPoints().setAll(shape.getPoints());
        return copy;
    }
}
