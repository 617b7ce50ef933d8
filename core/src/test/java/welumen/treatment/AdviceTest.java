package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Supply;
import welumen.intake.Standard;
import welumen.measure.Finish;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;

class AdviceTest {
    private static final Part SEAT =
            Saloon.cabin().one(Saloon.SEAT).withMaterial("sage leather").withSupply(Supply.NO_LONGER_MADE);

    static Finding finding(Part part, FindingKind kind, Severity severity) {
        return new Finding(1, part.id(), kind, new Point(10, 10), 40, severity, "");
    }

    private static List<Candidate> ways(Part part, Finding... findings) {
        return Candidates.of(part, List.of(findings), Terms.USUAL);
    }

    private static Candidate way(List<Candidate> ways, Treatment chief) {
        return ways.stream()
                .filter(way -> way.steps().getFirst() == chief)
                .findFirst()
                .orElseThrow();
    }

    /** 0.560 m × 1.150 m with its corners cut is 0.6266 m²; leather 110 a m², 30 % waste, 45 an hour. */
    @Test
    void aSeatReCoveredByHand() {
        var recover = way(ways(SEAT, finding(SEAT, FindingKind.TEAR, Severity.BAD)), Treatment.RECOVER);
        var area = PartKind.SEAT.outline().area() / 1e6;
        assertThat(area).isCloseTo(0.56 * 1.15 - 2 * Math.pow(0.56 / 6, 2), within(1e-9));
        assertThat(recover.labour()).isEqualTo(8 * 45);
        assertThat(recover.materials()).isCloseTo(10 + 1.3 * 110 * area, within(1e-9));
        assertThat(recover.cost()).isCloseTo(1.08 * (360 + recover.materials()), within(1e-9));
        assertThat(recover.days()).isEqualTo(1 + 5);
        assertThat(recover.finish()).isEqualTo(new Finish(4));
        assertThat(recover.originality()).isEqualTo(0.4);
        assertThat(recover.open()).isZero();
    }

    @Test
    void onlyWhatFitsMaterialAndSupplyIsOffered() {
        var ways = ways(SEAT, finding(SEAT, FindingKind.TEAR, Severity.BAD));
        assertThat(ways)
                .extracting(way -> way.steps().getFirst())
                .containsExactly(
                        Treatment.LEAVE,
                        Treatment.LET_IN_PANEL,
                        Treatment.RECOVER,
                        Treatment.BUY_USED,
                        Treatment.MAKE_NEW);
        var made = ways(SEAT.withSupply(Supply.STILL_MADE), finding(SEAT, FindingKind.TEAR, Severity.BAD));
        assertThat(made).extracting(way -> way.steps().getFirst()).contains(Treatment.BUY_REPRODUCTION);
    }

    /** Sold, but in the wrong colour, is of use only where it can be coloured. */
    @Test
    void whatIsSoldInTheWrongColourIsBoughtAndColoured() {
        var seat = SEAT.withSupply(Supply.WRONG_COLOUR);
        assertThat(way(ways(seat, finding(seat, FindingKind.TEAR, Severity.BAD)), Treatment.BUY_REPRODUCTION)
                        .steps())
                .containsExactly(Treatment.BUY_REPRODUCTION, Treatment.FILL_AND_RECOLOUR);
        var carpet = Saloon.cabin().one(Saloon.CARPET).withSupply(Supply.WRONG_COLOUR);
        assertThat(ways(carpet, finding(carpet, FindingKind.HOLE, Severity.BAD)))
                .noneMatch(way -> way.steps().contains(Treatment.BUY_REPRODUCTION));
        var used = SEAT.withSupply(Supply.USED_ONLY);
        assertThat(ways(used, finding(used, FindingKind.TEAR, Severity.BAD)))
                .noneMatch(way -> way.steps().contains(Treatment.BUY_REPRODUCTION))
                .anyMatch(way -> way.steps().contains(Treatment.BUY_USED));
    }

    /** A torn seat with flat foam wants both; what is left undone shows. */
    @Test
    void oneTreatmentGoesWithAnotherWhereOneLeavesSomethingOpen() {
        var ways = ways(
                SEAT,
                finding(SEAT, FindingKind.TEAR, Severity.PLAIN),
                finding(SEAT, FindingKind.FLAT_FOAM, Severity.BAD));
        assertThat(way(ways, Treatment.RECOVER).steps()).containsExactly(Treatment.RECOVER, Treatment.NEW_FOAM);
        assertThat(way(ways, Treatment.RECOVER).hours()).isEqualTo(new Hours(6.5, 11, 20));
        assertThat(way(ways, Treatment.RECOVER).fails()).isCloseTo(1 - 0.92 * 0.95, within(1e-12));
        var leave = way(ways, Treatment.LEAVE);
        assertThat(leave.open()).isEqualTo(2);
        assertThat(leave.finish()).isEqualTo(new Finish(1));
    }

    @Test
    void whatStopsWorkIsNeverLeft() {
        var floor = Saloon.cabin().one(Saloon.MEMBER);
        var ways = ways(floor, finding(floor, FindingKind.RUST_THROUGH, Severity.WORST));
        assertThat(ways).extracting(Candidate::steps).containsExactly(List.of(Treatment.SEND_OUT));
    }

    /** Three ways by hand: weights of a good driver, wanted B–C, dear at 1.25 × 400 = 500. */
    @Test
    void worthByHand() {
        var cheap = made(Treatment.CLEAN, 100, 2, 3, 1.0, 0.0, Undo.YES);
        var dear = made(Treatment.RECOVER, 400, 4, 20, 0.4, 0.0, Undo.YES);
        var weighing = Weighing.of(Standard.GOOD_DRIVER, List.of(cheap, dear));
        // 0.10·1 + 0.25·2/2.5 + 0.25·3/20 + 0.25·(1 − 100/500) + 0.15·1
        assertThat(weighing.worth(cheap)).isCloseTo(0.1 + 0.25 * 0.8 + 0.0375 + 0.2 + 0.15, within(1e-9));
        // 0.10·0.4 + 0.25·1 + 0.25·1 + 0.25·(1 − 400/500) + 0.15·1
        assertThat(weighing.worth(dear)).isCloseTo(0.04 + 0.25 + 0.25 + 0.05 + 0.15, within(1e-9));
        var advice = Advice.of(List.of(cheap, dear), weighing);
        assertThat(advice.best()).map(Advice.Way::candidate).contains(dear);
        assertThat(advice.why()).containsExactly(Criterion.DURABILITY, Criterion.FINISH);
    }

    @Test
    void whatAnotherBeatsInEverythingFoldsAway() {
        var good = made(Treatment.REFIX, 100, 3, 6, 0.9, 0.05, Undo.YES);
        var worse = made(Treatment.REPAIR_BOARD, 120, 3, 6, 0.9, 0.05, Undo.YES);
        var advice = Advice.of(List.of(worse, good), Weighing.of(Standard.GOOD_DRIVER, List.of(worse, good)));
        assertThat(advice.ways()).extracting(Advice.Way::candidate).containsExactly(good);
        assertThat(advice.folded()).extracting(Advice.Way::candidate).containsExactly(worse);
        assertThat(advice.turns()).isEmpty();
    }

    @Test
    void theEfficientEdgeClimbs() {
        var ways = ways(
                SEAT,
                finding(SEAT, FindingKind.DEEP_CRACK, Severity.PLAIN),
                finding(SEAT, FindingKind.SCUFF, Severity.SLIGHT));
        var edge = Advice.efficientEdge(ways);
        assertThat(edge.getFirst().steps()).containsExactly(Treatment.LEAVE);
        for (var i = 1; i < edge.size(); i++) {
            assertThat(edge.get(i).cost()).isGreaterThan(edge.get(i - 1).cost());
            assertThat(edge.get(i).finish().level())
                    .isGreaterThan(edge.get(i - 1).finish().level());
        }
    }

    /** A way that costs so much, all of it bought, and takes no time. */
    static Candidate made(
            Treatment step, double price, double level, int years, double originality, double fails, Undo undo) {
        return new Candidate(
                Saloon.SEAT,
                List.of(step),
                new Hours(0, 0, 0),
                0,
                price,
                0,
                0,
                new Finish(level),
                originality,
                years,
                fails,
                undo,
                false,
                false,
                0);
    }
}
