package welumen.pattern.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.pattern.draft.Card.Measure;
import welumen.shape.Outline;
import welumen.shape.Point;

class CardTest {
    /** A quadrilateral to a hexagon, neither folded nor flat. */
    private static List<Point> shape(Random random, int count) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < count; i++) {
            var angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / count;
            var radius = 250 + 150 * random.nextDouble();
            points.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return points;
    }

    private static List<Measure> all(List<Point> shape) {
        var measures = new ArrayList<Measure>();
        for (var i = 0; i < shape.size(); i++)
            for (var j = i + 1; j < shape.size(); j++)
                measures.add(new Measure(
                        (char) ('A' + i), (char) ('A' + j), shape.get(i).to(shape.get(j))));
        return measures;
    }

    /** Round the shape, and from its first corner to every other one: just enough. */
    private static List<Measure> enough(List<Point> shape) {
        var count = shape.size();
        return all(shape).stream()
                .filter(measure -> measure.from() == 'A' || measure.to() - measure.from() == 1)
                .filter(measure -> measure.to() - 'A' < count)
                .toList();
    }

    private static String why(Parsed<Card> answer) {
        return answer instanceof Refused<Card>(var why) ? why : "";
    }

    @RepeatedTest(20)
    void sidesAndDiagonalsThatAreJustEnoughDrawTheShape(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        var shape = shape(random, 4 + random.nextInt(3));
        var card = Card.of(enough(shape)).orThrow();
        assertThat(card.rmsMm()).isLessThan(1e-3);
        for (var i = 0; i < shape.size(); i++)
            for (var j = i + 1; j < shape.size(); j++)
                assertThat(card.corners().get(i).to(card.corners().get(j)))
                        .isCloseTo(shape.get(i).to(shape.get(j)), within(0.05));
        assertThat(new Outline(card.corners()).area()).isCloseTo(new Outline(shape).area(), within(60.0));
        assertThat(card.corners().getFirst()).isEqualTo(new Point(0, 0));
        assertThat(card.corners().get(1).y()).isCloseTo(0, within(1e-9));
    }

    /** A tape that is out by up to a millimetre: the squares are least where nothing near is less. */
    @RepeatedTest(10)
    void misfitsAreLeastSquares(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        var shape = shape(random, 5);
        var measures = all(shape).stream()
                .map(measure -> new Measure(measure.from(), measure.to(), measure.mm() + random.nextDouble() - 0.5))
                .toList();
        var card = Card.of(measures).orThrow();
        assertThat(card.rmsMm()).isBetween(0.01, 0.5);
        for (var i = 0; i < 5; i++)
            for (var step : List.of(new Point(0.02, 0), new Point(-0.02, 0), new Point(0, 0.02), new Point(0, -0.02))) {
                var pushed = new ArrayList<>(card.corners());
                pushed.set(i, pushed.get(i).plus(step));
                assertThat(new Card(pushed, measures, Optional.empty()).rmsMm())
                        .isGreaterThanOrEqualTo(card.rmsMm() - 1e-9);
            }
    }

    /** One diagonal read a hundred wrong among all of a hexagon's. */
    @RepeatedTest(10)
    void aMeasureThatIsWrongIsNamed(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        var measures = new ArrayList<>(all(shape(random, 6)));
        var number = random.nextInt(measures.size());
        var right = measures.get(number);
        var wrong = new Measure(right.from(), right.to(), right.mm() + 40);
        measures.set(number, wrong);
        var card = Card.of(measures).orThrow();
        assertThat(card.agrees()).isFalse();
        assertThat(card.suspect()).contains(wrong);
        assertThat(Card.told(measures, wrong, 6).orElseThrow()).isCloseTo(right.mm(), within(0.1));
    }

    @Test
    void withOneMeasureTooManyNobodyCanTellWhichIsWrong() {
        var measures = new ArrayList<>(
                all(List.of(new Point(0, 0), new Point(400, 0), new Point(400, 300), new Point(0, 300))));
        measures.set(1, new Measure('A', 'C', 512));
        var card = Card.of(measures).orThrow();
        assertThat(card.agrees()).isFalse();
        assertThat(card.suspect()).isEmpty();
        assertThat(Math.abs(card.misfitMm(card.worst()))).isBetween(1.0, 12.0);
    }

    @Test
    void whatCouldStillBePushedAskewWantsADiagonal() {
        var four = List.of(
                new Measure('A', 'B', 400),
                new Measure('B', 'C', 300),
                new Measure('C', 'D', 400),
                new Measure('D', 'A', 300));
        assertThat(why(Card.of(four))).contains("askew").containsPattern("Measure (AC|BD) too");
        assertThat(why(Card.of(
                        List.of(new Measure('A', 'B', 400), new Measure('B', 'D', 300), new Measure('D', 'A', 300)))))
                .contains("A, B, C");
        assertThat(why(Card.of(List.of(new Measure('A', 'B', 400))))).contains("three corners");
    }

    @Test
    void sidesThatDoNotCloseShowTheirMisfit() {
        var card =
                Card.of(List.of(new Measure('A', 'B', 1000), new Measure('B', 'C', 300), new Measure('C', 'A', 300)));
        // flat: no card at all, or one that says how far it is out
        if (card instanceof Parsed.Understood<Card>(var drawn))
            assertThat(drawn.agrees()).isFalse();
        else assertThat(why(card)).isNotEmpty();
    }
}
