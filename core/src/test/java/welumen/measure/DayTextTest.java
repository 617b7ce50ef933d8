package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayTextTest {
    /** A Thursday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 4, 16);

    @ParameterizedTest
    @CsvSource({
        "2026-05-11, 2026-05-11",
        "11 May, 2026-05-11",
        "Mon 11th of May, ''",
        "Mon 11 May, 2026-05-11",
        "on 3 feb, 2027-02-03",
        "11 May 2028, 2028-05-11",
        "Fri, 2026-04-17",
        "thursday, 2026-04-23",
        "today, 2026-04-16",
        "Tomorrow, 2026-04-17",
        "in 8 days, 2026-04-28",
        "in 2 weeks, 2026-04-30",
        "31 Feb, ''",
        "soon, ''",
        "'', ''"
    })
    void readsDaysAsPeopleWriteThem(String text, String day) {
        assertThat(DayText.read(text, TODAY).map(LocalDate::toString).orElse(""))
                .isEqualTo(day);
    }

    @Test
    void aDayEndsALine() {
        assertThat(DayText.end("the console at the platers, by 11 May", TODAY))
                .contains(new DayText.Ended("the console at the platers,", LocalDate.of(2026, 5, 11)));
        assertThat(DayText.read("the console 11 May", TODAY)).isEmpty();
    }
}
