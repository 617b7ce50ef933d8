package welumen.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.pattern.Likeness.LineAcross;
import welumen.pattern.Likeness.Proportion;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;

class LikenessTest {
    private static Likeness read(String typed) {
        return LikenessText.read(typed).orThrow();
    }

    @Test
    void aProportionIsOffByAShare() {
        var panel = (Proportion) read("panel height 310 : 620, ours 305 : 640, within 3 %");
        assertThat(panel.off()).isCloseTo(305 / 640.0 / 0.5 - 1, within(1e-12));
        assertThat(panel.wantedMm()).isEqualTo(320);
        assertThat(panel.isKept()).isFalse();
        assertThat(read("panel height 310 : 620, ours 12 in : 24 in").isKept()).isTrue();
    }

    /** A line that is one straight line through both pieces misses nothing, however it rises. */
    @Test
    void aStraightLineMeetsItselfBeyondTheGap() {
        for (var degrees : new double[] {-30, 0, 12.5}) {
            var onward = 400 + 9 * Math.tan(Math.toRadians(degrees));
            var line = new LineAcross("waist line", 400, degrees, 9, onward, degrees, List.of());
            assertThat(line.missMm()).isCloseTo(0, within(1e-9));
            assertThat(line.isKept()).isTrue();
        }
        var low = (LineAcross) read("waist line 412, over 8, 409 rising 0.5");
        assertThat(low.missMm()).isEqualTo(-3);
        assertThat(low.isKept()).isFalse();
        assertThat(low.found()).contains("3 mm too low");
        assertThat(read("waist line 412 rising 2, over 8, 412.3 rising 4").isKept())
                .isFalse();
    }

    @Test
    void aNameIsMeasuredAnewAndDropped() {
        var first = new LikenessWanted(read("panel 310 : 620, ours 305 : 640").with("cafe"));
        var patterns = Patterns.EMPTY.after(first).after(new LikenessWanted(read("panel 310 : 620, ours 320 : 640")));
        assertThat(patterns.known().likenesses()).singleElement().matches(Likeness::isKept);
        assertThat(Patterns.EMPTY.after(first).known().likenesses().getFirst().photos())
                .containsExactly("cafe");
        assertThat(patterns.after(new LikenessDropped("panel")).known().likenesses())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "panel",
                "panel 310 : 620",
                "panel 0 : 5, ours 3 : 4",
                "line 3, over 4",
                "line 3 rising 88, over 4, 5"
            })
    void whatMakesNoSenseIsRefused(String typed) {
        assertThat(LikenessText.read(typed).understood()).isEmpty();
    }
}
