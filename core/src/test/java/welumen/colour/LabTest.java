package welumen.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LabTest {
    private static Reflectance even(double share) {
        var all = new double[Reflectance.COUNT];
        Arrays.fill(all, share);
        return Reflectance.of(all);
    }

    /** The sums over the 31 wavelengths are the table's own: D65 94.78 100 107.35, A 111.06 100 35.21. */
    @Test
    void theWhitesAreThoseOfTheTable() {
        assertThat(Observer.under(Illuminant.D65).white())
                .containsExactly(new double[] {94.78, 100, 107.35}, within(0.01));
        assertThat(Observer.under(Illuminant.A).white())
                .containsExactly(new double[] {111.06, 100, 35.21}, within(0.01));
    }

    /** What sends back the same of every light is grey under any lamp: L* of 18 % is 49.5. */
    @ParameterizedTest
    @EnumSource(Illuminant.class)
    void greyIsGrey(Illuminant lamp) {
        var grey = Lab.of(even(0.18), lamp);
        assertThat(grey.l()).isCloseTo(49.496, within(0.001));
        assertThat(grey.chroma()).isCloseTo(0, within(1e-9));
        assertThat(Lab.of(even(1), lamp).l()).isCloseTo(100, within(1e-9));
    }

    /** Two that match by daylight need not by lamplight. */
    @Test
    void theLampTells() {
        var reddish = even(0.3).map(share -> share);
        var shares = reddish.shares().stream().mapToDouble(Double::doubleValue).toArray();
        for (var i = 20; i < 31; i++) shares[i] = 0.5;
        var red = Reflectance.of(shares);
        assertThat(Lab.of(red, Illuminant.A).l())
                .isGreaterThan(Lab.of(red, Illuminant.D65).l());
        assertThat(Lab.of(red, Illuminant.D65).a()).isPositive();
    }

    @Test
    void aSwatchSaysWhatTheScreenCannotShow() {
        assertThat(Swatch.of(new Lab(50, 0, 0))).isEqualTo(new Swatch(119, 119, 119, true));
        assertThat(Swatch.of(new Lab(100, 0, 0))).isEqualTo(new Swatch(255, 255, 255, true));
        assertThat(Swatch.of(new Lab(50, -90, 0)).isShown()).isFalse();
    }

    @Test
    void whatIsNoShareIsRefused() {
        assertThatThrownBy(() -> even(1.2)).hasMessageContaining("At 400 nm the reflectance is 1.2");
        assertThatThrownBy(() -> Reflectance.of(0.5)).hasMessageContaining("31 numbers");
        assertThatThrownBy(() -> new Lab(120, 0, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
