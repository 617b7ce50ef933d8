package welumen.files.report;

import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import welumen.diary.plan.DayLine;

/** The days on paper: one day with a heading for each who works then, or a week of days. */
public final class DaysPdf {
    private static final int A_WEEK = 7;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    private DaysPdf() {}

    /** What each does on a day, in its order, with what they take along. @param lines by their start */
    public static byte[] day(List<DayLine> lines, LocalDate day, String workshop) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title(DAY.format(day));
            var work = on(lines, day);
            if (work.isEmpty()) paper.line("", "Nothing is planned for that day.");
            for (var name : names(work)) {
                paper.heading(name);
                for (var line : work)
                    if (line.who().contains(name)) {
                        paper.line(time(line), said(line, name));
                        if (!line.bring().isEmpty()) paper.line("", "Take along: " + String.join(", ", line.bring()));
                    }
            }
            comes(paper, lines, day);
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The day could not be printed: " + fault.getMessage(), fault);
        }
    }

    /** What is done on each of seven days, from one on. */
    public static byte[] week(List<DayLine> lines, LocalDate from, String workshop) {
        try (var paper = new WrittenPage(workshop)) {
            paper.title("The week from " + DAY.format(from));
            for (var day = from; day.isBefore(from.plusDays(A_WEEK)); day = day.plusDays(1)) {
                var work = on(lines, day);
                if (work.isEmpty()) continue;
                paper.heading(DAY.format(day));
                for (var line : work)
                    paper.line(
                            time(line),
                            "%s · %s · %s".formatted(line.what(), line.car(), String.join(", ", line.who())));
                comes(paper, lines, day);
            }
            return paper.finish();
        } catch (IOException fault) {
            throw new IllegalStateException("The week could not be printed: " + fault.getMessage(), fault);
        }
    }

    /** What is awaited that day from elsewhere. */
    private static void comes(WrittenPage paper, List<DayLine> lines, LocalDate day) throws IOException {
        var comes = lines.stream()
                .filter(line -> line.who().isEmpty() && line.end().toLocalDate().equals(day))
                .toList();
        if (comes.isEmpty()) return;
        paper.heading("Awaited");
        for (var line : comes) paper.line("", "%s · %s".formatted(line.what(), line.car()));
    }

    private static List<DayLine> on(List<DayLine> lines, LocalDate day) {
        return lines.stream()
                .filter(line -> !line.who().isEmpty())
                .filter(line -> !line.start().toLocalDate().isAfter(day)
                        && !line.end().toLocalDate().isBefore(day))
                .toList();
    }

    private static List<String> names(List<DayLine> work) {
        return work.stream()
                .flatMap(line -> line.who().stream())
                .distinct()
                .sorted()
                .toList();
    }

    private static String time(DayLine line) {
        return "%s to %s".formatted(TIME.format(line.start()), TIME.format(line.end()));
    }

    private static String said(DayLine line, String name) {
        var others = line.who().stream().filter(other -> !other.equals(name)).toList();
        return "%s · %s%s"
                .formatted(line.what(), line.car(), others.isEmpty() ? "" : " · with " + String.join(" and ", others));
    }
}
