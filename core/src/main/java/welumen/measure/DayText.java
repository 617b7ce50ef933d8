package welumen.measure;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Days as people write them, seen from a day: “11 May”, “Thu”, “tomorrow”, “in 8 days” (working days), “in 2 weeks”,
 * “2026-05-11”. A day without its year is the next one that comes.
 */
public final class DayText {
    private static final String MONTHS = "jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec";
    private static final String DAYS = "mon|tue|wed|thu|fri|sat|sun";

    /** At the end of a line, where it can stand behind other words. */
    private static final Pattern DAY = Pattern.compile(
            "(?:^|\\s)(?:on |by |until |from |for )?(?:"
                    + "(?<iso>\\d{4}-\\d{2}-\\d{2})"
                    + "|(?:(?:" + DAYS + ")[a-z]*,? )?(?<of>\\d{1,2})(?:st|nd|rd|th|\\.)? ?(?<month>" + MONTHS
                    + ")[a-z]*(?: (?<year>\\d{4}))?"
                    + "|(?<weekday>" + DAYS + ")[a-z]*"
                    + "|(?<word>today|tomorrow)"
                    + "|in (?<count>\\d{1,3}) (?<unit>days?|weeks?)"
                    + ")$",
            Pattern.CASE_INSENSITIVE);

    /**
     * A line that ends with a day.
     *
     * @param before the words before it, stripped
     */
    public record Ended(String before, LocalDate day) {}

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private DayText() {}

    /** “Mon 11 May”. */
    public static String said(LocalDate day) {
        return SAID.format(day);
    }

    /** The day that the whole text is; empty where it is none. */
    public static Optional<LocalDate> read(String text, LocalDate today) {
        return end(text, today).filter(ended -> ended.before().isEmpty()).map(Ended::day);
    }

    /** The day with which a text ends; empty where it ends with none. */
    public static Optional<Ended> end(String text, LocalDate today) {
        var line = text.strip();
        var match = DAY.matcher(line);
        if (!match.find()) return Optional.empty();
        try {
            return Optional.of(new Ended(line.substring(0, match.start()).strip(), day(match, today)));
        } catch (DateTimeException noDay) {
            return Optional.empty();
        }
    }

    private static LocalDate day(Matcher match, LocalDate today) {
        if (match.group("iso") != null) return LocalDate.parse(match.group("iso"));
        if (match.group("month") != null) return ofMonth(match, today);
        if (match.group("weekday") != null) return next(match.group("weekday"), today);
        if (match.group("word") != null)
            return match.group("word").equalsIgnoreCase("today") ? today : today.plusDays(1);
        var count = Integer.parseInt(match.group("count"));
        return match.group("unit").toLowerCase(Locale.ROOT).startsWith("week")
                ? today.plusWeeks(count)
                : WorkingDays.after(today, count);
    }

    private static LocalDate ofMonth(Matcher match, LocalDate today) {
        var month = Month.of(1 + index(MONTHS, match.group("month")));
        var day = Integer.parseInt(match.group("of"));
        if (match.group("year") != null) return LocalDate.of(Integer.parseInt(match.group("year")), month, day);
        var thisYear = LocalDate.of(today.getYear(), month, day);
        return thisYear.isBefore(today) ? LocalDate.of(today.getYear() + 1, month, day) : thisYear;
    }

    private static LocalDate next(String word, LocalDate today) {
        var wanted = DayOfWeek.of(1 + index(DAYS, word));
        var day = today.plusDays(1);
        while (day.getDayOfWeek() != wanted) day = day.plusDays(1);
        return day;
    }

    private static int index(String words, String word) {
        return List.of(words.split("\\|")).indexOf(word.substring(0, 3).toLowerCase(Locale.ROOT));
    }
}
