package welumen.trace;

import java.util.List;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * What a photo shows of a piece. Its place and turn on the plane mean nothing; it is never mirrored.
 *
 * @param shape outline and holes in mm
 * @param segments the outline as clean lines and arcs, counter-clockwise
 * @param circles the holes that are round
 * @param targets how many were used
 * @param residualMm the root mean square misfit of their corners
 * @param millimetresPerPixel about the photo's middle
 * @param warnings what makes it less sure than it looks
 */
public record Traced(
        Shape shape,
        List<Segment> segments,
        List<Circle> circles,
        int targets,
        double residualMm,
        double millimetresPerPixel,
        List<String> warnings) {
    /** A round hole. */
    public record Circle(Point centre, double diameter) {}

    public Traced {
        segments = List.copyOf(segments);
        circles = List.copyOf(circles);
        warnings = List.copyOf(warnings);
    }
}
