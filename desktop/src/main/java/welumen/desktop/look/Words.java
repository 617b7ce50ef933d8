package welumen.desktop.look;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import welumen.measure.Many;

/** How times, numbers and lists are said to people. */
public final class Words {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final DateTimeFormatter DAY_OF_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private static final List<String> SMALL = List.of(
            "No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten", "Eleven", "Twelve");

    private Words() {}

    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** Of another year, too. */
    public static String dayOfYear(LocalDate day) {
        return DAY_OF_YEAR.format(day);
    }

    public static String time(Instant at, ZoneId zone) {
        return TIME.format(at.atZone(zone));
    }

    /** The time alone on the same day, else with its day. */
    public static String when(Instant at, Instant now, ZoneId zone) {
        var day = at.atZone(zone).toLocalDate();
        return day.equals(now.atZone(zone).toLocalDate()) ? time(at, zone) : day(day) + ", " + time(at, zone);
    }

    /** “3 min 10 s”, “4 h 20 min”, “1 day 2 h”. */
    public static String left(Duration left) {
        if (left.toDays() > 0) return "%d d %d h".formatted(left.toDays(), left.toHoursPart());
        if (left.toHours() > 0) return "%d h %d min".formatted(left.toHours(), left.toMinutesPart());
        return left.toMinutes() > 0
                ? "%d min %d s".formatted(left.toMinutes(), left.toSecondsPart())
                : "%d s".formatted(left.toSeconds());
    }

    /** “14 min”, “2 h 5 min”, “3 d 4 h”: no seconds. */
    public static String roughly(Duration time) {
        if (time.toDays() > 0) return "%d d %d h".formatted(time.toDays(), time.toHoursPart());
        return time.toHours() > 0
                ? "%d h %d min".formatted(time.toHours(), time.toMinutesPart())
                : "%d min".formatted(time.toMinutes());
    }

    /** “about 25 min”, “about 1 h 30 min”. */
    public static String about(Duration time) {
        if (time.toHours() == 0) return "about %d min".formatted(time.toMinutes());
        return time.toMinutesPart() == 0
                ? "about %d h".formatted(time.toHours())
                : "about %d h %d min".formatted(time.toHours(), time.toMinutesPart());
    }

    /** The count as a word with a capital up to twelve, for the start of an answer. */
    public static String count(int number) {
        return number < SMALL.size() ? SMALL.get(number) : Integer.toString(number);
    }

    /** “one clip”, “2 clips”: the number with the right form of its noun. */
    public static String many(int number, String noun) {
        return Many.of(number, noun);
    }

    public static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    public static String percent(double share) {
        return String.format(Locale.UK, "%.1f %%", 100 * share);
    }

    /** An area in m² to two decimals, from mm². */
    public static String squareMetres(double mm2) {
        return String.format(Locale.UK, "%.2f m²", mm2 / 1e6);
    }

    /** To a tenth of an hour. */
    public static String hours(double hours) {
        if (hours > 0 && hours < 0.75) return Math.max(1, Math.round(hours * 60)) + " min";
        var tenths = Math.round(10 * hours);
        return String.format(Locale.UK, tenths % 10 == 0 ? "%.0f h" : "%.1f h", tenths / 10.0);
    }
}
