package welumen.desktop.intake;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.Styles;
import welumen.pattern.Likeness.LineAcross;

/** A line that goes on over a gap, its miss drawn larger than it is. */
final class AcrossPicture extends Pane {
    private static final double WIDE = 120;
    private static final double HIGH = 56;
    private static final double GAP = 24;
    /** Pixels a mm of miss; what is off is to be seen. */
    private static final double LARGER = 3;

    private static final double MOST = 18;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    AcrossPicture(LineAcross line) {
        getStyleClass().add(Styles.FELT);
        setMinSize(WIDE, HIGH);
        setMaxSize(WIDE, HIGH);
        setClip(new Rectangle(WIDE, HIGH));
        setAccessibleText(line.found());
        var left = (WIDE - GAP) / 2;
        var right = left + GAP;
        var middle = HIGH / 2;
        var rise = Math.tan(Math.toRadians(line.oneDegrees()));
        var onward = Math.tan(Math.toRadians(line.otherDegrees()));
        var begins = middle - GAP * rise - Math.clamp(line.missMm() * LARGER, -MOST, MOST);
        getChildren()
                .addAll(
                        drawn(0, middle + left * rise, left, middle, "walk-curve"),
                        drawn(left, middle, right, middle - GAP * rise, "chalk-dash"),
                        drawn(right, begins, WIDE, begins - (WIDE - right) * onward, "walk-curve"),
                        drawn(left, 0, left, HIGH, "axis"),
                        drawn(right, 0, right, HIGH, "axis"));
    }

    private static Line drawn(double x, double y, double toX, double toY, String style) {
        var line = new Line(x, y, toX, toY);
        line.getStyleClass().add(style);
        return line;
    }
}
