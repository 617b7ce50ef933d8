package welumen.survey;

import java.util.List;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

/** Where on a part something was found: on its outline, in mm from the lower left, or on a photo of it. */
public sealed interface Mark {
    record Dot(Point at) implements Mark {
        @Override
        public double sizeMm() {
            return 0;
        }
    }

    /** A crack, a seam, an edge. */
    record Run(List<Point> points) implements Mark {
        public Run {
            points = List.copyOf(points);
            if (points.size() < 2) throw new IllegalArgumentException("A line has at least two points.");
        }

        @Override
        public Point at() {
            return points.get(points.size() / 2);
        }

        /** Its length. */
        @Override
        public double sizeMm() {
            var length = 0.0;
            for (var i = 1; i < points.size(); i++) length += points.get(i - 1).to(points.get(i));
            return length;
        }
    }

    /** A stain, a faded field, rust. */
    record Patch(Outline around) implements Mark {
        @Override
        public Point at() {
            var box = around.box();
            return new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
        }

        /** The longer side of what is round it. */
        @Override
        public double sizeMm() {
            Box box = around.box();
            return Math.max(box.width(), box.height());
        }
    }

    /**
     * On a photo of the part.
     *
     * @param photo its content hash
     * @param share where on it, in shares of its width and height from its upper left
     * @param at where that is on the outline, as near as can be said
     */
    record OnPhoto(String photo, Point share, Point at) implements Mark {
        @Override
        public double sizeMm() {
            return 0;
        }
    }

    /** Where its number stands. */
    Point at();

    /** What it measures by itself; 0 for a dot, whose size is said. */
    double sizeMm();

    /** The same mark with its number at another place of the outline. */
    default Mark movedTo(Point to) {
        var by = to.minus(at());
        return switch (this) {
            case Dot _ -> new Dot(to);
            case Run(var points) ->
                new Run(points.stream().map(point -> point.plus(by)).toList());
            case Patch(var around) -> new Patch(new Pose(by.x(), by.y(), 0, false).apply(around));
            case OnPhoto(var photo, var share, var _) -> new OnPhoto(photo, share, to);
        };
    }

    /** The same elsewhere on its photo; what is on none is not moved by it. */
    default Mark movedOnPhoto(Point share) {
        return this instanceof OnPhoto(var photo, var _, var there) ? new OnPhoto(photo, share, there) : this;
    }
}
