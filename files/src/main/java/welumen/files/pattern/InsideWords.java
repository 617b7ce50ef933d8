package welumen.files.pattern;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Surface;
import welumen.shape.Outline;
import welumen.shape.Point;

/** What is kept of the things within a piece beside their lines, as words with values. What makes no sense is left out. */
final class InsideWords {
    private InsideWords() {}

    static Map<String, String> of(Piercing piercing) {
        var words = new LinkedHashMap<String, String>();
        words.put("is", "piercing");
        words.put("what", piercing.what());
        words.put("kind", piercing.kind().name());
        words.put("size", Double.toString(piercing.sizeMm()));
        words.put("turn", Double.toString(piercing.degrees()));
        words.put("made", piercing.made().name());
        return words;
    }

    /** @param usualMm its size where the words do not say */
    static Optional<Piercing> piercing(Map<String, String> words, Point at, double usualMm) {
        var size = number(words.get("size")).orElse(usualMm);
        if (!(size > 0 && size <= Piercing.LARGEST_MM)) return Optional.empty();
        return Optional.of(new Piercing(
                words.getOrDefault("what", ""),
                named(Piercing.Kind.values(), words.get("kind")).orElse(Piercing.Kind.DRILLED),
                at,
                size,
                number(words.get("turn")).orElse(0.0),
                named(Piercing.Made.values(), words.get("made")).orElse(Piercing.Made.ON_THE_BENCH)));
    }

    static Map<String, String> of(KeepOut keepOut) {
        return Map.of("is", "keep-out", "what", keepOut.what());
    }

    static boolean isKeepOut(Map<String, String> words) {
        return "keep-out".equals(words.get("is"));
    }

    static KeepOut keepOut(Map<String, String> words, Outline room) {
        return new KeepOut(words.getOrDefault("what", ""), room);
    }

    static Map<String, String> of(Surface surface) {
        return switch (surface) {
            case Surface.Plain() -> Map.of();
            case Surface.Fluted(var wanted, var degrees, var takeUp) ->
                Map.of("flutes", "%s %s %s".formatted(wanted, degrees, takeUp));
            case Surface.Pleated(var wanted, var degrees, var fold) ->
                Map.of("pleats", "%s %s %s".formatted(wanted, degrees, fold));
            case Surface.Perforated(var pitch, var hole, var degrees) ->
                Map.of("perforated", "%s %s %s".formatted(pitch, hole, degrees));
            case Surface.Quilted(var through, var degrees, var wide, var high, var takeUpWide, var takeUpHigh) ->
                Map.of(
                        "diamonds",
                        "%s %s %s %s %s %s %s"
                                .formatted(through.x(), through.y(), degrees, wide, high, takeUpWide, takeUpHigh));
        };
    }

    static Surface surface(Map<String, String> words) {
        var flutes = numbers(words.get("flutes"));
        var diamonds = numbers(words.get("diamonds"));
        var perforated = numbers(words.get("perforated"));
        var pleats = numbers(words.get("pleats"));
        try {
            if (pleats.length == 3) return new Surface.Pleated(pleats[0], pleats[1], pleats[2]);
            if (perforated.length == 3) return new Surface.Perforated(perforated[0], perforated[1], perforated[2]);
            if (flutes.length == 3) return new Surface.Fluted(flutes[0], flutes[1], flutes[2]);
            if (diamonds.length == 7)
                return new Surface.Quilted(
                        new Point(diamonds[0], diamonds[1]),
                        diamonds[2],
                        diamonds[3],
                        diamonds[4],
                        diamonds[5],
                        diamonds[6]);
        } catch (IllegalArgumentException noRelief) {
            return new Surface.Plain();
        }
        return new Surface.Plain();
    }

    static Optional<Double> number(@Nullable String text) {
        if (text == null || !text.matches("-?\\d{1,6}(\\.\\d{1,20})?(E-?\\d{1,2})?")) return Optional.empty();
        return Optional.of(Double.valueOf(text));
    }

    static <E extends Enum<E>> Optional<E> named(E[] values, @Nullable String name) {
        return Stream.of(values).filter(value -> value.name().equals(name)).findFirst();
    }

    private static double[] numbers(@Nullable String text) {
        if (text == null) return new double[0];
        var parts = text.strip().split(" +");
        var numbers = Stream.of(parts)
                .map(InsideWords::number)
                .flatMap(Optional::stream)
                .toList();
        return numbers.size() == parts.length
                ? numbers.stream().mapToDouble(Double::doubleValue).toArray()
                : new double[0];
    }
}
