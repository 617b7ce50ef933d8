package welumen.cut.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.hide.DrawnHide;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanFault;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

class StretchCourseTest {
    /** A hide whose flanks lean outward by a third of their height. */
    private static final Outline FUNNEL =
            new Outline(List.of(new Point(-600, 0), new Point(600, 0), new Point(1200, 1800), new Point(-1200, 1800)));

    private static Stock.Hide grown(Outline outline) {
        return new Stock.Hide("h", "", new Shape(outline), 1, List.of(), new Stretch.AsGrown(), 1);
    }

    private static double degrees(StretchCourse course, double x, double y) {
        return Math.toDegrees(course.radiansAt(x, y));
    }

    @Test
    void alongTheBackboneItStretchesAcross() {
        var course = StretchCourse.of(grown(DrawnHide.usual(4.6e6)));
        for (var y = 0.0; y < 2400; y += 100) assertThat(degrees(course, 0, y)).isCloseTo(0, within(0.5));
    }

    /** The right flank runs at 71.6°, so it stretches most at -18.4°. */
    @Test
    void atTheFlankItStretchesAcrossTheRim() {
        var course = StretchCourse.of(grown(FUNNEL));
        assertThat(degrees(course, 880, 900)).isCloseTo(-18.43, within(1.5));
        assertThat(degrees(course, -880, 900)).isCloseTo(18.43, within(1.5));
    }

    @Test
    void betweenItTurnsEvenly() {
        var course = StretchCourse.of(grown(FUNNEL));
        var before = 0.0;
        for (var x = 100; x <= 800; x += 100) {
            var here = degrees(course, x, 900);
            assertThat(here).isLessThan(before).isGreaterThan(-19);
            before = here;
        }
        assertThat(degrees(course, 450, 900)).isCloseTo(-9.2, within(2.5));
    }

    @Test
    void leftAndRightAreMirrorImages() {
        var course = StretchCourse.of(grown(DrawnHide.usual(4.6e6)));
        for (var y = 100.0; y < 2300; y += 240)
            for (var x = 100.0; x < 900; x += 130)
                assertThat(degrees(course, x, y)).isCloseTo(-degrees(course, -x, y), within(3.0));
    }

    @Test
    void strokesLieOnTheHideAlongItsStretch() {
        var hide = grown(FUNNEL);
        var strokes = StretchCourse.strokes(hide, 200);
        assertThat(strokes).hasSizeGreaterThan(50);
        var course = StretchCourse.of(hide);
        for (var stroke : strokes) {
            var along = stroke.getLast().minus(stroke.getFirst());
            var middle = stroke.getFirst().plus(along.times(0.5));
            assertThat(FUNNEL.contains(middle)).isTrue();
            assertThat(Math.hypot(along.x(), along.y())).isCloseTo(100, within(1e-6));
            assertThat(Math.atan2(along.y(), along.x()))
                    .isCloseTo(course.radiansAt(middle.x(), middle.y()), within(1e-6));
        }
        assertThat(StretchCourse.strokes(Cases.sheet("s", 900, 900), 200)).isEmpty();
    }

    /** It has no other way to lie than about its own middle: another direction there is a fault. */
    @Test
    void aPieceIsJudgedByTheLeatherInItsMiddle() {
        var strip = Cases.piece("strip", new Shape(Outline.rectangle(200, 60)), 1, 4, new Stretch.Along(0, 10));
        var problem = new CutProblem(0, List.of(strip), List.of(grown(FUNNEL)), List.of());
        assertThat(PlanCheck.faults(problem, List.of(at(-100, 900, 0)))).isEmpty();
        assertThat(PlanCheck.faults(problem, List.of(at(640, 900, 0))))
                .containsExactly(new PlanFault.AgainstTheStretch("strip", "h"));
        assertThat(PlanCheck.faults(problem, List.of(at(640, 900, -18)))).isEmpty();
        assertThat(PlanCheck.faults(problem, List.of(at(640, 900, 162)))).isEmpty();
    }

    private static Placement at(double x, double y, double turn) {
        return new Placement("strip", 1, "h", new Pose(x, y, turn, false));
    }

    @Test
    void aStockThatStretchesOneWayDoesSoEverywhere() {
        var course =
                StretchCourse.of(new Stock.Hide("h", "", new Shape(FUNNEL), 1, List.of(), new Stretch.Along(30, 0), 1));
        assertThat(course.isCurved()).isFalse();
        assertThat(degrees(course, 880, 900)).isEqualTo(30, within(1e-9));
    }
}
