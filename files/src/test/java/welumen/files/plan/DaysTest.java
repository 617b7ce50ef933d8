package welumen.files.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import welumen.diary.plan.DayLine;
import welumen.files.report.DaysPdf;

class DaysTest {
    private static final List<DayLine> LINES = List.of(
            line("1/cut:sill", "cut the sill, both sides", 8, 10, List.of("Ada")),
            line("1/put-back:seat", "put back the seat", 10, 11, List.of("Ada", "Bram")),
            line("1/away:dash", "the dash, at the platers", 9, 9, List.of()));

    private static DayLine line(String id, String what, int from, int to, List<String> who) {
        return new DayLine(
                id,
                what,
                "1961 Larkspur",
                LocalDateTime.of(2026, 7, 6, from, 0),
                LocalDateTime.of(2026, 7, 6, to, 0),
                who,
                List.of("bag 14"));
    }

    /** What is awaited is nobody's appointment; the rest keeps its id, and its hour in summer time. */
    @Test
    void aCalendarReadsThemBack() throws IOException, ParserException {
        var text = DaysCalendar.write(LINES, ZoneId.of("Europe/London"), Instant.parse("2026-07-01T06:00:00Z"));
        var events = new CalendarBuilder().build(new StringReader(text)).<VEvent>getComponents("VEVENT");
        assertThat(events).hasSize(2);
        assertThat(events.getFirst().getUid().orElseThrow().getValue()).isEqualTo("1.cut.sill@welumen");
        assertThat(text)
                .contains(
                        "DTSTART:20260706T070000Z",
                        "DTEND:20260706T090000Z",
                        "cut the sill\\, both sides",
                        "By Ada and Bram");
    }

    @Test
    void aTableHasALineForEach() {
        assertThat(DaysCsv.write(LINES).lines())
                .containsExactly(
                        "start,end,what,car,who",
                        "2026-07-06 08:00,2026-07-06 10:00,\"cut the sill, both sides\",1961 Larkspur,Ada",
                        "2026-07-06 10:00,2026-07-06 11:00,put back the seat,1961 Larkspur,Ada; Bram",
                        "2026-07-06 09:00,2026-07-06 09:00,\"the dash, at the platers\",1961 Larkspur,");
    }

    /** A heading for each who works that day, with what they take along; and a week of days. */
    @Test
    void aDayAndAWeekGoOnPaper() throws IOException {
        var day = text(DaysPdf.day(LINES, LocalDate.of(2026, 7, 6), "Thimble Yard"));
        assertThat(day)
                .contains(
                        "Monday 6 July 2026",
                        "Ada",
                        "Bram",
                        "with Ada",
                        "Take along: bag 14",
                        "Awaited",
                        "10:00 to 11:00");
        assertThat(text(DaysPdf.day(LINES, LocalDate.of(2026, 7, 7), "Thimble Yard")))
                .contains("Nothing is planned for that day.");
        assertThat(text(DaysPdf.week(LINES, LocalDate.of(2026, 7, 6), "Thimble Yard")))
                .contains("The week from Monday 6 July 2026", "put back the seat");
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
