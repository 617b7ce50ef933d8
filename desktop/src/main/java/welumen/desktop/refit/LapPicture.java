package welumen.desktop.refit;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.cabin.Cabin;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.measure.Lengths;
import welumen.strip.reach.CoverMap.CoveredEdge;

/** An edge cut through: the part beneath, the part that laps it, and how far the edge may be off and still hide. */
final class LapPicture extends Pane {
    private static final double WIDTH = 400;
    private static final double EDGE = 250;
    private static final double MOST_MM = 40;
    private static final double PX_PER_MM = 3;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LapPicture(CoveredEdge edge, Cabin cabin) {
        setPrefSize(WIDTH, 62);
        setMinHeight(62);
        var lap = Math.min(edge.lapMm(), MOST_MM) * PX_PER_MM;
        var hides = Math.min(edge.safeShortMm(), MOST_MM) * PX_PER_MM;
        var under = new Rectangle(0, 26, EDGE, 9);
        under.getStyleClass().add("lap-under");
        var spare = new Rectangle(EDGE - hides, 26, hides, 9);
        spare.getStyleClass().add("lap-spare");
        var over = new Rectangle(EDGE - lap, 16, WIDTH - EDGE + lap, 9);
        over.getStyleClass().add("lap-over");
        var mark = new Line(EDGE - hides, 26, EDGE - hides, 40);
        mark.getStyleClass().add("thread");
        getChildren().addAll(under, spare, over, mark);
        place(cabin.one(edge.over()).name() + ", laps %s".formatted(Lengths.near(edge.lapMm())), EDGE - lap, -2);
        place(
                edge.needsFinish()
                        ? "hardly covered: bind or fold this edge"
                        : "may be %s short%s"
                                .formatted(
                                        Lengths.near(edge.safeShortMm()),
                                        edge.safeLongMm() > 0
                                                ? ", %s long".formatted(Lengths.near(edge.safeLongMm()))
                                                : ""),
                0,
                42);
    }

    /** As near to its place as there is room for. */
    private void place(String words, double x, double y) {
        var label = Nodes.whole(words, Styles.NOTE);
        label.setLayoutY(y);
        getChildren().add(label);
        widthProperty().subscribe(() -> label.setLayoutX(Math.max(0, Math.min(x, getWidth() - label.prefWidth(-1)))));
        label.widthProperty()
                .subscribe(() -> label.setLayoutX(Math.max(0, Math.min(x, getWidth() - label.getWidth()))));
    }
}
