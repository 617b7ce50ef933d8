package welumen.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class BezierTest {
    private static double polyline(Bezier curve, int steps) {
        var length = 0.0;
        for (var i = 0; i < steps; i++) length += curve.at((double) i / steps).to(curve.at((i + 1.0) / steps));
        return length;
    }

    private static Bezier any(Random random) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < 4; i++)
            points.add(new Point(i * 150 + random.nextDouble() * 120, random.nextDouble() * 300));
        return new Bezier(points.get(0), points.get(1), points.get(2), points.get(3));
    }

    @RepeatedTest(20)
    void itsLengthIsThatOfTheFinestChords(RepetitionInfo info) {
        var curve = any(new Random(info.getCurrentRepetition()));
        assertThat(curve.lengthMm()).isCloseTo(polyline(curve, 200_000), within(1e-4));
    }

    @RepeatedTest(20)
    void itsPointsAreAsLongAsItIs(RepetitionInfo info) {
        var curve = any(new Random(info.getCurrentRepetition()));
        var points = new ArrayList<>(curve.points(0.004));
        points.add(curve.d());
        assertThat(new Run(points).lengthMm()).isCloseTo(curve.lengthMm(), within(0.01));
        for (var t = 0.0; t <= 1; t += 0.01)
            assertThat(new Run(points).off(curve.at(t))).isLessThan(0.01);
    }

    @RepeatedTest(20)
    void itIsFoundAgainFromItsPoints(RepetitionInfo info) {
        var curve = any(new Random(info.getCurrentRepetition()));
        var points = new ArrayList<>(curve.points(0.01));
        points.add(curve.d());
        var found = Bezier.through(new Run(points));
        for (var t = 0.0; t <= 1; t += 0.02)
            assertThat(new Run(points).off(found.at(t))).isLessThan(0.3);
        assertThat(found.lengthMm()).isCloseTo(curve.lengthMm(), within(0.3));
    }

    @Test
    void aStraightLineStaysOne() {
        var curve = Bezier.through(new Run(List.of(new Point(0, 0), new Point(30, 40))));
        assertThat(curve.lengthMm()).isCloseTo(50, within(1e-6));
    }
}
