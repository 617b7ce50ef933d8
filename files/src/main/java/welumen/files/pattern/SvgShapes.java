package welumen.files.pattern;

import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/** The simple closed shapes of an SVG file, as the data of a path. */
final class SvgShapes {
    private SvgShapes() {}

    /** Empty for what is no closed shape, or has no size that can be read. */
    static Optional<String> data(XMLStreamReader in) {
        return switch (in.getLocalName()) {
            case "polygon" ->
                Optional.ofNullable(in.getAttributeValue(null, "points")).map("M %s Z"::formatted);
            case "rect" -> rectangle(in);
            case "circle" -> ellipse(in, number(in, "r"), number(in, "r"));
            case "ellipse" -> ellipse(in, number(in, "rx"), number(in, "ry"));
            default -> Optional.empty();
        };
    }

    private static Optional<String> rectangle(XMLStreamReader in) {
        var wide = number(in, "width");
        var high = number(in, "height");
        var isRound = number(in, "rx") != null || number(in, "ry") != null;
        return wide == null || high == null || isRound
                ? Optional.empty()
                : Optional.of("M %s %s h %s v %s h -%s Z".formatted(at(in, "x"), at(in, "y"), wide, high, wide));
    }

    private static Optional<String> ellipse(XMLStreamReader in, @Nullable String rx, @Nullable String ry) {
        return rx == null || ry == null
                ? Optional.empty()
                : Optional.of(ellipse(
                        Double.parseDouble(at(in, "cx")),
                        Double.parseDouble(at(in, "cy")),
                        Double.parseDouble(rx),
                        Double.parseDouble(ry)));
    }

    private static String ellipse(double x, double y, double rx, double ry) {
        return "M %s %s a %s %s 0 1 0 %s 0 a %s %s 0 1 0 -%s 0 Z".formatted(x - rx, y, rx, ry, 2 * rx, rx, ry, 2 * rx);
    }

    private static String at(XMLStreamReader in, String attribute) {
        var number = in.getAttributeValue(null, attribute);
        return number != null && number.matches("-?[0-9]{1,9}(\\.[0-9]{1,9})?") ? number : "0";
    }

    private static @Nullable String number(XMLStreamReader in, String attribute) {
        var number = in.getAttributeValue(null, attribute);
        return number != null && number.matches("[0-9]{1,9}(\\.[0-9]{1,9})?") ? number : null;
    }
}
