package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import welumen.measure.Length;

class WordsTest {
    private static final Instant NOW = Instant.parse("2026-04-14T13:53:00Z");

    @Test
    void timesAreSaidAsPeopleSayThem() {
        assertThat(Words.day(LocalDate.of(2026, 4, 14))).isEqualTo("Tue 14 Apr");
        assertThat(Words.when(NOW, NOW, ZoneOffset.UTC)).isEqualTo("13:53");
        assertThat(Words.when(NOW.plus(Duration.ofDays(1)), NOW, ZoneOffset.UTC))
                .isEqualTo("Wed 15 Apr, 13:53");
        assertThat(Words.left(Duration.ofSeconds(190))).isEqualTo("3 min 10 s");
        assertThat(Words.left(Duration.ofMinutes(135))).isEqualTo("2 h 15 min");
        assertThat(Words.about(Duration.ofMinutes(90))).isEqualTo("about 1 h 30 min");
    }

    private static String nearest(double mm) {
        var sixtyFourths = Math.round(mm / 25.4 * 64);
        var parts = 64L;
        while (sixtyFourths % 2 == 0) {
            sixtyFourths /= 2;
            parts /= 2;
        }
        return sixtyFourths + "/" + parts;
    }

    @BeforeEach
    void sayMillimetres() {
        Words.lengthsIn(Length.Style.METRIC); // a window of a yard in inches may have been open in this process
    }

    @Test
    void numbersCarryTheirUnit() {
        assertThat(Words.squareMetres(1_424_900)).isEqualTo("1.42 m²");
        assertThat(Words.mm(25.4)).isEqualTo("25.4 mm");
        assertThat(Words.mm(20)).isEqualTo("20 mm");
        assertThat(Words.field(10)).isEqualTo("10 mm");
        try {
            Words.lengthsIn(Length.Style.INCHES);
            assertThat(Words.mm(25.4)).isEqualTo("1\" (25.4 mm)");
            assertThat(Words.mm(20)).isEqualTo("≈ 25/32\" (20 mm)".replace("25/32", nearest(20)));
            assertThat(Words.field(12.7)).isEqualTo("1/2\"");
            assertThat(Words.field(10))
                    .as("no 64th, so that it is not changed by being shown")
                    .isEqualTo("10 mm");
        } finally {
            Words.lengthsIn(Length.Style.METRIC);
        }
        assertThat(Words.hours(1.2)).isEqualTo("1.2 h");
        assertThat(Words.many(1, "part")).isEqualTo("1 part");
        assertThat(Words.count(2)).isEqualTo("Two");
        assertThat(Words.count(40)).isEqualTo("40");
    }
}
