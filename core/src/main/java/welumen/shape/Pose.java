package welumen.shape;

import java.util.List;

/**
 * How a shape lies: flipped first where it is ((x, y) → (x, −y), which keeps a nap along x), then turned, then shifted.
 *
 * @param x shift in mm
 * @param y shift in mm
 * @param turnDegrees counter-clockwise about the origin, in [0, 360); quarter turns are exact
 */
public record Pose(double x, double y, double turnDegrees, boolean flipped) {
    public Pose {
        if (!Double.isFinite(x) || !Double.isFinite(y) || !Double.isFinite(turnDegrees))
            throw new IllegalArgumentException("The place (%s, %s, %s°) is not finite.".formatted(x, y, turnDegrees));
        turnDegrees = turnDegrees - 360 * Math.floor(turnDegrees / 360);
        if (turnDegrees >= 360) turnDegrees = 0;
    }

    /** The same turn and face, shifted to another place. */
    public Pose at(double newX, double newY) {
        return new Pose(newX, newY, turnDegrees, flipped);
    }

    public Point apply(Point point) {
        var y0 = flipped ? -point.y() : point.y();
        var cos = cos(turnDegrees);
        var sin = cos(turnDegrees - 90);
        return new Point(point.x() * cos - y0 * sin + x, point.x() * sin + y0 * cos + y);
    }

    /** The outline where it lies, counter-clockwise again where the flip turned it over. */
    public Outline apply(Outline outline) {
        List<Point> moved = outline.corners().stream().map(this::apply).toList();
        return new Outline(flipped ? moved.reversed() : moved);
    }

    public Shape apply(Shape shape) {
        return new Shape(
                apply(shape.outline()), shape.holes().stream().map(this::apply).toList());
    }

    /** Where a direction on the shape points once it lies, in degrees. */
    public double applyToDirection(double degrees) {
        return (flipped ? -degrees : degrees) + turnDegrees;
    }

    private static double cos(double degrees) {
        var within = degrees - 360 * Math.floor(degrees / 360);
        if (within == 0) return 1;
        if (within == 180) return -1;
        if (within == 90 || within == 270) return 0;
        return Math.cos(Math.toRadians(within));
    }
}
