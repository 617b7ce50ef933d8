package welumen.shape;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.overlayng.RingClipper;
import org.locationtech.jts.operation.valid.IsValidOp;

/** The way between our shapes and the JTS library's, in both directions. */
public final class Planar {
    public static final GeometryFactory FACTORY = new GeometryFactory();

    private Planar() {}

    public static Polygon polygon(Outline outline) {
        return FACTORY.createPolygon(closed(outline.corners()));
    }

    public static Polygon polygon(Shape shape) {
        var holes = shape.holes().stream().map(hole -> FACTORY.createLinearRing(closed(hole.corners())));
        return FACTORY.createPolygon(
                FACTORY.createLinearRing(closed(shape.outline().corners())), holes.toArray(LinearRing[]::new));
    }

    /** What keeps a shape from being one: a hole outside its outline, or holes that cross. Empty for a sound shape. */
    public static Optional<String> fault(Shape shape) {
        var check = new IsValidOp(polygon(shape));
        if (check.isValid()) return Optional.empty();
        var at = check.getValidationError().getCoordinate();
        return Optional.of(
                "has a hole that lies outside it or crosses another ring, at (%s, %s)".formatted(at.x, at.y));
    }

    /** The shell of a polygon as an outline, counter-clockwise. */
    public static Outline outline(Polygon polygon) {
        return Outline.ofRing(points(polygon.getExteriorRing().getCoordinates()))
                .orThrow();
    }

    /** The middle of its area, its holes not counted. */
    public static Point centroid(Shape shape) {
        return point(polygon(shape));
    }

    /** The middle of its area. */
    public static Point centroid(Outline outline) {
        return point(polygon(outline));
    }

    private static Point point(Polygon polygon) {
        var middle = polygon.getCentroid();
        return new Point(middle.getX(), middle.getY());
    }

    /** The area of a shape without its holes, in mm², where those may reach over the edge or over each other. */
    public static double areaLeft(Shape shape) {
        if (shape.holes().isEmpty()) return shape.outline().area();
        var holes = OverlayNGRobust.union(
                shape.holes().stream().<Geometry>map(Planar::polygon).toList());
        return OverlayNGRobust.overlay(polygon(shape.outline()), holes, OverlayNG.DIFFERENCE)
                .getArea();
    }

    /** How much of an outline's area lies within a box, in mm². */
    public static double areaWithin(Outline outline, Box box) {
        var clipper = new RingClipper(new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY()));
        return Area.ofRing(clipper.clip(closed(outline.corners())));
    }

    /** The largest polygon of a geometry, without its holes; empty where there is none. */
    public static Optional<Polygon> largest(Geometry geometry) {
        return polygons(geometry).stream()
                .filter(polygon -> !polygon.isEmpty())
                .max(Comparator.comparingDouble(Polygon::getArea))
                .map(polygon -> FACTORY.createPolygon(polygon.getExteriorRing()));
    }

    /** A polygon as a shape with its holes. */
    public static Shape shape(Polygon polygon) {
        var holes = Stream.iterate(0, i -> i < polygon.getNumInteriorRing(), i -> i + 1)
                .map(i -> Outline.ofRing(points(polygon.getInteriorRingN(i).getCoordinates())))
                .flatMap(ring -> ring.understood().stream()); // a sliver without an area is no hole
        return new Shape(outline(polygon), holes.toList());
    }

    /** The polygons that a geometry is made of. */
    public static List<Polygon> polygons(Geometry geometry) {
        return Stream.iterate(0, i -> i < geometry.getNumGeometries(), i -> i + 1)
                .map(geometry::getGeometryN)
                .filter(Polygon.class::isInstance)
                .map(Polygon.class::cast)
                .toList();
    }

    public static List<Point> points(Coordinate[] coordinates) {
        return Stream.of(coordinates).map(c -> new Point(c.x, c.y)).toList();
    }

    static Coordinate[] closed(List<Point> corners) {
        return Stream.concat(corners.stream(), Stream.of(corners.getFirst()))
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new);
    }
}
