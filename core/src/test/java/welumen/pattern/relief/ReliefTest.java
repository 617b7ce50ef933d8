package welumen.pattern.relief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.pattern.surface.Crown;
import welumen.pattern.surface.Diamonds;
import welumen.pattern.surface.Flutes;

class ReliefTest {
    /** Against the sum of 100,000 chords; half a circle over 40 is 20 π, and a flat one is its chord. */
    @ParameterizedTest
    @CsvSource({"40, 20", "50, 6.6", "30, 25", "60, 1"})
    void theArcHoldsForAnyCrown(double wide, double high) {
        assertThat(Crown.arcMm(wide, high)).isCloseTo(byChords(wide, high), within(1e-3));
        assertThat(Crown.arcMm(40, 20)).isCloseTo(20 * Math.PI, within(1e-9));
        assertThat(Crown.arcMm(40, 0)).isEqualTo(40);
    }

    private static double byChords(double wide, double high) {
        var radius = (wide * wide / 4 + high * high) / (2 * high);
        var half = high > radius ? Math.PI - Math.asin(wide / 2 / radius) : Math.asin(wide / 2 / radius);
        var sum = 0.0;
        var steps = 100_000;
        for (var i = 0; i < steps; i++) {
            var a = -half + 2 * half * i / steps;
            var b = -half + 2 * half * (i + 1) / steps;
            sum += Math.hypot(radius * (Math.sin(b) - Math.sin(a)), radius * (Math.cos(b) - Math.cos(a)));
        }
        return sum;
    }

    /** Padding of 12 stands 6.6 above the stitches; over flutes of 50 that is 4.6 % more cover. */
    @Test
    void paddingTakesUpCover() {
        assertThat(Crown.heightMm(12)).isCloseTo(6.6, within(1e-9));
        assertThat(Crown.takeUp(50, 12)).isCloseTo(1.0458, within(1e-4));
    }

    /** 480 in flutes of about 50: nine of 53.3 or ten of 48; ten are nearer. */
    @Test
    void flutesAreWholeAtBothEdges() {
        var flutes = Flutes.across(480, 50, 1.05);
        assertThat(flutes.count()).isEqualTo(10);
        assertThat(flutes.widthMm()).isEqualTo(48);
        assertThat(flutes.blankMm()).isCloseTo(504, within(1e-9));
        assertThat(flutes.linesMm()).hasSize(9).startsWith(50.4);
        assertThat(Flutes.across(30, 50, 1).count()).isEqualTo(1);
        assertThat(Flutes.swatch(230, 200)).isEqualTo(1.15);
        assertThatThrownBy(() -> Flutes.swatch(200, 230)).hasMessageContaining("does not sew");
        assertThatThrownBy(() -> Flutes.across(0, 50, 1)).hasMessageContaining("none");
    }

    /** Squares on their tips of 50 on 424 by 212: six across, three along, and every row is as long as it should be. */
    @Test
    void diamondsCloseOnCentreAndEdges() {
        var diamonds = Diamonds.on(424, 212, 50, Math.PI / 2);
        assertThat(diamonds.columns()).isEqualTo(3);
        assertThat(diamonds.rows()).isEqualTo(3);
        assertThat(diamonds.wideMm()).isCloseTo(424 / 6.0, within(1e-9));
        // twice the panel's area over the distance of neighbouring rows is the length of both families
        var apart = diamonds.wideMm() * Math.sin(Math.atan2(diamonds.highMm(), diamonds.wideMm()));
        assertThat(diamonds.stitchedMm()).isCloseTo(2 * 424 * 212 / apart, within(1e-6));
        assertThat(diamonds.crossings()).isEqualTo(7 * 4 + 6 * 3);
    }

    /** Each row is the mirror image of another about the centre line. */
    @Test
    void aPanelOfDiamondsIsItsOwnMirrorImage() {
        var diamonds = Diamonds.on(500, 330, 60, 1.1);
        var rows = diamonds.stitches();
        for (var row : rows)
            assertThat(rows).anySatisfy(other -> {
                assertThat(other.from().x()).isCloseTo(500 - row.from().x(), within(1e-6));
                assertThat(other.from().y()).isCloseTo(row.from().y(), within(1e-6));
                assertThat(other.to().x()).isCloseTo(500 - row.to().x(), within(1e-6));
            });
    }

    @Test
    void aSwatchIsReadAsItIsSaid() {
        assertThat(Flutes.swatch("220 to 200").orThrow()).isCloseTo(1.1, within(1e-9));
        assertThat(Flutes.swatch(" 8 in to 7 in").orThrow()).isCloseTo(8 / 7.0, within(1e-9));
        for (var wrong : List.of("", "220", "200 to 220", "220 to none", "0 to 0"))
            assertThat(Flutes.swatch(wrong).understood()).isEmpty();
    }
}
