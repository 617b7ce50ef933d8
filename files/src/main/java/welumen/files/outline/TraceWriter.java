package welumen.files.outline;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.util.List;
import welumen.files.dxf.DxfDrawing;
import welumen.files.dxf.Layer;
import welumen.shape.Point;
import welumen.trace.Segment;
import welumen.trace.Traced;

/** Writes what a photo showed, as {@code welumen-outline/1} and as DXF. */
public final class TraceWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private TraceWriter() {}

    /** So that what it needs is loaded before it writes. */
    public static void ready() {
        MAPPER.writerWithDefaultPrettyPrinter();
    }

    public static String json(Traced traced) {
        var file = MAPPER.createObjectNode();
        file.put("format", OutlineReader.FORMAT);
        ring(file.putArray("outline"), traced.shape().outline().corners());
        var holes = file.putArray("holes");
        for (var hole : traced.shape().holes()) ring(holes.addArray(), hole.corners());
        var segments = file.putArray("segments");
        for (var segment : traced.segments())
            switch (segment) {
                case Segment.Line(var start, var end) -> {
                    var line = segments.addObject().putArray("line");
                    point(line.addArray(), start);
                    point(line.addArray(), end);
                }
                case Segment.Arc arc -> {
                    var node = segments.addObject().putObject("arc");
                    point(node.putArray("centre"), arc.centre());
                    node.put("radius", rounded(arc.radius()));
                    node.put("from", degrees(arc.from()));
                    node.put("to", degrees(arc.from() + arc.turn()));
                }
            }
        var circles = file.putArray("circles");
        for (var circle : traced.circles()) {
            var node = circles.addObject();
            point(node.putArray("centre"), circle.centre());
            node.put("diameter", rounded(circle.diameter()));
        }
        file.put("targets", traced.targets());
        file.put("residual", rounded(traced.residualMm()));
        file.put("millimetresPerPixel", rounded(traced.millimetresPerPixel()));
        var warnings = file.putArray("warnings");
        traced.warnings().forEach(warnings::add);
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(file) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void ring(ArrayNode into, List<Point> ring) {
        for (var corner : ring) point(into.addArray(), corner);
    }

    private static void point(ArrayNode into, Point point) {
        into.add(rounded(point.x())).add(rounded(point.y()));
    }

    private static double rounded(double mm) {
        return Math.round(mm * 1e4) / 1e4;
    }

    /** An arc that runs clockwise goes down from its beginning. */
    private static double degrees(double radians) {
        return Math.round(Math.toDegrees(radians) * 1e5) / 1e5;
    }

    /** Lines, arcs and circles; a hole that is not round as a ring. */
    public static String dxf(Traced traced, String name) {
        var block = new DxfDrawing().block(name);
        for (var segment : traced.segments())
            switch (segment) {
                case Segment.Line(var start, var end) -> block.line(Layer.BOUNDARY, start, end);
                case Segment.Arc arc -> {
                    var from = Math.toDegrees(arc.turn() > 0 ? arc.from() : arc.from() + arc.turn());
                    block.arc(
                            Layer.BOUNDARY,
                            arc.centre(),
                            arc.radius(),
                            from,
                            from + Math.toDegrees(Math.abs(arc.turn())));
                }
            }
        for (var circle : traced.circles()) block.circle(Layer.DRILL, circle.centre(), circle.diameter() / 2);
        for (var hole : traced.shape().holes())
            if (traced.circles().stream()
                    .noneMatch(circle ->
                            isAbout(circle, hole.box().minX(), hole.box().maxX())))
                block.ring(Layer.CUT_OUT, hole.corners());
        return block.done().text();
    }

    private static boolean isAbout(Traced.Circle circle, double minX, double maxX) {
        return Math.abs((minX + maxX) / 2 - circle.centre().x()) < 0.1
                && Math.abs(maxX - minX - circle.diameter()) < 0.1;
    }
}
