package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.hide.DrawnHide;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

class OffcutsTest {
    private static final Lot LOT = new Lot("27B", 1.2, "");

    private static Stock.Hide sheet(double wide, double high, List<Outline> flaws) {
        return new Stock.Hide(
                "hide 1",
                "sage hide",
                Stock.Kind.HIDE,
                LOT,
                new Shape(Outline.rectangle(wide, high), flaws),
                2,
                List.of(),
                new Stretch.Along(0, 0),
                310);
    }

    private static Outline box(double x, double y, double wide, double high) {
        return new Box(x, y, x + wide, y + high).outline();
    }

    @Test
    void theLargestRectangleIsFoundToTheGrid() {
        var found = LargestRectangle.in(Planar.polygon(Outline.rectangle(900, 500)), 12, 12)
                .orElseThrow();
        assertThat(found.longMm()).isBetween(860.0, 900.0);
        assertThat(found.wideMm()).isBetween(460.0, 500.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {15, 45, 105})
    void itIsFoundAslantToo(double degrees) {
        var turned = new Pose(0, 0, degrees, false).apply(Outline.rectangle(900, 500));
        var found = LargestRectangle.in(Planar.polygon(turned), 12, 12).orElseThrow();
        assertThat(found.area()).isGreaterThan(0.88 * 900 * 500);
        assertThat(Planar.polygon(turned).contains(Planar.polygon(found.outline())))
                .isTrue();
    }

    /** A flaw of a few mm in the middle leaves no more than half. */
    @Test
    void aSmallFlawIsNeverOverlooked() {
        for (var x = 441.0; x < 456; x += 2.5) {
            var ground = Planar.polygon(new Shape(Outline.rectangle(900, 500), List.of(box(x, 247, 3, 3))));
            var found = LargestRectangle.in(ground, 12, 12).orElseThrow();
            assertThat(ground.contains(Planar.polygon(found.outline()))).isTrue();
            assertThat(found.area()).isLessThan(0.5 * 900 * 500);
        }
    }

    /** A strip of 1800 × 150 is larger than 400 × 300 beside it, and no use. */
    @Test
    void aLongStripIsNotTakenForTheUsefulPart() {
        var ring = List.of(
                new Point(0, 0),
                new Point(1800, 0),
                new Point(1800, 150),
                new Point(420, 150),
                new Point(420, 320),
                new Point(0, 320));
        var found = LargestRectangle.in(Planar.polygon(Outline.ofRing(ring).orThrow()), 300, 200)
                .orElseThrow();
        assertThat(found.holds(370, 280)).isTrue();
        assertThat(found.longMm()).isLessThan(430);
        assertThat(LargestRectangle.in(Planar.polygon(Outline.rectangle(900, 150)), 300, 200))
                .isEmpty();
    }

    @Test
    void whatIsLeftKeepsItsLotAndLiesClearOfThePieces() {
        var hide = sheet(2000, 1500, List.of());
        var piece = new Shape(box(0, 0, 1200, 1500));
        var offcuts = Offcuts.of(hide, List.of(piece), 3);
        assertThat(offcuts).hasSize(1);
        var offcut = offcuts.getFirst();
        assertThat(offcut.stock().id()).isEqualTo("hide 1, offcut 1");
        assertThat(offcut.stock().lot()).isEqualTo(LOT);
        assertThat(offcut.stock().kind()).isEqualTo(Stock.Kind.OFFCUT);
        assertThat(offcut.stock().cost()).isZero();
        assertThat(offcut.stock().shape().outline().box().minX()).isGreaterThanOrEqualTo(1203);
        assertThat(offcut.stock().shape().outline().area()).isCloseTo(797 * 1500, within(0.03 * 797 * 1500));
        assertThat(offcut.rectangle().holds(1400, 700)).isTrue();
    }

    @Test
    void sliversAndSmallBitsAreNotKept() {
        var hide = sheet(1000, 1000, List.of());
        assertThat(Offcuts.of(hide, List.of(new Shape(box(0, 0, 950, 1000))), 3))
                .isEmpty();
        assertThat(Offcuts.of(hide, List.of(new Shape(box(0, 0, 1000, 850))), 3))
                .isEmpty();
        assertThat(Offcuts.of(hide, List.of(new Shape(box(0, 0, 1000, 740))), 3))
                .hasSize(1);
    }

    /** As they are marked by hand: over the rim, and over each other. */
    @Test
    void flawsMayLieOverTheRimAndOverEachOther() {
        var hide = sheet(2000, 1500, List.of(box(-20, 700, 60, 60), box(900, 700, 50, 50), box(920, 720, 50, 50)));
        var offcuts = Offcuts.of(hide, List.of(), 3);
        assertThat(offcuts).hasSize(1);
        assertThat(offcuts.getFirst().rectangle().holds(850, 700)).isTrue();
    }

    /** Two offcuts that hang together by a thread are two. */
    @Test
    void aNarrowNeckPartsThem() {
        var hide = sheet(2000, 600, List.of());
        var offcuts = Offcuts.of(hide, List.of(new Shape(box(900, 40, 200, 560))), 3);
        assertThat(offcuts).extracting(one -> one.stock().id()).containsExactly("hide 1, offcut 1", "hide 1, offcut 2");
    }

    @Test
    void aWholeDrawnHideIsOneOffcutWithItsFlaws() {
        var hide = DrawnHide.hide("hide 7", "hide", 4.8e6, 10, 300, 5);
        var offcuts = Offcuts.of(hide, List.of(), 3);
        assertThat(offcuts).hasSize(1);
        var rectangle = offcuts.getFirst().rectangle();
        assertThat(Planar.polygon(hide.shape()).contains(Planar.polygon(rectangle.outline())))
                .isTrue();
        assertThat(rectangle.holds(600, 400)).isTrue();
        assertThat(offcuts.getFirst().stock().shape().outline().area())
                .isBetween(
                        0.9 * hide.shape().outline().area(),
                        hide.shape().outline().area());
    }
}
