package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PaddingTest {
    @Test
    void whatWasTypedIsReadAndSaidBack() {
        var foam = Padding.read("20 mm, 35 kg/m3, pressed 15 %, glued, feathered 40")
                .orThrow();
        assertThat(foam).isEqualTo(new Padding(35, 20, 0.15, true, 40));
        assertThat(Padding.read(foam.words()).orThrow()).isEqualTo(foam);
        assertThat(foam.laidMm()).isCloseTo(17, within(1e-9));
        assertThat(Padding.read("1/2 in").orThrow()).isEqualTo(new Padding(0, 12.7, 0, false, 0));
        assertThat(foam.sheetWord()).isEqualTo("20 mm, 35 kg/m³");
    }

    /** A cubic metre weighs what its density says. */
    @Test
    void aSheetWeighsItsVolume() {
        assertThat(new Padding(35, 100, 0, false, 0).grams(Pieces.rectangle("sheet", 5000, 2000)))
                .isCloseTo(35_000, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "35 kg/m3", "20 mm, soft", "400 mm", "20 mm, pressed 120 %"})
    void whatMakesNoSenseIsRefused(String typed) {
        assertThat(Padding.read(typed).understood()).isEmpty();
    }
}
