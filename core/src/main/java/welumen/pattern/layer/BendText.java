package welumen.pattern.layer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import welumen.measure.NumberText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Reads the bends of a way: {@code 4 sharp hollows, 2 ridges 60}. A hollow is sharp unless it is called round, a ridge
 * rounded unless it is called mitred; the angle by which the way turns is a right one unless it is given in degrees.
 */
public final class BendText {
    private static final Pattern BENDS = Pattern.compile(
            "(?<count>\\d{1,2})?\\s*(?<how>sharp|round|rounded|mitred)?\\s*(?<what>hollow|ridge)s?\\s*(?<degrees>\\d{1,3}(?:\\.\\d+)?)?\\s*°?");

    private BendText() {}

    /** As one would type it; reads back as the same, bends of one kind together. */
    public static String of(List<Bend> way) {
        var counts = new LinkedHashMap<Bend, Integer>();
        for (var bend : way) counts.merge(bend, 1, Integer::sum);
        return counts.entrySet().stream()
                .map(entry -> "%d %s %s"
                        .formatted(
                                entry.getValue(),
                                switch (entry.getKey().kind()) {
                                    case CONVEX -> "round ridges";
                                    case CONVEX_MITRED -> "mitred ridges";
                                    case CONCAVE_ROUNDED -> "round hollows";
                                    case CONCAVE_SHARP -> "sharp hollows";
                                },
                                NumberText.print(BigDecimal.valueOf(Math.round(1000
                                                * Math.toDegrees(entry.getKey().angle()))
                                        / 1000.0))))
                .collect(Collectors.joining(", "));
    }

    public static Parsed<List<Bend>> read(String typed) {
        var bends = new ArrayList<Bend>();
        for (var text : typed.strip().toLowerCase(Locale.ROOT).split("\\s*[,;]\\s*|\\s+and\\s+")) {
            var bend = BENDS.matcher(text);
            if (!bend.matches())
                return new Refused<>("“%s” is no bend. Type them as 4 sharp hollows, 2 ridges 60.".formatted(text));
            var degrees = bend.group("degrees") == null ? 90 : Double.parseDouble(bend.group("degrees"));
            if (degrees > 180)
                return new Refused<>("A way turns by 180° at the most, not by %.0f°.".formatted(degrees));
            var how = bend.group("how") == null ? "" : bend.group("how");
            var kind = bend.group("what").equals("ridge")
                    ? how.equals("mitred") ? Bend.Kind.CONVEX_MITRED : Bend.Kind.CONVEX
                    : how.startsWith("round") ? Bend.Kind.CONCAVE_ROUNDED : Bend.Kind.CONCAVE_SHARP;
            if (degrees == 180 && (kind == Bend.Kind.CONCAVE_SHARP || kind == Bend.Kind.CONVEX_MITRED))
                return new Refused<>("A way that turns right back has no mitre.");
            var count = bend.group("count") == null ? 1 : Integer.parseInt(bend.group("count"));
            for (var i = 0; i < count; i++) bends.add(new Bend(kind, Math.toRadians(degrees)));
        }
        return new Understood<>(List.copyOf(bends));
    }
}
