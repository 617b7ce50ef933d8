package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Turns;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * Much of anything is laid once in a time that does not grow out of hand, and the time binds that, too: what is not laid by then
 * is left over, and says so. How quick this machine is fails no test.
 */
class BoundedTest {
    private static final NestOptions ONCE = new NestOptions(1, Duration.ofMinutes(10), 1);
    private static final NestOptions NO_TIME = new NestOptions(Long.MAX_VALUE, Duration.ZERO, 1);

    private static CutPiece piece(String id, Outline outline, int count, Turns turns) {
        return new CutPiece(id, new Shape(outline), count, "", turns, false, 4, new Stretch.Any(), "");
    }

    private static CutPlan laid(List<CutPiece> pieces, Stock stock, NestOptions options) {
        var problem = new CutProblem(2, pieces, List.of(stock), List.of());
        var plan = Nester.lay(problem, options, (_, _) -> {}, () -> false);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        assertThat(plan.placements().size() + plan.unplaced().size()).isEqualTo(CutPiece.count(pieces));
        return plan;
    }

    private static void allLie(List<CutPiece> pieces, Stock stock) {
        assertThat(laid(pieces, stock, ONCE).unplaced()).isEmpty();
    }

    private static List<CutPiece> different(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> piece("a" + i, Outline.rectangle(40 + i % 30, 30 + i % 20), 1, new Turns.Free()))
                .toList();
    }

    private static Stock roll(double length) {
        return new Stock.Roll("r", "", 1400, length, 1, 0, 0);
    }

    @Test
    void tenThousandOfOnePiece() {
        allLie(List.of(piece("a", Outline.rectangle(50, 40), 10_000, new Turns.Free())), roll(60_000));
    }

    @Test
    void manyDifferentPieces() {
        allLie(different(8_000), roll(200_000));
    }

    @Test
    void fiveThousandTurnsOfOnePiece() {
        var turns = IntStream.range(0, 5_000).mapToObj(i -> 0.07 * i).toList();
        allLie(List.of(piece("a", Outline.rectangle(50, 40), 20, new Turns.Listed(turns))), roll(6_000));
    }

    @Test
    void aRingOfManyCorners() {
        var ring = new ArrayList<Point>();
        for (var i = 0; i < 30_000; i++) {
            var angle = 2 * Math.PI * i / 30_000;
            var radius = 200 + 15 * Math.sin(7 * angle);
            ring.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        allLie(List.of(piece("a", Outline.ofRing(ring).orThrow(), 4, new Turns.Free())), roll(3_000));
    }

    /** One by one these take longer than a moment; what is left when the time is over was not found to have no room. */
    @Test
    void whatTheTimeDidNotReachSaysSo() {
        for (var left : laid(different(1_200), roll(20_000), NO_TIME).unplaced())
            assertThat(left.reason()).isEqualTo("the time was over before it was tried");
    }

    /** However long it is searched for: nothing lies on the roll, and nothing ever will. */
    @Test
    void aPieceThatIsWiderThanItsRoll() {
        var narrow = new Stock.Roll("r", "", 420, 6_000, 1, 0, 0);
        var wide = piece("a", Outline.rectangle(700, 600), 4, new Turns.Free());
        var plan = laid(List.of(wide), narrow, new NestOptions(40, Duration.ofMinutes(10), 1));
        assertThat(plan.unplaced()).hasSize(4).allMatch(left -> left.reason().equals("no stock sheet is large enough"));
    }
}
