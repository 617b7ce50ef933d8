package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import welumen.shape.Outline;
import welumen.shape.Planar;

class PlacedFormTest {
    private static Form rectangle(double wide, double high) {
        return Form.of(Planar.polygon(Outline.rectangle(wide, high)), 10, 36);
    }

    /** However often it was only shifted, it lies where it would if it had been laid there anew. */
    @Test
    void whatIsPutLiesAsIfItWereLaid() {
        var forms = new Form[] {rectangle(300, 200), rectangle(120, 500)};
        var put = new PlacedForm(forms[0]);
        var laid = new PlacedForm(forms[0]);
        var random = new SplittableRandom(4);
        var which = 0;
        var turn = 0.0;
        for (var i = 0; i < 2000; i++) {
            if (i % 7 == 0) turn = random.nextDouble() * 7;
            if (i % 11 == 0) which = random.nextInt(2);
            var x = random.nextDouble() * 3000;
            var y = random.nextDouble() * 2000;
            put.put(forms[which], x, y, turn);
            laid.lay(forms[which], x, y, turn);
            for (var side = 0; side < laid.sides; side++) {
                assertThat(put.ax[side]).isCloseTo(laid.ax[side], within(1e-9));
                assertThat(put.by[side]).isCloseTo(laid.by[side], within(1e-9));
            }
            assertThat(put.px[0]).isCloseTo(laid.px[0], within(1e-9));
            assertThat(put.minX).isCloseTo(laid.minX, within(1e-9));
            assertThat(put.maxY).isCloseTo(laid.maxY, within(1e-9));
        }
    }

    /** Their sides do not cross and their circles do not meet: a small one in the corner of a large one, either way round. */
    @Test
    void whatLiesWhollyInAnotherCollides() {
        var large = new PlacedForm(rectangle(1000, 1000));
        large.lay(large.form(), 0, 0, 0);
        var small = new PlacedForm(rectangle(4, 4));
        small.lay(small.form(), large.maxX - 3, large.maxY - 3, 0);
        assertThat(new Collider().collide(small, large)).isTrue();
        assertThat(new Collider().collide(large, small)).isTrue();
        small.lay(small.form(), large.maxX + 3, large.maxY - 3, 0);
        assertThat(new Collider().collide(small, large)).isFalse();
    }
}
