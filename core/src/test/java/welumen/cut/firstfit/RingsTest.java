package welumen.cut.firstfit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import welumen.cut.Cases;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/** The nester's own tests of nearness against the geometry library's. */
class RingsTest {
    @Property(tries = 300)
    void comesNearAgreesWithTheDistance(@ForAll long seed) {
        var random = new Random(seed);
        var one = Cases.star(random, 5 + random.nextInt(30), 50, 150);
        var other = Cases.star(random, 5 + random.nextInt(30), 20, 90);
        var dx = random.nextDouble() * 400 - 200;
        var dy = random.nextDouble() * 400 - 200;
        var gap = random.nextInt(3) * 4.0;
        var distance =
                Planar.polygon(one).getBoundary().distance(moved(other, dx, dy).getBoundary());
        if (Math.abs(distance - gap) < 1e-6) return; // on the border both answers are right
        assertThat(Rings.of(one).comesNear(Rings.of(other), dx, dy, gap)).isEqualTo(distance < gap || distance == 0);
    }

    @Property(tries = 300)
    void meetsAgreesWithIntersection(@ForAll long seed) {
        var random = new Random(seed);
        var one = Cases.star(random, 6 + random.nextInt(20), 40, 150);
        var other = Cases.star(random, 6 + random.nextInt(20), 5, 90);
        var dx = random.nextDouble() * 300 - 150;
        var dy = random.nextDouble() * 300 - 150;
        var crossed = Planar.polygon(one).intersects(moved(other, dx, dy));
        assertThat(Rings.of(one).meets(Rings.of(other), dx, dy, 0)).isEqualTo(crossed);
    }

    @Property(tries = 200)
    void insideIsInside(@ForAll long seed) {
        var random = new Random(seed);
        var outline = Cases.star(random, 3 + random.nextInt(50), 20, 200);
        var polygon = Planar.polygon(outline);
        var rings = Rings.of(outline);
        for (var i = 0; i < 20; i++) {
            var x = random.nextDouble() * 400 - 200;
            var y = random.nextDouble() * 400 - 200;
            assertThat(rings.contains(x, y))
                    .isEqualTo(polygon.contains(Planar.FACTORY.createPoint(new Coordinate(x, y))));
        }
    }

    @Test
    void aHoleIsOutside() {
        var frame =
                Rings.of(new Shape(Outline.rectangle(100, 100), List.of(Cases.at(20, 20, Outline.rectangle(60, 60)))));
        assertThat(frame.contains(10, 10)).isTrue();
        assertThat(frame.contains(50, 50)).isFalse();
        var core = Rings.of(Outline.rectangle(40, 40));
        assertThat(frame.meets(core, 30, 30, 0)).isFalse();
        assertThat(frame.meets(core, 30, 30, 11)).isTrue();
        assertThat(frame.meets(core, 50, 30, 0)).isTrue();
    }

    /** What the first glance turns down really lies on what is taken. */
    @Property(tries = 50)
    void theRasterNeverTakesAPlaceFarFromWhatIsTaken(@ForAll long seed) {
        var random = new Random(seed);
        var sheet = Rings.of(Outline.rectangle(800, 600));
        var blob = Cases.at(400, 300, Cases.star(random, 24, 80, 220));
        var raster = Raster.over(sheet);
        raster.take(Rings.of(blob), 0, 0);
        var polygon = Planar.polygon(blob);
        for (var i = 0; i < 200; i++) {
            var x = random.nextDouble() * 800;
            var y = random.nextDouble() * 600;
            var distance = polygon.distance(Planar.FACTORY.createPoint(new Coordinate(x, y)));
            if (raster.isTaken(x, y)) assertThat(distance).isLessThan(4);
        }
    }

    private static Polygon moved(Outline outline, double dx, double dy) {
        return (Polygon) AffineTransformation.translationInstance(dx, dy).transform(Planar.polygon(outline));
    }
}
