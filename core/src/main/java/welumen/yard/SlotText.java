package welumen.yard;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** When a place can be used, as it is typed: “Mon to Fri 18:00 to 20:30; Sat 9 to 12”. Without a day it is every day. */
public final class SlotText {
    private static final Pattern ONE = Pattern.compile(
            "(?<days>[a-z ,–-]*?)\\s*(?<from>\\d{1,2}(?::\\d{2})?)\\s*(?:to|until|-|–)\\s*(?<until>\\d{1,2}(?::\\d{2})?)",
            Pattern.CASE_INSENSITIVE);

    private SlotText() {}

    /** Nothing typed is whenever somebody is here. */
    public static Parsed<List<WorkingHours>> read(String text) {
        var slots = new ArrayList<WorkingHours>();
        for (var typed : text.split(";")) {
            if (typed.isBlank()) continue;
            var part = ONE.matcher(typed.strip());
            var days = part.matches() ? days(part.group("days")) : Optional.<Set<DayOfWeek>>empty();
            if (days.isEmpty())
                return new Refused<>(
                        "“%s” is no time of a week. Type it as Mon to Fri 18:00 to 20:30.".formatted(typed.strip()));
            try {
                slots.add(new WorkingHours(days.get(), time(part.group("from")), time(part.group("until"))));
            } catch (DateTimeException | IllegalArgumentException wrong) {
                return new Refused<>("“%s” is no time of a day: put the later time second, and none past 23:59."
                        .formatted(typed.strip()));
            }
        }
        return new Understood<>(List.copyOf(slots));
    }

    private static LocalTime time(String typed) {
        var parts = typed.split(":");
        return LocalTime.of(Integer.parseInt(parts[0]), parts.length > 1 ? Integer.parseInt(parts[1]) : 0);
    }

    /** Names and spans of days; empty where one is none. */
    private static Optional<Set<DayOfWeek>> days(String typed) {
        if (typed.isBlank()) return Optional.of(EnumSet.allOf(DayOfWeek.class));
        var days = EnumSet.noneOf(DayOfWeek.class);
        for (var span : typed.strip().split("\\s*,\\s*|\\s+(?!to\\b)(?<!\\bto\\s)")) {
            var ends = span.split("\\s*(?:\\bto\\b|-|–)\\s*");
            var first = day(ends[0]);
            var last = ends.length > 1 ? day(ends[1]) : first;
            if (ends.length > 2 || first.isEmpty() || last.isEmpty()) return Optional.empty();
            for (var day = first.get(); ; day = day.plus(1)) {
                days.add(day);
                if (day == last.get()) break;
            }
        }
        return Optional.of(days);
    }

    private static Optional<DayOfWeek> day(String typed) {
        var name = typed.strip().toLowerCase(Locale.ROOT);
        return name.length() < 2
                ? Optional.empty()
                : Stream.of(DayOfWeek.values())
                        .filter(day -> day.name().toLowerCase(Locale.ROOT).startsWith(name))
                        .findFirst();
    }

    /** So that it reads back as the same; empty where it can be used at any time. */
    public static String say(List<WorkingHours> slots) {
        return slots.stream()
                .map(slot -> "%s %s to %s"
                        .formatted(
                                slot.days().stream()
                                        .map(day -> day.getDisplayName(TextStyle.SHORT, Locale.UK))
                                        .collect(Collectors.joining(", ")),
                                slot.from(),
                                slot.until()))
                .collect(Collectors.joining("; "));
    }
}
