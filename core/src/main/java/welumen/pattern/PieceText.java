package welumen.pattern;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Point;

/**
 * Draws a piece from one typed line: its name, its width, “by” or ×, its height, and, where it tapers, “top” with the
 * width there. {@code outer bolster 520 x 610, top 480}. Lengths as {@link Length} reads them; sewn all round.
 */
public final class PieceText {
    private static final Pattern LINE = Pattern.compile(
            "(?<name>\\D[^\\d]*?)\\s+(?<width>\\d[^x×]*?)\\s*(?:x|×|\\bby\\b)\\s*(?<height>\\d[^,]*?)(?:\\s*,\\s*top\\s+(?<top>\\d.*))?",
            Pattern.CASE_INSENSITIVE);

    private PieceText() {}

    /** The piece for a part, in a material; refused with what is wrong and an example. */
    public static Parsed<Piece> read(String typed, PartId part, String material) {
        var line = LINE.matcher(typed.strip());
        if (!line.matches())
            return new Refused<>("“%s” does not say a name and two sizes. Type it as outer bolster 520 x 610, top 480."
                    .formatted(typed.strip()));
        var top = line.group("top") == null ? line.group("width") : line.group("top");
        return Length.parse(line.group("width"))
                .flatMap(width -> Length.parse(line.group("height"))
                        .flatMap(height -> Length.parse(top)
                                .flatMap(above -> draw(line.group("name"), part, material, width, height, above))));
    }

    private static Parsed<Piece> draw(
            String name, PartId part, String material, Length width, Length height, Length top) {
        if (width.mm() < 1 || height.mm() < 1 || top.mm() < 1)
            return new Refused<>("“%s” has a side under 1 mm. Check its sizes.".formatted(name));
        var inset = (width.mm() - top.mm()) / 2;
        var corners = List.of(
                new Point(0, 0),
                new Point(width.mm(), 0),
                new Point(width.mm() - inset, height.mm()),
                new Point(inset, height.mm()));
        var names = List.of("front", "right", "back", "left");
        var edges = java.util.stream.IntStream.range(0, 4)
                .mapToObj(i ->
                        new Edge(names.get(i), List.of(corners.get(i)), EdgeFinish.SEWN, EdgeFinish.SEWN.allowanceMm()))
                .toList();
        return new Understood<>(new Piece(
                id(part, name), part, name, material, Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges));
    }

    /** The name of a piece within its job. */
    public static String id(PartId part, String name) {
        return part + "-" + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
