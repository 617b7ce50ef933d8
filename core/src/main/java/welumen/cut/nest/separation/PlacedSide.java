package welumen.cut.nest.separation;

import java.util.random.RandomGenerator;
import welumen.shape.Box;
import welumen.shape.Point;

/** A straight side of something as it lies, all of that on its left. */
record PlacedSide(double ax, double ay, double bx, double by) {
    /** Any of a body's, the longer ones more often. */
    static PlacedSide of(PlacedForm body, RandomGenerator random) {
        var at = body.form().sideAt(random.nextDouble());
        return new PlacedSide(body.ax[at], body.ay[at], body.bx[at], body.by[at]);
    }

    /** Part of one of a box's, from a corner on: what lies beside it lies in the box. */
    static PlacedSide of(Box box, RandomGenerator random) {
        var part = random.nextDouble();
        var across = part * box.width();
        var up = part * box.height();
        return switch (random.nextInt(4)) {
            case 0 -> new PlacedSide(box.maxX(), box.minY(), box.maxX() - across, box.minY());
            case 1 -> new PlacedSide(box.minX(), box.minY(), box.minX(), box.minY() + up);
            case 2 -> new PlacedSide(box.minX(), box.maxY(), box.minX() + across, box.maxY());
            default -> new PlacedSide(box.maxX(), box.maxY(), box.maxX(), box.maxY() - up);
        };
    }

    /** How a form is turned whose side runs along this one, the other way; in radians. */
    double turnOf(Form form, int side) {
        return Math.atan2(by - ay, bx - ax)
                + Math.PI
                - Math.atan2(form.by[side] - form.ay[side], form.bx[side] - form.ax[side]);
    }

    /** Where the middle of a form turned so lies whose side ends where this one begins, or else begins where this one ends. */
    Point middleOf(Form form, int side, double turn, boolean isAtStart) {
        var fromX = isAtStart ? form.bx[side] : form.ax[side];
        var fromY = isAtStart ? form.by[side] : form.ay[side];
        var cos = Math.cos(turn);
        var sin = Math.sin(turn);
        return new Point(
                (isAtStart ? ax : bx) - fromX * cos + fromY * sin, (isAtStart ? ay : by) - fromX * sin - fromY * cos);
    }
}
