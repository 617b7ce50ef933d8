package welumen.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.shape.Point;

class CleanLinesTest {
    /** Measured every mm along segments, each point off by chance. */
    private static List<Point> measured(List<Segment> segments, double noise, long seed) {
        var random = new Random(seed);
        var ring = new ArrayList<Point>();
        for (var segment : segments) ring.addAll(segment.points(0.001));
        return Ring.every(ring, 1).stream()
                .map(point -> point.plus(new Point(noise * random.nextGaussian(), noise * random.nextGaussian())))
                .toList();
    }

    private static final List<Segment> DEE = List.of(
            new Segment.Line(new Point(0, 0), new Point(200, 0)),
            new Segment.Arc(new Point(200, 60), 60, -Math.PI / 2, Math.PI),
            new Segment.Line(new Point(200, 120), new Point(0, 120)),
            new Segment.Line(new Point(0, 120), new Point(0, 0)));

    /** Three lines and an arc come back as three lines and an arc, their corners where they were. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aNoisyRingIsPartedAsItWasDrawn(long seed) {
        var found = CleanLines.of(measured(DEE, 0.08, seed));
        assertThat(found).hasSize(4);
        assertThat(found.stream().filter(Segment.Arc.class::isInstance)).hasSize(1);
        for (var corner : List.of(new Point(0, 0), new Point(0, 120)))
            assertThat(found)
                    .anySatisfy(one -> assertThat(one.start().to(corner)).isLessThan(0.15));
        var arc = (Segment.Arc)
                found.stream().filter(Segment.Arc.class::isInstance).findFirst().orElseThrow();
        assertThat(arc.radius()).isCloseTo(60, within(0.15));
        assertThat(Math.abs(arc.turn())).isCloseTo(Math.PI, within(0.05));
    }

    /** A seeker rounds corners off; they are where the lines cross all the same. */
    @Test
    void cornersThatWereRoundedOffAreSharp() {
        var square = List.of(new Point(0, 0), new Point(150, 0), new Point(150, 100), new Point(0, 100));
        var rounded = Ring.evened(Ring.every(square, 1), 1.2);
        var found = CleanLines.of(rounded);
        assertThat(found).hasSize(4);
        for (var corner : square)
            assertThat(found)
                    .anySatisfy(one -> assertThat(one.start().to(corner)).isLessThan(0.1));
    }

    /** The least sums of squares by moments, against those of the fits themselves. */
    @Test
    void momentsSayHowFarAStretchIsFromLineAndCircle() {
        var ring = measured(DEE, 0.05, 9);
        var moments = new Moments(ring);
        var straight = ring.subList(20, 121);
        var line = Fitted.line(straight);
        assertThat(moments.line(20, 120))
                .isCloseTo(
                        straight.stream()
                                .mapToDouble(point -> Math.pow(line.off(point), 2))
                                .sum(),
                        within(1e-6));
        var bowed = ring.subList(220, 361);
        var circle = Fitted.circle(bowed).orElseThrow();
        assertThat(moments.circle(220, 360))
                .isCloseTo(
                        bowed.stream()
                                .mapToDouble(point -> Math.pow(circle.off(point), 2))
                                .sum(),
                        within(0.02));
    }

    @Test
    void linesAndCirclesCrossWhereTheyDo() {
        var across = new Fitted.Straight(new Point(0, 3), 1, 0);
        var up = new Fitted.Straight(new Point(4, 0), 0, 1);
        var round = new Fitted.Round(new Point(0, 0), 5);
        assertThat(Fitted.crossing(across, up, new Point(0, 0))).contains(new Point(4, 3));
        assertThat(Fitted.crossing(across, round, new Point(9, 3)).orElseThrow().to(new Point(4, 3)))
                .isLessThan(1e-9);
        assertThat(Fitted.crossing(round, across, new Point(-9, 3))
                        .orElseThrow()
                        .to(new Point(-4, 3)))
                .isLessThan(1e-9);
        var other = new Fitted.Round(new Point(8, 0), 5);
        assertThat(Fitted.crossing(round, other, new Point(4, 9)).orElseThrow().to(new Point(4, 3)))
                .isLessThan(1e-9);
        assertThat(Fitted.crossing(across, new Fitted.Straight(new Point(0, 0), 1, 0), new Point(0, 0)))
                .isEmpty();
        assertThat(Fitted.crossing(round, new Fitted.Straight(new Point(0, 5), 1, 0), new Point(0, 5)))
                .isEmpty();
    }

    @Test
    void anArcsPointsLieOnItAndLeaveItByNoMoreThanTheySay() {
        var arc = new Segment.Arc(new Point(1, 2), 50, 0.3, -2);
        var points = arc.points(0.02);
        assertThat(points)
                .allSatisfy(point -> assertThat(point.to(arc.centre())).isCloseTo(50, within(1e-9)));
        var middle = points.get(0).plus(points.get(1)).times(0.5);
        assertThat(50 - middle.to(arc.centre())).isBetween(0.0, 0.02);
        assertThat(points.getFirst()).isEqualTo(arc.start());
    }
}
