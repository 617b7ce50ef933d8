package welumen.cut.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.*;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** The judge must find every kind of fault, each planted by hand. */
class PlanCheckTest {
    private static final CutProblem TWO =
            new CutProblem(2, List.of(rectangle("a", 100, 100, 2)), List.of(sheet("s", 500, 300)), List.of());

    private static Placement at(int copy, double x, double y) {
        return new Placement("a", copy, "s", new Pose(x, y, 0, false));
    }

    @Test
    void aSoundPlanHasNoFault() {
        assertThat(PlanCheck.faults(TWO, List.of(at(1, 2, 2), at(2, 104, 2)))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {103.9, 102.1, 60, 2})
    void tooCloseOrOverlapping(double x) {
        assertThat(PlanCheck.faults(TWO, List.of(at(1, 2, 2), at(2, x, 2))))
                .hasSize(1)
                .first()
                .isInstanceOf(PlanFault.TooClose.class);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1.9, -5, 398.1, 450, 2000})
    void overTheEdge(double x) {
        assertThat(PlanCheck.faults(TWO, List.of(at(1, x, 2))))
                .singleElement()
                .isInstanceOf(PlanFault.OverTheEdge.class);
    }

    /** What lay well in one plan is held against all that is new in the next, and is not taken as sound after a faulty one. */
    @ParameterizedTest
    @ValueSource(doubles = {103.9, 60, -5, 398.1})
    void aSecondPlanIsJudgedAgainstTheFirst(double x) {
        var judge = new PlanCheck(TWO);
        assertThat(judge.faults(List.of(at(1, 2, 2)))).isEmpty();
        for (var i = 0; i < 2; i++)
            assertThat(judge.faults(List.of(at(1, 2, 2), at(2, x, 2))))
                    .isEqualTo(PlanCheck.faults(TWO, List.of(at(1, 2, 2), at(2, x, 2))))
                    .isNotEmpty();
        assertThat(judge.faults(List.of(at(1, 2, 2), at(1, 2, 2)))).isNotEmpty();
        assertThat(judge.faults(List.of(at(1, 2, 2), at(2, 104, 2)))).isEmpty();
        assertThat(judge.faults(List.of(at(2, 104, 2), at(1, 3, 2)))).isNotEmpty();
    }

    @Test
    void inAFlaw() {
        var flawed = hide(
                "s",
                new Shape(Outline.rectangle(500, 300), List.of(Cases.at(50, 50, Outline.rectangle(4, 4)))),
                List.of());
        var problem = new CutProblem(0, TWO.pieces(), List.of(flawed), List.of());
        assertThat(PlanCheck.faults(problem, List.of(at(1, 2, 2)))).hasSize(1);
        assertThat(PlanCheck.faults(problem, List.of(at(1, 60, 2)))).isEmpty();
    }

    @Test
    void onPoorLeatherAndOnTheLastZoneThatCounts() {
        var zoned = hide(
                "s",
                new Shape(Outline.rectangle(500, 300)),
                List.of(new GradeZone(4, Outline.rectangle(500, 300)), new GradeZone(1, Outline.rectangle(200, 300))));
        var fussy = piece("a", new Shape(Outline.rectangle(100, 100)), 1, 2, new Stretch.Any());
        var problem = new CutProblem(0, List.of(fussy), List.of(zoned), List.of());
        assertThat(PlanCheck.faults(problem, List.of(at(1, 100, 0)))).isEmpty();
        assertThat(PlanCheck.faults(problem, List.of(at(1, 101, 0))))
                .singleElement()
                .isInstanceOf(PlanFault.PoorGrade.class);
    }

    @Test
    void aTurnOrAFaceThatIsNotAllowed() {
        var asDrawn = turned(rectangle("a", 50, 50, 1), new Turns.AsDrawn());
        var problem = new CutProblem(0, List.of(asDrawn), List.of(sheet("s", 500, 300)), List.of());
        for (var pose : List.of(new Pose(100, 100, 90, false), new Pose(100, 100, 0, true)))
            assertThat(PlanCheck.faults(problem, List.of(new Placement("a", 1, "s", pose))))
                    .singleElement()
                    .isInstanceOf(PlanFault.NotSo.class);
    }

    @Test
    void aCopyLaidTwice() {
        assertThat(PlanCheck.faults(TWO, List.of(at(1, 2, 2), at(1, 200, 2), at(3, 350, 2))))
                .hasSize(2)
                .allSatisfy(fault -> assertThat(fault).isInstanceOf(PlanFault.NoSuchCopy.class));
    }

    @Test
    void everyFaultIsASentence() {
        assertThat(PlanCheck.faults(TWO, List.of(at(1, 2, 2), at(2, 50, 2)))
                        .getFirst()
                        .said())
                .isEqualTo("“a, 1 of 2” and “a, 2 of 2” lie over each other on “s”.");
    }
}
