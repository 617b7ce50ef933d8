package welumen.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LightTest {
    @Test
    void halfTheCodeIsAFifthOfTheLight() {
        assertThat(Picture.lightOf(0.5)).isCloseTo(0.214, within(0.001));
        for (var light = 0.0; light <= 1; light += 0.05)
            assertThat(Picture.lightOf(Picture.codeOf(light))).isCloseTo(light, within(1e-9));
    }

    /** Between a black and a white pixel there is half the light, and half the code. */
    @Test
    void betweenPixelsLightAndCodesAreMixed() {
        var picture = new Picture(2, 2, new int[] {0x000000, 0xFFFFFF, 0x000000, 0xFFFFFF});
        var light = new float[3];
        picture.light(1, 1, light);
        assertThat(light).containsExactly(new float[] {0.5f, 0.5f, 0.5f}, within(1e-3f));
        picture.codes(0.75, 1, light);
        assertThat(light[0]).isCloseTo(0.25f, within(1e-3f));
        assertThat(picture.contains(0.4, 1)).isFalse();
        assertThatThrownBy(() -> new Picture(2, 2, new int[3])).hasMessageContaining("does not have");
    }

    /**
     * An edge between two colours, spread by a lens in light, turned into codes and summed up: how far its middle has moved
     * is what is said, whatever the colours.
     */
    @ParameterizedTest
    @CsvSource({"0.1, 0.8", "0.8, 0.1", "0.3, 0.35", "0.02, 0.9"})
    void theShiftOfAnEdgeInCodesIsKnown(double inside, double outside) {
        var sigma = 0.7;
        var step = 0.001;
        double in = Picture.codeOf(inside), out = Picture.codeOf(outside);
        var area = 0.0;
        for (var t = -5.0; t < 5; t += step) {
            var share = 0.5 * (1 - erf((t + step / 2) / sigma / Math.sqrt(2)));
            var code = Picture.codeOf(share * inside + (1 - share) * outside);
            area += (code - out) / (in - out) * step;
        }
        var moved = area - 5;
        var said = new CodeShift(sigma).outward(new double[] {in, in, in}, new double[] {out, out, out});
        assertThat(said).isCloseTo(moved, within(2e-3));
        assertThat(Math.signum(said)).isEqualTo(inside < outside ? -1 : 1);
    }

    /** By its series (Abramowitz and Stegun, 7.1.5); the code under test uses another way. */
    private static double erf(double x) {
        if (Math.abs(x) > 4.5) return Math.signum(x);
        var sum = 0.0;
        var term = x;
        for (var n = 0; n < 120; n++) {
            sum += term / (2 * n + 1);
            term *= -x * x / (n + 1);
        }
        return 2 / Math.sqrt(Math.PI) * sum;
    }

    /** A ramp on either side: its value at the edge and its growth are found, and nothing of the other side. */
    @Test
    void theLightBesideAnEdgeIsALine() {
        var light = new float[60][3 * 21];
        for (var ring : light)
            for (var j = 0; j < 21; j++) {
                var t = (j - 10) * 0.2;
                Arrays.fill(ring, 3 * j, 3 * j + 3, (float) (t < 0 ? 0.8 + 0.02 * t : 0.3 + 0.05 * t));
            }
        var inside = Slope.of(light, 0, 7, 0.2);
        var outside = Slope.of(light, 14, 21, 0.2);
        assertThat(inside.at()[5][1]).isCloseTo(0.8, within(1e-5));
        assertThat(inside.grows()[5][1]).isCloseTo(0.02, within(0.003));
        assertThat(outside.at()[40][0]).isCloseTo(0.3, within(0.004));
        assertThat(outside.grows()[40][0]).isCloseTo(0.05, within(0.008));
    }

    /** Two seeds on a slope with one ridge: they meet on it, wherever they began. */
    @Test
    void floodsMeetOnTheRidge() {
        var columns = 21;
        var field = new float[columns * 5];
        var marks = new byte[field.length];
        for (var at = 0; at < field.length; at++) field[at] = at % columns == 13 ? 1f : 0.1f * (at % columns) / 21;
        for (var row = 0; row < 5; row++) {
            marks[row * columns] = 1;
            marks[row * columns + 20] = 2;
        }
        Watershed.grow(field, marks, columns);
        for (var at = 0; at < marks.length; at++)
            if (at % columns != 13) assertThat(marks[at]).isEqualTo((byte) (at % columns < 13 ? 1 : 2));
    }

    @Test
    void regionsHangTogetherByTheirSides() {
        var field = new boolean[] {true, false, true, false, true, true, false, false, true};
        var regions = Regions.of(field, 3, 3);
        assertThat(regions.sizes()).containsExactly(1, 4);
        assertThat(regions.largest()).isEqualTo(1);
        assertThat(regions.largest(new boolean[] {false, true})).isZero();
        assertThat(regions.of()[1]).isEqualTo(-1);
    }

    @Test
    void aTargetHasABlackRimAndACodeOfItsOwn() {
        assertThat(TargetCode.count()).isEqualTo(587);
        for (var number : new int[] {0, 17, 586}) {
            var black = TargetCode.black(number);
            for (var i = 0; i < TargetCode.CELLS; i++)
                assertThat(black[0][i] && black[7][i] && black[i][0] && black[i][7])
                        .isTrue();
        }
        assertThat(Arrays.deepEquals(TargetCode.black(1), TargetCode.black(2))).isFalse();
        assertThatThrownBy(() -> new TraceOptions(0, 0)).hasMessageContaining("target");
        assertThatThrownBy(() -> new TraceOptions(80, -1)).hasMessageContaining("thickness");
    }
}
