package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StitchingTest {
    @Test
    void whatWasTypedIsReadInAnyOrderAndSaidBack() {
        var so = Stitching.USUAL
                .read(
                        "by hand, thread 40 bonded tan, 2 rows 6 mm apart, 5 mm stitch, needle 110, sunk, tested on swatch 3")
                .orThrow();
        assertThat(so).isEqualTo(new Stitching(true, 5, "40 bonded tan", "110", 2, 6, true, "on swatch 3"));
        assertThat(Stitching.USUAL.read(so.words()).orThrow()).isEqualTo(so);
        assertThat(so.wanted()).isEmpty();
    }

    @Test
    void whatIsNotSaidStaysAsItWas() {
        var tan = Stitching.USUAL.read("thread 40 tan").orThrow();
        assertThat(tan.read("1/4 in stitch").orThrow().stitchMm()).isEqualTo(6.35);
        assertThat(tan.read("1/4 in stitch").orThrow().thread()).isEqualTo("40 tan");
        assertThat(tan.read("by machine").orThrow().isByHand()).isFalse();
        assertThat(tan.wanted()).containsExactly("needle", "a test piece");
        assertThat(tan.read("3 rows").orThrow().apartMm()).isEqualTo(Stitching.USUAL.apartMm());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "blue", "90 mm stitch", "9 rows", "0 mm stitch", "2 rows nine apart"})
    void whatMakesNoSenseIsRefused(String typed) {
        assertThat(Stitching.USUAL.read(typed).understood()).isEmpty();
    }
}
