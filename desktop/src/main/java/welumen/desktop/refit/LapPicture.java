package welumen.desktop.refit;

import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.cabin.Cabin;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.measure.Lengths;
import welumen.strip.reach.CoverMap.CoveredEdge;

/** An edge cut through: the part beneath, the part that laps it, and how far the edge may be off and still hide. */
final class LapPicture extends VBox {
    private static final double WIDTH = 400;
    private static final double HEIGHT = 28;
    private static final double EDGE = 250;
    private static final double MOST_MM = 40;
    private static final double PX_PER_MM = 3;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LapPicture(CoveredEdge edge, Cabin cabin) {
        getChildren()
                .addAll(
                        Nodes.label(
                                "Lapped by the %s, %s"
                                        .formatted(cabin.one(edge.over()).name(), Lengths.near(edge.lapMm())),
                                Styles.NOTE),
                        cut(edge),
                        Nodes.label(
                                edge.needsFinish()
                                        ? "hardly covered: bind or fold this edge"
                                        : "may be %s short%s"
                                                .formatted(
                                                        Lengths.near(edge.safeShortMm()),
                                                        edge.safeLongMm() > 0
                                                                ? ", %s long".formatted(Lengths.near(edge.safeLongMm()))
                                                                : ""),
                                Styles.NOTE));
    }

    private static Pane cut(CoveredEdge edge) {
        var drawing = new Pane();
        drawing.setMinHeight(HEIGHT);
        var lap = Math.min(edge.lapMm(), MOST_MM) * PX_PER_MM;
        var hides = Math.min(edge.safeShortMm(), MOST_MM) * PX_PER_MM;
        var under = new Rectangle(0, 14, EDGE, 9);
        under.getStyleClass().add("lap-under");
        var spare = new Rectangle(EDGE - hides, 14, hides, 9);
        spare.getStyleClass().add("lap-spare");
        var over = new Rectangle(EDGE - lap, 4, WIDTH - EDGE + lap, 9);
        over.getStyleClass().add("lap-over");
        var mark = new Line(EDGE - hides, 14, EDGE - hides, HEIGHT);
        mark.getStyleClass().add("thread");
        drawing.getChildren().addAll(under, spare, over, mark);
        return drawing;
    }
}
