package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import welumen.measure.Lengths;

/** On a computer that speaks otherwise. */
class LanguageTest {
    private final Locale before = Locale.getDefault();

    @AfterEach
    void asBefore() {
        Locale.setDefault(before);
    }

    @Test
    void figuresAndDaysAreEnglishAndTheMoneyIsTheCountrys() {
        Locale.setDefault(Locale.GERMANY);
        assertThat("%.2f".formatted(4.9)).isEqualTo("4,90");
        Main.speakEnglish();
        assertThat("%.2f m²".formatted(4.9)).isEqualTo("4.90 m²");
        assertThat(Lengths.said(40.25)).isEqualTo("40.3 mm");
        assertThat(DateTimeFormatter.ofPattern("EEE d MMM").format(LocalDate.of(2026, 12, 1)))
                .isEqualTo("Tue 1 Dec");
        assertThat(Currency.getInstance(Locale.getDefault()).getCurrencyCode()).isEqualTo("EUR");
    }
}
