package welumen.cut.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class AreaCountTest {
    /** 9.6 m² of a grade of which 62 % is used, hides of 4.65 m²: 15.48 m² gross, 3.33 hides, so four; 1.93 m² are spare. */
    @Test
    void leatherForASmallSaloon() {
        var count = new AreaCount(9.6e6, 0.62, 4.65e6);
        assertThat(count.wanted()).isCloseTo(3.33, within(0.005));
        assertThat(count.hides()).isEqualTo(4);
        assertThat(count.spareMm2()).isCloseTo(1.93e6, within(0.005e6));
    }

    /** The job grows by quilting, then by door inserts: the spare shrinks to 0.29 m², under any reserve. */
    @Test
    void aJobThatGrowsEatsItsSpare() {
        var scarred = 0.5e6;
        var quilted = new AreaCount(9.6e6 + 0.24e6, 0.62, 4.65e6);
        assertThat(quilted.spareMm2() - scarred).isCloseTo(1.19e6, within(0.005e6));
        var inserts = new AreaCount(9.6e6 + 0.24e6 + 0.9e6, 0.62, 4.65e6);
        assertThat(inserts.hides()).isEqualTo(4);
        assertThat(inserts.spareMm2() - scarred).isCloseTo(0.29e6, within(0.005e6));
    }

    @Test
    void aWholeNumberIsNotRoundedUp() {
        assertThat(new AreaCount(6e6, 0.6, 5e6).hides()).isEqualTo(2);
        assertThat(new AreaCount(0, 0.6, 5e6).hides()).isZero();
        assertThatThrownBy(() -> new AreaCount(1e6, 0, 5e6)).hasMessageContaining("none");
    }
}
