package welumen.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

class PlanarTest {
    private static Outline star(Random random) {
        return OutlineTest.star(
                random.doubles(3 + random.nextInt(20), 20, 100).boxed().toList(), 0, 0);
    }

    /** Against the library's overlay, also where the box lies beside the outline, or the outline comes into it in several parts. */
    @Property(tries = 300)
    void whatLiesWithinABoxIsWhatBothShare(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        var random = new Random(seed);
        var outline = star(random);
        var x = 240 * random.nextDouble() - 140;
        var y = 240 * random.nextDouble() - 140;
        var box = new Box(x, y, x + 150 * random.nextDouble(), y + 150 * random.nextDouble());
        var shared =
                OverlayNGRobust.overlay(Planar.polygon(outline), Planar.polygon(box.outline()), OverlayNG.INTERSECTION);
        assertThat(Planar.areaWithin(outline, box)).isCloseTo(shared.getArea(), within(1e-6));
    }

    @Test
    void allOfItLiesWithinItsOwnBox() {
        var outline = star(new Random(5));
        assertThat(Planar.areaWithin(outline, outline.box())).isCloseTo(outline.area(), within(1e-9));
    }

    /** Two holes share a half; half of a third reaches over the edge. */
    @Test
    void holesThatOverlapAreTakenOffOnce() {
        var holes = List.of(
                Outline.rectangle(20, 20),
                new Pose(10, 0, 0, false).apply(Outline.rectangle(20, 20)),
                new Pose(90, 0, 0, false).apply(Outline.rectangle(20, 20)));
        var shape = new Shape(Outline.rectangle(100, 100), holes);
        assertThat(Planar.areaLeft(shape)).isCloseTo(10_000 - 30 * 20 - 10 * 20, within(1e-6));
    }
}
