package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

class EffectOfChangeTest {
    private static final CutPiece A = rectangle("a", 300, 200, 4);
    private static final CutPiece B = rectangle("b", 150, 100, 2);
    private static final List<Stock> SHEETS =
            List.of(sheet("s1", 700, 500), sheet("s2", 700, 500), sheet("s3", 700, 500));
    private final Laid laid = laid();

    private static Laid laid() {
        var problem = new CutProblem(3, List.of(A, B), SHEETS, List.of());
        return new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(12), (_, _) -> {}, () -> false));
    }

    private EffectOfChange effect(CutLog log, CutPiece... now) {
        var stock = SHEETS.stream().filter(sheet -> !log.isCut(sheet.id())).toList();
        var effect = EffectOfChange.of(laid, List.of(now), stock, log, () -> false);
        assertThat(PlanCheck.faults(
                        effect.after().problem(), effect.after().plan().placements()))
                .isEmpty();
        return effect;
    }

    @Test
    void whatIsDrawnAsItWasLaidOutHasNoEffect() {
        assertThat(effect(CutLog.EMPTY, A, B).isNone()).isTrue();
    }

    /** Before anything is cut a changed piece is laid anew, and all else stays. */
    @Test
    void aChangedPieceIsLaidWhereThereIsRoom() {
        var effect = effect(CutLog.EMPTY, A, rectangle("b", 160, 90, 2));
        assertThat(effect.again()).containsExactly("b");
        assertThat(effect.wasted()).isEmpty();
        assertThat(effect.after().plan().placements())
                .hasSize(6)
                .containsAll(laid.plan().placements().stream()
                        .filter(placement -> placement.piece().equals("a"))
                        .toList());
        assertThat(effect.cost())
                .isCloseTo(effect.opened().stream().mapToDouble(Stock::cost).sum(), within(1e-9));
    }

    /** One that was cut is wanted again, from another sheet than the one that was cut. */
    @Test
    void whatWasCutIsWastedAndWantedAgain() {
        var on = laid.plan().placements().stream()
                .filter(placement -> placement.piece().equals("b"))
                .findFirst()
                .orElseThrow()
                .stock();
        var log = CutLog.EMPTY.after(new SheetCut(on, List.of()));
        var effect = effect(log, A, rectangle("b", 155, 100, 2));
        assertThat(effect.wasted()).extracting(Wasted::piece).containsExactly("b");
        assertThat(effect.again()).containsExactly("b");
        assertThat(effect.after().plan().placements())
                .hasSize(6)
                .filteredOn(placement -> placement.piece().equals("b"))
                .noneMatch(placement -> placement.stock().equals(on));
    }

    @Test
    void whatFindsNoRoomIsNamed() {
        var effect = effect(CutLog.EMPTY, A, rectangle("b", 690, 490, 3));
        assertThat(effect.after().plan().unplaced()).isNotEmpty();
        assertThat(effect.withoutRoom().get(""))
                .hasSameSizeAs(effect.after().plan().unplaced())
                .allMatch(piece -> piece.id().equals("b") && piece.quantity() == 1);
        assertThat(effect.isNone()).isFalse();
    }

    /** The first of the smaller pieces came out wrong, and was laid again. */
    private record Spoilt(String on, Laid relaid, CutLog log) {
        static Spoilt of(Laid laid, List<Stock> stock) {
            var first = laid.plan().placements().stream()
                    .filter(placement -> placement.piece().equals("b"))
                    .findFirst()
                    .orElseThrow();
            var relaid =
                    Relaid.spoilt(laid, stock, CutLog.EMPTY, first, () -> false).orThrow();
            var log = CutLog.EMPTY
                    .after(new PieceSpoilt("b", first.copy(), first.stock(), "slipped"))
                    .after(new PlanAccepted(relaid.problem(), relaid.plan()));
            return new Spoilt(first.stock(), relaid, log);
        }
    }

    /** Its old copy was cut out of a roll. */
    @Test
    void aSpoiltPieceLeavesAHoleInARoll() {
        List<Stock> roll = List.of(new Stock.Roll("roll", "", 700, 3000, 40, 0, 0));
        var problem = new CutProblem(3, List.of(A, B), roll, List.of());
        var rolled = new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(6), (_, _) -> {}, () -> false));
        var spoilt = Spoilt.of(rolled, roll);
        var effect = EffectOfChange.of(
                spoilt.relaid(), List.of(A, rectangle("b", 155, 100, 2)), roll, spoilt.log(), () -> false);
        assertThat(effect.holed())
                .singleElement()
                .satisfies(holed ->
                        assertThat(Planar.areaLeft(holed.shape())).isCloseTo(700 * 3000 - 150 * 100, within(400.0)));
        assertThat(effect.after().plan().placements()).hasSize(6);
        assertThat(PlanCheck.faults(
                        effect.after().problem(), effect.after().plan().placements()))
                .isEmpty();
    }

    /** Its old copy was cut out: there is a hole where it lay, and the new ones are as good as any. */
    @Test
    void aSpoiltPieceThatIsDrawnOtherwiseLeavesAHole() {
        var spoilt = Spoilt.of(laid, SHEETS);
        assertThat(spoilt.log().spoiltOf("b")).isEqualTo(1);
        var effect = EffectOfChange.of(
                spoilt.relaid(), List.of(A, rectangle("b", 155, 100, 2)), SHEETS, spoilt.log(), () -> false);
        assertThat(effect.holed()).singleElement().satisfies(hide -> {
            assertThat(hide.id()).isEqualTo(spoilt.on());
            assertThat(Planar.areaLeft(hide.shape())).isCloseTo(700 * 500 - 150 * 100, within(400.0));
        });
        var after = effect.after();
        assertThat(PlanCheck.faults(after.problem(), after.plan().placements())).isEmpty();
        assertThat(after.problem().stock(spoilt.on())).isEqualTo(effect.holed().getFirst());
        assertThat(after.plan().placements()).hasSize(6);
        var gone = EffectOfChange.of(spoilt.relaid(), List.of(A), SHEETS, spoilt.log(), () -> false);
        assertThat(gone.holed()).isEqualTo(effect.holed());
        var then = spoilt.log().after(new PlanAccepted(after.problem(), after.plan()));
        assertThat(then.spoilt()).isEmpty();
        assertThat(after.plan().placements()).noneMatch(then::isSpoilt);
    }

    /** A piece that is drawn no more leaves its room. */
    @Test
    void whatIsDrawnNoMoreIsLaidNoMore() {
        var effect = effect(CutLog.EMPTY, A);
        assertThat(effect.again()).isEmpty();
        assertThat(effect.after().plan().placements()).hasSize(4);
        assertThat(effect.cost()).isLessThanOrEqualTo(0);
    }

    /** One copy fewer leaves its room; one more is laid, though its line is the same. */
    @Test
    void anotherNumberOfCopiesIsAChangeToo() {
        assertThat(effect(CutLog.EMPTY, A.times(3), B).after().plan().placements())
                .hasSize(5);
        var more = effect(CutLog.EMPTY, A, B.times(3));
        assertThat(more.again()).containsExactly("b");
        assertThat(more.after().plan().placements()).hasSize(7);
    }
}
