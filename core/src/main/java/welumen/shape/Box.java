package welumen.shape;

import java.util.List;

/** An upright rectangle in millimetres. */
public record Box(double minX, double minY, double maxX, double maxY) {

    /** The smallest box round some points. */
    public static Box of(List<Point> points) {
        var first = points.getFirst();
        var minX = first.x();
        var minY = first.y();
        var maxX = first.x();
        var maxY = first.y();
        for (var point : points) { // asked for thousands of times a second while something is drawn
            minX = Math.min(minX, point.x());
            minY = Math.min(minY, point.y());
            maxX = Math.max(maxX, point.x());
            maxY = Math.max(maxY, point.y());
        }
        return new Box(minX, minY, maxX, maxY);
    }

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }

    public Outline outline() {
        return new Outline(
                List.of(new Point(minX, minY), new Point(maxX, minY), new Point(maxX, maxY), new Point(minX, maxY)));
    }

    public Point middle() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    public double area() {
        return width() * height();
    }

    /** The smallest box round both. */
    public Box with(Box other) {
        return new Box(
                Math.min(minX, other.minX),
                Math.min(minY, other.minY),
                Math.max(maxX, other.maxX),
                Math.max(maxY, other.maxY));
    }
}
