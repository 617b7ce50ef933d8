package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.hide.DrawnHide;
import welumen.shape.Outline;
import welumen.shape.Planar;

class ObstaclesTest {
    /** What boxes and clearings say to be clear of a hide's outside, its poor leather and its flaws is clear of them. */
    @Property(tries = 12)
    void nothingThatIsSaidToBeClearCollides(@ForAll @LongRange(min = 1, max = 10_000) long seed) {
        var hide = DrawnHide.hide("h", "", 4.8e6, 12, 300, seed);
        var problem = new CutProblem(3, List.of(Cases.rectangle("a", 300, 200, 1)), List.of(hide), List.of());
        var field = new Container(problem, hide, Resolution.FINE);
        var form = Form.of(Planar.polygon(Outline.rectangle(300, 200)), 10, 36);
        var body = new PlacedForm(form);
        var random = new SplittableRandom(seed);
        var clear = 0;
        for (var i = 0; i < 400; i++) {
            var obstacles = field.obstacles(1 + random.nextInt(4));
            body.lay(
                    form,
                    field.minX + random.nextDouble() * field.width(),
                    field.minY + random.nextDouble() * field.height(),
                    random.nextDouble() * 7);
            for (var k = 0; k < obstacles.count(); k++) {
                if (obstacles.isNear(body, k)) continue;
                clear++;
                assertThat(new Collider().collide(body, obstacles.get(k))).isFalse();
            }
        }
        assertThat(clear).isGreaterThan(400);
    }
}
