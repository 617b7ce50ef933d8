package welumen.cut.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import welumen.shape.Box;

class LineFieldTest {
    private static final Box BOX = new Box(0, 0, 1000, 1000);

    /** Upright at the left, slanted by 40° at the right: half of it in the middle, whichever end is called the head. */
    @Test
    void linesTurnEvenlyBetweenThoseThatAreGiven() {
        for (var head : new double[] {0, Math.PI}) {
            var field = new LineField(BOX, 50);
            for (var y = 0; y <= 1000; y += 25) {
                field.give(0, y, Math.toRadians(90));
                field.give(1000, y, Math.toRadians(50) + head);
            }
            field.spread();
            assertThat(Math.toDegrees(field.angleAt(500, 500))).isCloseTo(70, within(0.5));
            assertThat(Math.toDegrees(field.angleAt(1000, 500))).isCloseTo(50, within(1e-6));
        }
    }

    /** Where two cross at right angles there is no direction to hold on to, and that of the others goes through. */
    @Test
    void linesThatCrossCancelEachOther() {
        var field = new LineField(BOX, 50);
        for (var y = 0; y <= 1000; y += 25) field.give(0, y, 0.3);
        field.give(500, 500, 0);
        field.give(500, 500, Math.PI / 2);
        field.spread();
        assertThat(field.angleAt(500, 500)).isCloseTo(0.3, within(0.01));
    }

    @Test
    void whatLiesBeyondTheBoxGoesOnAsAtItsEdge() {
        var field = new LineField(BOX, 50);
        for (var y = 0; y <= 1000; y += 25) field.give(0, y, 0.3);
        field.spread();
        assertThat(field.angleAt(-500, 500)).isEqualTo(field.angleAt(0, 500));
        assertThat(field.angleAt(9000, 1700)).isEqualTo(field.angleAt(1000, 1000));
    }
}
