package welumen.cut.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.TooWide.Join;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

class TooWideTest {
    /** 1,700 along and 1,500 across its nap, on a roll of 1,000; its rear corners are cut off. */
    private static final Piece LINING = Pieces.of(
                    "lining",
                    new Point(0, 0),
                    new Point(1500, 0),
                    new Point(1500, 1600),
                    new Point(1400, 1700),
                    new Point(100, 1700),
                    new Point(0, 1600))
            .with(new Grain.NapToward(90));

    private static final Patterns PATTERNS = Patterns.of(List.of(LINING), List.of());

    private static Stock.Roll roll(double wide, double selvedge) {
        return new Stock.Roll("roll", LINING.material(), Lot.UNKNOWN, wide, 9000, 20, 0, 0, selvedge);
    }

    private static List<TooWide.Offer> offers(double wide) {
        return TooWide.offers(PATTERNS, LINING, List.of(roll(wide, 0)), 3);
    }

    private static Patterns after(TooWide.Offer offer) {
        var patterns = PATTERNS;
        for (var change : offer.changes()) patterns = patterns.after(change);
        return patterns;
    }

    @Test
    void itIsMadeOfStripsThatTheRollTakes() {
        var offers = offers(1000);
        assertThat(offers).extracting(TooWide.Offer::join).containsExactly(Join.ONCE, Join.TWICE);
        for (var offer : offers) {
            var made = after(offer);
            assertThat(made.pieces().stream()
                            .mapToDouble(piece -> piece.net().area())
                            .sum())
                    .isCloseTo(LINING.net().area(), within(1e-6));
            assertThat(made.seams()).hasSize(made.pieces().size() - 1);
            var roll = roll(1000, 0);
            var problem = new CutProblem(3, FromPattern.pieces(made), List.of(roll), List.of());
            var plan = Nester.lay(problem, NestOptions.USUAL.withRounds(2), (_, _) -> {}, () -> false);
            assertThat(plan.unplaced()).isEmpty();
            assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        }
    }

    /** 1,000 less a gap on either side, less two seam allowances: the middle is as wide as the roll gives. */
    @Test
    void theMiddleIsWholeAndTheSidesAreAlike() {
        var made = after(offers(1000).getLast()).pieces();
        assertThat(made)
                .extracting(Piece::name)
                .containsExactlyInAnyOrder("lining, strip 1", "lining, strip 2", "lining, strip 3");
        var widths = made.stream()
                .sorted((one, other) -> one.name().compareTo(other.name()))
                .map(piece -> piece.net().box().width())
                .toList();
        assertThat(widths.get(0)).isCloseTo(widths.get(2), within(1e-6));
        assertThat(widths.get(1)).isBetween(940.0, 994.0);
    }

    @Test
    void whatFitsIsLeftAndWhatNoJoinHelpsToo() {
        assertThat(offers(1600)).isEmpty();
        assertThat(offers(400)).isEmpty();
        assertThat(TooWide.offers(PATTERNS, LINING, List.of(), 3)).isEmpty();
        // 1,520 wide would do, but for its selvedges
        assertThat(TooWide.offers(PATTERNS, LINING, List.of(roll(1540, 0)), 3)).isEmpty();
        assertThat(TooWide.offers(PATTERNS, LINING, List.of(roll(1540, 15)), 3)).hasSize(2);
    }
}
