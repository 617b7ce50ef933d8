package welumen.cut.hide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.cut.table.CutCard;
import welumen.shape.Planar;
import welumen.shape.Point;

class MarkTextTest {
    private static final Stock.Hide HIDE =
            (Stock.Hide) StockText.read("hide 1, 4.8 m2", "hide").orThrow();

    private static Stock.Hide after(Stock.Hide hide, String typed) {
        return (Stock.Hide) MarkText.read(typed, hide, CutCard.from(hide)).orThrow();
    }

    @Test
    void aFlawIsMarkedWhereItIs() {
        var flawed = after(HIDE, "flaw 40 at -120, 300");
        var box = flawed.shape().holes().getFirst().box();
        assertThat(box.middle().x()).isCloseTo(-120, within(0.01));
        assertThat(box.middle().y() - HIDE.shape().outline().box().minY()).isCloseTo(300, within(0.01));
        assertThat(box.width()).isCloseTo(40, within(0.01));
    }

    /** Two that touch are one, and what reaches over the rim ends there. */
    @Test
    void flawsGrowTogetherAndEndAtTheRim() {
        var one = after(after(HIDE, "flaw 40 at 0, 900"), "flaw 40 at 25, 900");
        assertThat(one.shape().holes()).hasSize(1);
        var left = HIDE.shape().outline().box();
        var rim = Flaws.round(HIDE, HIDE.shape().outline().corners().getFirst(), 200)
                .orThrow();
        assertThat(Planar.polygon(HIDE.shape().outline())
                        .contains(Planar.polygon(rim.shape().holes().getFirst())))
                .isTrue();
        assertThat(Flaws.round(HIDE, new Point(left.minX() - 900, 0), 40).understood())
                .isEmpty();
    }

    private static final Stock.Roll ROLL = (Stock.Roll)
            StockText.read("roll 1, 1400 wide, 6 m long, selvedge 15", "wool").orThrow();

    /** Along from the cut end, and up from the lower selvedge. */
    @Test
    void aRollHasFlawsToo() {
        var marked = MarkText.read("flaw 60 x 1600 at 1200, 700", ROLL, CutCard.from(ROLL))
                .orThrow();
        assertThat(marked.shape().holes()).singleElement().satisfies(flaw -> {
            assertThat(flaw.box().minX()).isCloseTo(1170, within(0.01));
            assertThat(flaw.box().maxX()).isCloseTo(1230, within(0.01));
            assertThat(flaw.box().minY()).isCloseTo(16, within(0.01));
            assertThat(flaw.box().maxY()).isCloseTo(1384, within(0.01));
        });
        var stained = MarkText.read("flaw 40 at 2000, 300", marked, CutCard.from(marked))
                .orThrow();
        assertThat(stained.shape().holes()).hasSize(2);
        assertThat(MarkText.read("grade 3, 40 x 40 at 2000, 300", ROLL, CutCard.from(ROLL))
                        .understood())
                .isEmpty();
        assertThat(MarkText.read("flaw 40 at 7000, 300", ROLL, CutCard.from(ROLL))
                        .understood())
                .isEmpty();
    }

    @Test
    void aGradeIsDrawnOverTheOthersAndTakenBackToTheUsual() {
        var poor = after(HIDE, "grade 4, 400 x 250 at 0, 900");
        var worse = Grades.of(poor).worseThan(3).stream()
                        .mapToDouble(p -> p.getArea())
                        .sum()
                - Grades.of(HIDE).worseThan(3).stream()
                        .mapToDouble(p -> p.getArea())
                        .sum();
        assertThat(worse).isCloseTo(400 * 250, within(1.0));
        assertThat(after(poor, "grades as usual").zones()).isEqualTo(HIDE.zones());
    }

    @Test
    void theHandThatPullsAtItHasTheLastWord() {
        var found = after(HIDE, "stretches -20");
        assertThat(found.stretch()).isEqualTo(new Stretch.Along(-20, 0));
        assertThat(after(found, "stretches as usual").stretch()).isEqualTo(HIDE.stretch());
        assertThat(MarkText.read("stretches 120", HIDE, new Point(0, 0)).understood())
                .isEmpty();
        var offcut = new Stock.Hide(
                "o", "hide", Stock.Kind.OFFCUT, HIDE.lot(), HIDE.shape(), 1, List.of(), new Stretch.Along(40, 0), 0);
        assertThat(MarkText.read("stretches as usual", offcut, new Point(0, 0)).understood())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "flaw at 3, 4", "flaw 40 at here", "grade 9, 40 x 40 at 0, 0", "flaw 4000 at 0, 900"})
    void whatMakesNoSenseIsRefused(String typed) {
        assertThat(MarkText.read(typed, HIDE, CutCard.from(HIDE)).understood()).isEmpty();
    }
}
