package welumen.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import welumen.shape.Box;

class ChalkTest {
    private final Box box = new Box(-100, 50, 300, 250);
    private final Chalk chalk = Chalk.fitting(box, 10, 20, 200, 400);

    @Test
    void fitsABoxIntoTheMiddleOfAField() {
        assertThat(chalk.scale()).isEqualTo(0.5);
        assertThat(chalk.x(-100)).isCloseTo(10, within(1e-9));
        assertThat(chalk.x(300)).isCloseTo(210, within(1e-9));
        assertThat(chalk.y(50) + chalk.y(250)).isCloseTo(2 * 220, within(1e-9)); // the middle of the field
        assertThat(chalk.y(250)).isLessThan(chalk.y(50)); // y up in mm, down in pixels
    }

    @Test
    void aPixelLeadsBackToItsMillimetres() {
        var at = chalk.at(chalk.x(12.5), chalk.y(77));
        assertThat(at.x()).isCloseTo(12.5, within(1e-9));
        assertThat(at.y()).isCloseTo(77, within(1e-9));
    }
}
