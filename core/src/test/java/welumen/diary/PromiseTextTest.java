package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.diary.book.PromiseText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

class PromiseTextTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 4, 14);

    private static PromiseText read(String text) {
        return ((Understood<PromiseText>) PromiseText.read(text, TODAY)).value();
    }

    @Test
    void aDayWhoGaveItAndWhatElse() {
        assertThat(read("11 May, the plater, else buy it used"))
                .isEqualTo(new PromiseText(Optional.of(LocalDate.of(2026, 5, 11)), "the plater", "buy it used"));
        assertThat(read("11 May").by()).isEmpty();
        assertThat(read("ask the mill; Else wool from the shelf"))
                .isEqualTo(new PromiseText(Optional.empty(), "ask the mill", "wool from the shelf"));
    }

    @Test
    void whatIsNoDayIsRefused() {
        assertThat(PromiseText.read("37 May", TODAY)).isInstanceOf(Refused.class);
        assertThat(PromiseText.read(" , ", TODAY)).isInstanceOf(Refused.class);
    }
}
