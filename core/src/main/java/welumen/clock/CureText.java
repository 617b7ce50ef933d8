package welumen.clock;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What a product's sheet says, as it is typed: “flash 15 min, touch 2 h, handle 1 d, glue 24 h, wrap 48 h, recoat until 4 h”. */
public final class CureText {
    private static final Pattern ONE =
            Pattern.compile("([a-z ]+?)\\s*(\\d+(?:\\.\\d+)?)\\s*(min|h|d|hours?|days?)", Pattern.CASE_INSENSITIVE);

    /** What a time is called. */
    private enum Said {
        FLASH("flash"),
        TOUCH("touch"),
        HANDLE("handle"),
        GLUE("glue"),
        WRAP("wrap"),
        RECOAT("recoat until");

        private final String word;

        Said(String word) {
            this.word = word;
        }

        static List<Said> named(String typed) {
            return Stream.of(values())
                    .filter(one -> one.word.equals(typed) || one.word.split(" ")[0].equals(typed))
                    .toList();
        }
    }

    private CureText() {}

    /** Nothing typed is nothing said; of what is not typed the longest before it holds, so that nothing is promised too early. */
    public static Parsed<Cure> read(String typed) {
        var times = new EnumMap<Said, Duration>(Said.class);
        for (var part : typed.split("[,;]")) {
            if (part.isBlank()) continue;
            var matcher = ONE.matcher(part.strip());
            var named =
                    matcher.matches() ? Said.named(matcher.group(1).strip().toLowerCase(Locale.ROOT)) : List.<Said>of();
            if (named.isEmpty()) return new Refused<>(notUnderstood(part.strip()));
            times.put(named.getFirst(), duration(matcher.group(2), matcher.group(3)));
        }
        if (times.isEmpty()) return new Understood<>(Cure.UNSAID);
        try {
            return new Understood<>(cure(times));
        } catch (IllegalArgumentException none) {
            return new Refused<>(String.valueOf(none.getMessage()));
        }
    }

    private static String notUnderstood(String part) {
        return "“%s” is no time of a sheet. Type %s, each with min, h or d: “flash 15 min, handle 24 h”."
                .formatted(part, Stream.of(Said.values()).map(one -> one.word).collect(Collectors.joining(", ")));
    }

    private static Duration duration(String number, String unit) {
        var seconds = switch (unit.toLowerCase(Locale.ROOT).charAt(0)) {
            case 'm' -> 60;
            case 'h' -> 3600;
            default -> 24 * 3600;
        };
        return Duration.ofSeconds(Math.round(Math.min(Double.parseDouble(number), 1e6) * seconds));
    }

    private static Cure cure(Map<Said, Duration> times) {
        var longest = new ArrayList<Duration>();
        for (var said : List.of(Said.FLASH, Said.TOUCH, Said.HANDLE, Said.GLUE, Said.WRAP))
            longest.add(times.getOrDefault(said, longest.isEmpty() ? Duration.ZERO : longest.getLast()));
        return new Cure(
                longest.get(0),
                longest.get(1),
                longest.get(2),
                longest.get(3),
                longest.get(4),
                times.getOrDefault(Said.RECOAT, Duration.ZERO));
    }

    /** So that it reads back as the same; empty where nothing is said. */
    public static String say(Cure cure) {
        if (!cure.isSaid()) return "";
        var times = new EnumMap<Said, Duration>(Said.class);
        times.put(Said.FLASH, cure.flash());
        times.put(Said.TOUCH, cure.touch());
        times.put(Said.HANDLE, cure.handle());
        times.put(Said.GLUE, cure.glueOver());
        times.put(Said.WRAP, cure.wrapOver());
        if (cure.recoatUntil().isPositive()) times.put(Said.RECOAT, cure.recoatUntil());
        return times.entrySet().stream()
                .map(one -> one.getKey().word + " " + said(one.getValue()))
                .collect(Collectors.joining(", "));
    }

    private static String said(Duration time) {
        if (time.toSeconds() % 3600 == 0 && time.isPositive()) return time.toHours() + " h";
        return time.toSeconds() % 60 == 0
                ? time.toMinutes() + " min"
                : String.format(Locale.ROOT, "%.4f min", time.toSeconds() / 60.0);
    }
}
