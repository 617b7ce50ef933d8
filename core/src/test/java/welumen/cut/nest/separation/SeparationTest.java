package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Search;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

class SeparationTest {
    private static Outline star(Random random, int corners) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < corners; i++) {
            var angle = 2 * Math.PI * i / corners;
            var radius = 40 + 60 * random.nextDouble();
            points.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return new Outline(points);
    }

    /** Against the library's overlay: whatever shares more than a rim collides, and nothing else does. */
    @Property(tries = 300)
    void bodiesCollideWhereTheyShareAnArea(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        var random = new Random(seed);
        var one = new PlacedForm(Form.of(Planar.polygon(star(random, 5 + random.nextInt(9))), 10, 36));
        var other = new PlacedForm(Form.of(Planar.polygon(star(random, 5 + random.nextInt(9))), 10, 36));
        one.lay(one.form(), 0, 0, random.nextDouble() * 6);
        other.lay(
                other.form(),
                220 * random.nextDouble() - 110,
                220 * random.nextDouble() - 110,
                random.nextDouble() * 6);
        var shared = polygon(one).intersection(polygon(other)).getArea();
        if (shared > 1e-6 || shared == 0)
            assertThat(new Collider().collide(one, other)).isEqualTo(shared > 0);
        assertThat(new Collider().collide(other, one)).isEqualTo(new Collider().collide(one, other));
    }

    private static Polygon polygon(PlacedForm body) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < body.sides; i++) points.add(new Point(body.ax[i], body.ay[i]));
        return Planar.polygon(new Outline(points));
    }

    @Property(tries = 60)
    void circlesLieWithinAndApart(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        var polygon = Planar.polygon(star(new Random(seed), 11));
        var poles = InscribedCircles.of(polygon, 12, 36);
        assertThat(poles).isNotEmpty();
        for (var i = 0; i < poles.size(); i++) {
            var at = poles.get(i);
            var point = Planar.FACTORY.createPoint(new Coordinate(at[0], at[1]));
            assertThat(polygon.contains(point)).isTrue();
            assertThat(polygon.getExteriorRing().distance(point)).isGreaterThanOrEqualTo(at[2] - 1e-6);
            for (var k = 0; k < i; k++)
                assertThat(Math.hypot(at[0] - poles.get(k)[0], at[1] - poles.get(k)[1]))
                        .isGreaterThanOrEqualTo(at[2] + poles.get(k)[2] - 1e-6);
        }
    }

    /** The farther apart two that overlap are drawn, the less deep they lie in each other. */
    @Test
    void depthFallsAsTheyPart() {
        var form = Form.of(Planar.polygon(Outline.rectangle(100, 60)), 10, 36);
        var one = new PlacedForm(form);
        var other = new PlacedForm(form);
        one.lay(form, 0, 0, 0);
        var before = Double.MAX_VALUE;
        for (var x = 1; x < 100; x += 7) {
            other.lay(form, x, 0, 0);
            var depth = new Collider().depth(one, other);
            assertThat(depth).isPositive().isLessThan(before);
            before = depth;
        }
    }

    @Property(tries = 6)
    void whatIsSeparatedIsValidForTheJudge(@ForAll @LongRange(min = 0, max = 1000) long seed) {
        var random = new Random(seed);
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < 9; i++)
            pieces.add(Cases.piece("p" + i, new Shape(star(random, 7)), 1, 4, new Stretch.Any()));
        Stock stock = Cases.sheet("s", 620, 620);
        var problem = new CutProblem(2, pieces, List.of(stock), List.of());
        var items = Items.of(problem, List.of(stock), Resolution.FINE);
        var layout = new Layout(items, List.of(new Container(problem, stock, Resolution.FINE)));
        layout.isOpen[0] = true;
        var chance = new SplittableRandom(seed);
        for (var i = 0; i < items.size(); i++) Search.scatter(layout, i, chance);
        assertThat(new Separation(layout, chance, 40, 4).run(Long.MAX_VALUE / 2, () -> false))
                .isEqualTo(Separation.Outcome.APART);
        assertThat(PlanCheck.faults(problem, layout.placements())).isEmpty();
    }

    @Test
    void turnsAreThoseThatPieceAndHideAllow() {
        var hide = new Stock.Hide(
                "h", "", new Shape(Outline.rectangle(300, 300)), 1, List.of(), new Stretch.Along(90, 0), 0);
        var along = Cases.piece("a", new Shape(Outline.rectangle(100, 40)), 1, 4, new Stretch.Along(0, 20));
        var ways = Ways.of(along, hide);
        assertThat(ways.ranges()).hasSize(2);
        for (var range : ways.ranges())
            assertThat(Math.toDegrees(range.width())).isCloseTo(40, within(1e-9));
        assertThat(ways.ranges())
                .anyMatch(range -> range.has(Math.toRadians(75)))
                .noneMatch(range -> range.has(0));
        assertThat(Ways.of(Cases.turned(along, new Turns.AsDrawn()), hide).none())
                .isTrue();
        assertThat(Ways.of(Cases.turned(along, new Turns.Listed(List.of(0.0, 100.0))), hide)
                        .ranges())
                .hasSize(1);
    }
}
