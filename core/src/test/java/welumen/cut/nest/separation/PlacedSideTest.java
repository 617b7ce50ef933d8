package welumen.cut.nest.separation;

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
import welumen.shape.Point;

class PlacedSideTest {
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

    private static Polygon asItLies(PlacedForm body) {
        var ring = new Coordinate[body.sides + 1];
        for (var i = 0; i < body.sides; i++) ring[i] = new Coordinate(body.ax[i], body.ay[i]);
        ring[body.sides] = ring[0];
        return Planar.FACTORY.createPolygon(ring);
    }

    /** A form of its own, one of its sides along another, an end at an end. */
    private PlacedForm beside(PlacedSide other, Form form, int side) {
        var turn = other.turnOf(form, side);
        var middle = other.middleOf(form, side, turn, random.nextBoolean());
        var body = new PlacedForm(form);
        body.lay(form, middle.x(), middle.y(), turn);
        return body;
    }

    @Test
    void whatLiesBesideASideTouchesItAllAlongTheShorterAndLiesInNothing() {
        for (var i = 0; i < 300; i++) {
            var there = new PlacedForm(bulging());
            there.lay(there.form(), 900, -400, random.nextDouble() * 7);
            var side = PlacedSide.of(there, random);
            var form = bulging();
            var own = form.sideAt(random.nextDouble());
            var one = asItLies(beside(side, form, own));
            var other = asItLies(there);
            assertThat(one.intersection(other).getArea()).isLessThan(1e-3);
            var shorter = Math.min(
                    Math.hypot(side.bx() - side.ax(), side.by() - side.ay()),
                    Math.hypot(form.bx[own] - form.ax[own], form.by[own] - form.ay[own]));
            assertThat(one.buffer(1e-4).intersection(other.getBoundary()).getLength())
                    .isGreaterThan(shorter - 1e-6);
        }
    }

    /** Where the piece is longer than the side it may run out at a corner, but not across the side. */
    @Test
    void whatLiesBesideASideOfABoxIsFlushWithItFromWithin() {
        var box = new Box(-200, 100, 3000, 4100);
        for (var i = 0; i < 300; i++) {
            var form = bulging();
            var body = beside(PlacedSide.of(box, random), form, form.sideAt(random.nextDouble()));
            var toRim = List.of(
                    body.minX - box.minX(), box.maxX() - body.maxX, body.minY - box.minY(), box.maxY() - body.maxY);
            assertThat(toRim).anyMatch(gap -> Math.abs(gap) < 1e-6);
        }
    }

    /** Also of a hole, which runs the other way round: what lies beside its side lies in the hole. */
    @Test
    void theShapeIsOnTheLeftOfEverySide() {
        var ring = Planar.polygon(Outline.rectangle(800, 600))
                .difference(Planar.polygon(new Box(200, 150, 600, 450).outline()));
        for (var shape : List.of(ring, ring.reverse())) {
            var there = new PlacedForm(form(shape));
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
        assertThat(form.sideAt(1)).isEqualTo(3);
    }

    /** Two sides of a step face what lies over it; the longer one is taken. */
    @Test
    void ofWhatMayNotTurnTheSideFacesThatRunsTheOtherWayFarthest() {
        var step = form(Planar.polygon(new Outline(List.of(
                new Point(0, 0),
                new Point(500, 0),
                new Point(500, 200),
                new Point(300, 200),
                new Point(300, 350),
                new Point(0, 350)))));
        var above = new PlacedSide(40, 10, 90, 12);
        for (var quarter = 0; quarter < 4; quarter++) {
            var turn = quarter * Math.PI / 2;
            var own = step.sideFacing(above, turn);
            assertThat(Math.IEEEremainder(above.turnOf(step, own) - turn, 2 * Math.PI))
                    .isCloseTo(0, within(0.05));
            var longest = new double[] {300, 200, 500, 350}[quarter];
            assertThat(Math.hypot(step.bx[own] - step.ax[own], step.by[own] - step.ay[own]))
                    .isCloseTo(longest, within(1e-9));
        }
    }
}
