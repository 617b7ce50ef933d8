package welumen.cut.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.piece;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import welumen.cut.LeatherFacts;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.Shade;
import welumen.cut.leather.Worked;
import welumen.cut.leather.Working;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

class RoughCutTest {
    private static LeatherTest test(double along, double across) {
        return new LeatherTest("sage hide", "27B", Working.DAMP, 200, along, across, 12, Shade.DARKER, Shade.SAME);
    }

    /** 4 % along and 2 % across of a strip: what stretches at 90° is 400 along the backbone, which is its x. */
    @Test
    void aPieceIsLargerByWhatItShrinksAndByARim() {
        var rough = RoughCut.of(Outline.rectangle(400, 300), new Stretch.Along(90, 20), Optional.of(test(192, 196)))
                .box();
        assertThat(rough.width()).isCloseTo(400 / 0.96 + 12, within(1e-6));
        assertThat(rough.height()).isCloseTo(300 / 0.98 + 12, within(1e-6));
    }

    /** Once it has shrunk by both, the piece is still its line and a rim of nearly 6 mm, whichever way it lies. */
    @Property(tries = 60)
    void whatHasShrunkStillHoldsItsLine(
            @ForAll @DoubleRange(min = 0, max = 180) double way,
            @ForAll @DoubleRange(min = 0, max = 0.1) double along,
            @ForAll @DoubleRange(min = 0, max = 0.1) double across) {
        var line = Outline.rectangle(420, 130);
        var rough =
                RoughCut.of(line, new Stretch.Along(way, 20), Optional.of(test(200 * (1 - along), 200 * (1 - across))));
        var middle = line.box().middle();
        var cos = Math.cos(Math.toRadians(way));
        var sin = Math.sin(Math.toRadians(way));
        var shrunk = new Outline(rough.corners().stream()
                .map(corner -> {
                    var from = corner.minus(middle);
                    var u = (from.x() * cos + from.y() * sin) * (1 - across);
                    var v = (-from.x() * sin + from.y() * cos) * (1 - along);
                    return middle.plus(new welumen.shape.Point(u * cos - v * sin, u * sin + v * cos));
                })
                .toList());
        assertThat(Planar.polygon(shrunk).covers(Planar.polygon(line).buffer(RoughCut.RIM_MM * 0.89 - 0.01)))
                .isTrue();
    }

    /** What stretches needs no more than the rim; what nobody tested is reckoned with as usual, the same either way. */
    @Test
    void whatStretchesOrIsNotTested() {
        var line = Outline.rectangle(400, 300);
        assertThat(RoughCut.of(line, new Stretch.Any(), Optional.of(test(204, 206)))
                        .box()
                        .width())
                .isCloseTo(412, within(1e-6));
        assertThat(RoughCut.of(line, new Stretch.Any(), Optional.empty()).box().height())
                .isCloseTo(300 / 0.97 + 12, within(1e-6));
        assertThat(RoughCut.of(line, new Stretch.Any(), Optional.of(test(192, 196)))
                        .box()
                        .height())
                .isCloseTo(300 / 0.96 + 12, within(1e-6));
    }

    @Test
    void workedPiecesAloneAreCutLargerBothHandsOfThem() {
        var left = piece("dash-left", new Shape(Outline.rectangle(400, 300)), 1, 2, new Stretch.Any());
        var right = piece("dash-right", new Shape(Outline.rectangle(400, 300)), 1, 2, new Stretch.Any());
        var seat = piece("seat", new Shape(Outline.rectangle(400, 300)), 1, 2, new Stretch.Any());
        var worked = Worked.NOTHING.with("dash", Working.DAMP);
        var cut = RoughCut.of(List.of(left, right, seat), worked);
        assertThat(cut.get(0).shape().area()).isGreaterThan(left.shape().area() * 1.05);
        assertThat(cut.get(1).shape().area()).isEqualTo(cut.get(0).shape().area());
        assertThat(cut.get(2)).isEqualTo(seat);
        assertThat(RoughCut.of(List.of(left), worked.without("dash"))).containsExactly(left);
    }

    /** A new test of the same takes the old one's place; of two lots the one that shrinks most counts. */
    @Test
    void theNewestAndTheWorstCount() {
        var other = new LeatherTest("sage hide", "31", Working.DAMP, 200, 190, 198, 12, Shade.SAME, Shade.SAME);
        var known = Worked.NOTHING.with(test(180, 180)).with(other).with(test(196, 196));
        assertThat(known.tests()).containsExactly(other, test(196, 196));
        assertThat(known.test("sage hide", Working.DAMP)).contains(other);
        assertThat(known.test("sage hide", Working.WARMED)).isEmpty();
    }

    @Test
    void whatIsMissingIsNamed() {
        Piece seat = Pieces.rectangle("seat", 500, 480).with(new Grain.StretchAlong(90));
        Piece dash = Pieces.rectangle("dash", 900, 200);
        var hide = new Stock.Hide(
                "h", seat.material(), new Shape(Outline.rectangle(2000, 1800)), 1, List.of(), new Stretch.Any(), 300);
        var worked = Worked.NOTHING.with(dash.id(), Working.STEAMED);
        var facts = LeatherFacts.of(List.of(seat, dash), List.of(hide), worked);
        assertThat(facts.worked()).containsExactly(dash);
        assertThat(facts.untested()).containsExactly(dash);
        assertThat(facts.stretchUnsaid()).containsExactly(dash);
        assertThat(facts.restHours()).isZero();
        var tested = worked.with(
                new LeatherTest(dash.material(), "", Working.STEAMED, 200, 197, 198, 9, Shade.DARKER, Shade.LIGHTER));
        var after = LeatherFacts.of(List.of(seat, dash), List.of(hide), tested);
        assertThat(after.untested()).isEmpty();
        assertThat(after.restHours()).isEqualTo(9);
        assertThat(after.marked()).hasSize(1);
        assertThat(after.finished()).hasSize(1);
        assertThat(LeatherFacts.of(List.of(seat, dash), List.of(), tested).pieces())
                .as("leather by its name, though none is here yet")
                .hasSize(2);
        var roll = new Stock.Roll("r", seat.material(), 1400, 3000, 1, 0, 0);
        assertThat(LeatherFacts.of(List.of(seat, dash), List.of(roll), tested).pieces())
                .as("comes on a roll")
                .isEmpty();
    }
}
