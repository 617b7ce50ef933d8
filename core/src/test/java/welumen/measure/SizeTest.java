package welumen.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SizeTest {
    @Test
    void eachLengthHasItsOwnUnit() {
        assertThat(Size.parse(" 420 x 180 ").orThrow()).isEqualTo(new Size(420, 180));
        assertThat(Size.parse("2 m × 10 in").orThrow()).isEqualTo(new Size(2000, 254));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "420", "420 x", "x 180", "420 x wide", "1,234 x 20"})
    void whatIsNoSizeIsRefused(String text) {
        assertThat(Size.parse(text).understood()).isEmpty();
    }
}
