package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;

class SideTest {
    private final SplittableRandom random = new SplittableRandom(8);

    private static Form form(Geometry shape) {
        return Form.of((Polygon) shape, 10, 36);
    }

    /** Of twelve corners at most on an ellipse, so that nothing beside one of its sides can lie in it. */
    private Form bulging() {
        var points = new Coordinate[12];
        for (var i = 0; i < points.length; i++) {
            var angle = random.nextDouble() * 2 * Math.PI;
            points[i] = new Coordinate(300 * Math.cos(angle), 180 * Math.sin(angle));
        }
        return form(Planar.FACTORY.createMultiPointFromCoords(points).convexHull());
    }

    private static Polygon asItLies(Body body) {
        var ring = new Coordinate[body.sides + 1];
        for (var i = 0; i < body.sides; i++) ring[i] = new Coordinate(body.ax[i], body.ay[i]);
        ring[body.sides] = ring[0];
        return Planar.FACTORY.createPolygon(ring);
    }

    /** Lays a form anew, beside a side. */
    private Body beside(Side side, Form form) {
        var own = form.sideAt(random.nextDouble());
        var turn = side.turnOf(form, own);
        var middle = side.middleOf(form, own, turn, random.nextBoolean());
        var body = new Body(form);
        body.lay(form, middle.x(), middle.y(), turn);
        return body;
    }

    @Test
    void whatLiesBesideASideTouchesItAllAlongAndLiesInNothing() {
        for (var i = 0; i < 300; i++) {
            var there = new Body(bulging());
            there.lay(there.form(), 900, -400, random.nextDouble() * 7);
            var side = Side.of(there, random);
            var one = asItLies(beside(side, bulging()));
            var other = asItLies(there);
            assertThat(one.intersection(other).getArea()).isLessThan(1e-3);
            assertThat(one.buffer(1e-4).intersection(other.getBoundary()).getLength())
                    .isGreaterThan(1);
        }
    }

    @Test
    void whatLiesBesideASideOfABoxLiesInIt() {
        var box = new Box(-200, 100, 3000, 4100);
        for (var i = 0; i < 300; i++) {
            var side = Side.of(box, random);
            var body = beside(side, bulging());
            var toRim = List.of(
                    body.minX - box.minX(), box.maxX() - body.maxX, body.minY - box.minY(), box.maxY() - body.maxY);

            assertThat(toRim).as("flush from within").anyMatch(gap -> Math.abs(gap) < 1e-6);
        }
    }

    /** Also of a hole, which runs the other way round: what lies beside its side lies in the hole. */
    @Test
    void theShapeIsOnTheLeftOfEverySide() {
        var ring = Planar.polygon(Outline.rectangle(800, 600))
                .difference(Planar.polygon(new Box(200, 150, 600, 450).outline()));
        for (var shape : List.of(ring, ring.reverse())) {
            var there = new Body(form(shape));
            there.lay(there.form(), 0, 0, 0.4);
            for (var i = 0; i < there.sides; i++) {
                var length = Math.hypot(there.bx[i] - there.ax[i], there.by[i] - there.ay[i]);
                var toLeftX = (there.ay[i] - there.by[i]) / length;
                var toLeftY = (there.bx[i] - there.ax[i]) / length;
                var middleX = (there.ax[i] + there.bx[i]) / 2;
                var middleY = (there.ay[i] + there.by[i]) / 2;
                assertThat(there.contains(middleX + toLeftX, middleY + toLeftY)).isTrue();
                assertThat(there.contains(middleX - toLeftX, middleY - toLeftY)).isFalse();
            }
        }
    }

    @Test
    void longSidesAreTakenAsOftenAsTheyAreLong() {
        var form = form(Planar.polygon(Outline.rectangle(900, 100)));
        var along = IntStream.range(0, 2000)
                .map(i -> form.sideAt(i / 2000.0))
                .filter(side -> Math.abs(form.ay[side] - form.by[side]) < 1)
                .count();
        assertThat(along / 2000.0).isCloseTo(0.9, within(0.01));
        assertThat(form.sideAt(1)).isBetween(0, 3);
    }

    @Test
    void ofWhatIsNotTurnedTheSideFacesThatIsLongAndRunsTheOtherWay() {
        var form = form(Planar.polygon(Outline.rectangle(500, 200)));
        for (var turn : new double[] {0, Math.PI / 2, Math.PI}) {
            var above = new Side(40, 10, 90, 12);
            var own = form.sideFacing(above, turn);
            var miss = Math.IEEEremainder(above.turnOf(form, own) - turn, 2 * Math.PI);
            assertThat(miss).isCloseTo(0, within(0.05));
        }
    }
}
