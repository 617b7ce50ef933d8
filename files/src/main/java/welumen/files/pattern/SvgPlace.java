package welumen.files.pattern;

import java.awt.geom.AffineTransform;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.TransformListParser;
import org.jspecify.annotations.Nullable;
import welumen.files.json.BadFile;
import welumen.shape.Point;

/**
 * From a place in an SVG file to mm: by the size that the drawing gives itself and its view box, and by the transforms of all
 * elements around. A drawing that gives itself no size is taken to be in mm, one without a unit to be in pixels of a 96th
 * of an inch, as the standard has it.
 */
final class SvgPlace {
    private static final double PIXEL_MM = 25.4 / 96;
    private static final Map<String, Double> UNITS = Map.of(
            "", PIXEL_MM, "px", PIXEL_MM, "mm", 1.0, "cm", 10.0, "in", 25.4, "pt", 25.4 / 72, "pc", 25.4 / 6, "q",
            0.25);
    private static final Pattern LENGTH = Pattern.compile("\\s*([0-9.]{1,15}(?:e-?\\d)?)\\s*([a-zA-Z]{0,2})\\s*");
    private static final double PLAIN = 1e-6;

    private final Deque<AffineTransform> around = new ArrayDeque<>();

    /** An element begins; whatever is drawn within it is placed by it too. */
    void enter(XMLStreamReader in) throws BadFile {
        var here = around.isEmpty() ? new AffineTransform() : new AffineTransform(around.peek());
        if (in.getLocalName().equals("svg")) {
            if (!around.isEmpty()) throw wrong(in, "a drawing lies within the drawing. Save it again as plain SVG.");
            here.concatenate(scale(in));
        }
        var transform = in.getAttributeValue(null, "transform");
        if (transform != null) here.concatenate(transform(transform, in));
        around.push(here);
    }

    void leave() {
        around.pop();
    }

    /** Whether shapes keep their size and are not turned here, so that words about them hold. */
    boolean isPlain() {
        var here = around.isEmpty() ? new AffineTransform() : around.peek();
        return Math.abs(here.getScaleX() - 1) < PLAIN
                && Math.abs(here.getScaleY() - 1) < PLAIN
                && Math.abs(here.getShearX()) < PLAIN
                && Math.abs(here.getShearY()) < PLAIN;
    }

    /** Points of a path, their y up, as they lie in mm. */
    List<Point> placed(List<Point> points) {
        if (around.isEmpty() || around.peek().isIdentity()) return points;
        var here = around.peek();
        return points.stream()
                .map(point -> {
                    var at = new double[] {point.x(), -point.y()};
                    here.transform(at, 0, at, 0, 1);
                    return new Point(at[0], -at[1] + 0.0);
                })
                .toList();
    }

    private static AffineTransform transform(String text, XMLStreamReader in) throws BadFile {
        var parser = new TransformListParser();
        var producer = new AWTTransformProducer();
        parser.setTransformListHandler(producer);
        parser.setErrorHandler(fault -> {
            throw fault;
        });
        try {
            parser.parse(new StringReader(text));
            return producer.getAffineTransform();
        } catch (ParseException | IllegalArgumentException fault) {
            throw wrong(
                    in, "the transform “%s” cannot be read.".formatted(text.substring(0, Math.min(20, text.length()))));
        }
    }

    /** The larger scale would not fit into the size that the drawing has, so that it is the smaller, both ways. */
    private static AffineTransform scale(XMLStreamReader in) throws BadFile {
        var wide = mm(in, "width");
        var high = mm(in, "height");
        var box = in.getAttributeValue(null, "viewBox");
        if (box == null) {
            var unit = wide == null ? 1 : PIXEL_MM;
            return AffineTransform.getScaleInstance(unit, unit);
        }
        var numbers = box.strip().split("[\\s,]+");
        if (numbers.length != 4) throw wrong(in, "the view box “%s” is none.".formatted(box));
        try {
            var boxWide = Double.parseDouble(numbers[2]);
            var boxHigh = Double.parseDouble(numbers[3]);
            if (!(boxWide > 0 && boxHigh > 0)) throw wrong(in, "the view box “%s” is none.".formatted(box));
            if (wide == null && high == null) return new AffineTransform();
            var x = wide != null ? wide / boxWide : Objects.requireNonNull(high) / boxHigh;
            var y = high == null ? x : high / boxHigh;
            return "none".equals(in.getAttributeValue(null, "preserveAspectRatio"))
                    ? AffineTransform.getScaleInstance(x, y)
                    : AffineTransform.getScaleInstance(Math.min(x, y), Math.min(x, y));
        } catch (NumberFormatException none) {
            throw wrong(in, "the view box “%s” is none.".formatted(box));
        }
    }

    /** Null where it says nothing, or only a share of something that nobody knows. */
    private static @Nullable Double mm(XMLStreamReader in, String attribute) throws BadFile {
        var text = in.getAttributeValue(null, attribute);
        if (text == null || text.strip().endsWith("%") || text.strip().equals("auto")) return null;
        var length = LENGTH.matcher(text);
        if (length.matches()) {
            var unit = UNITS.get(length.group(2).toLowerCase(Locale.ROOT));
            if (unit != null) return unit * Double.parseDouble(length.group(1));
        }
        throw wrong(
                in,
                "the drawing’s %s “%s” is in no unit that can be measured. Save it in mm.".formatted(attribute, text));
    }

    private static BadFile wrong(XMLStreamReader in, String what) {
        return new BadFile("line %d: %s".formatted(in.getLocation().getLineNumber(), what));
    }
}
