package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

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

    @Test
    void numbersCarryTheirUnit() {
        assertThat(Words.squareMetres(1_424_900)).isEqualTo("1.42 m²");
        assertThat(Words.hours(1.2)).isEqualTo("1.2 h");
        assertThat(Words.many(1, "part")).isEqualTo("1 part");
        assertThat(Words.count(2)).isEqualTo("Two");
        assertThat(Words.count(40)).isEqualTo("40");
    }
}
