package welumen.cut.hide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.shape.Pose;

class UprightTest {
    /** However it lay on the table, it stands as it was drawn: backbone upright, butt below. */
    @ParameterizedTest
    @CsvSource({"11, 0", "12, 37", "13, 90", "14, 180", "15, 251.5", "16, 340"})
    void aHideIsTurnedSoThatItsBackboneIsUpright(long seed, double turn) {
        var hide = DrawnHide.hide("h", "hide", 4.8e6, 6, 0, seed).shape();
        var lying = new Pose(1234, -567, turn, false).apply(hide);
        var upright = Upright.of(lying).shape();
        var box = upright.outline().box();
        assertThat(box.minY()).isCloseTo(0, within(1e-6));
        assertThat(upright.outline().area()).isCloseTo(hide.outline().area(), within(1.0));
        assertThat(box.width()).isCloseTo(hide.outline().box().width(), within(0.04 * box.width()));
        assertThat(box.height()).isCloseTo(hide.outline().box().height(), within(0.04 * box.height()));
        assertThat(upright.holes()).hasSize(6);
        // flaws lie as high up from the butt as they were drawn
        var drawn = hide.holes().getFirst().box().middle().y()
                - hide.outline().box().minY();
        assertThat(upright.holes().getFirst().box().middle().y()).isCloseTo(drawn, within(90.0));
    }
}
