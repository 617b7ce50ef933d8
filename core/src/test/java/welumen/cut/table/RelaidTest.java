package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

class RelaidTest {
    private static final CutProblem PROBLEM = new CutProblem(
            3,
            List.of(rectangle("a", 300, 200, 4), rectangle("b", 150, 100, 3)),
            List.of(sheet("s1", 700, 500), sheet("s2", 700, 500), sheet("s3", 700, 500)),
            List.of());

    private static Laid laid(CutProblem problem) {
        return new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(12), (_, _) -> {}, () -> false));
    }

    /** Nothing else moves, the spoilt one stays to be seen, and no new sheet is begun while an open one has room. */
    @Test
    void aSpoiltPieceIsLaidAgainOnWhatIsLeft() {
        var laid = laid(PROBLEM);
        var open = laid.plan().sheets().stream().map(CutPlan.SheetUse::stock).toList();
        var spoilt = laid.plan().placements().stream()
                .filter(placement -> placement.piece().equals("b"))
                .findFirst()
                .orElseThrow();
        var again = Relaid.spoilt(laid, List.of(), CutLog.EMPTY, spoilt, () -> false)
                .orThrow();
        assertThat(again.plan().placements())
                .containsAll(laid.plan().placements())
                .hasSize(8);
        assertThat(PlanCheck.faults(again.problem(), again.plan().placements())).isEmpty();
        var fresh = again.plan().placements().stream()
                .filter(placement -> placement.piece().equals("b") && placement.copy() == 4)
                .findFirst()
                .orElseThrow();
        assertThat(open).contains(fresh.stock());
    }

    @Test
    void aSpoiltPieceWithoutAPlaceSaysWhy() {
        var full = laid(
                new CutProblem(0, List.of(rectangle("a", 390, 290, 1)), List.of(sheet("s1", 400, 300)), List.of()));
        var why = Relaid.spoilt(
                full, List.of(), CutLog.EMPTY, full.plan().placements().getFirst(), () -> false);
        assertThat(why.understood()).isEmpty();
        assertThat(why.toString()).contains("has no place left");
    }

    @Test
    void twoSheetsChangePlaces() {
        var roomy = new CutProblem(
                0,
                List.of(rectangle("a", 300, 200, 1), rectangle("b", 200, 100, 1)),
                List.of(sheet("s1", 640, 410), sheet("s2", 620, 420)),
                List.of());
        var one = new Placement("a", 1, "s1", new Pose(0, 0, 0, false));
        var other = new Placement("b", 1, "s2", new Pose(0, 0, 0, false));
        var both = new CutPlan(List.of(one, other), List.of(), List.of(), 1);
        var found =
                Relaid.swapped(new Laid(roomy, both), "s1", "s2", () -> false).orThrow();
        assertThat(found.plan().on("s2")).extracting(Placement::piece).containsExactly("a");
        assertThat(found.plan().on("s1")).extracting(Placement::piece).containsExactly("b");
        assertThat(PlanCheck.faults(found.problem(), found.plan().placements())).isEmpty();
    }

    @Test
    void whatFindsNoPlaceOnTheOtherIsNamed() {
        var problem = new CutProblem(
                0,
                List.of(rectangle("strip", 630, 100, 1)),
                List.of(sheet("s1", 640, 210), sheet("s2", 420, 320)),
                List.of());
        var plan = new CutPlan(
                List.of(new Placement("strip", 1, "s1", new Pose(0, 0, 0, false))), List.of(), List.of(), 1);
        var swapped = Relaid.swapped(new Laid(problem, plan), "s1", "s2", () -> false);
        assertThat(swapped.understood()).isEmpty();
        assertThat(swapped.toString()).contains("strip finds no place on s2");
    }

    /** What was cut stays, what is left is laid on what is left, and what was spoilt is wanted once more. */
    @Test
    void whatIsCutIsNotLaidAgain() {
        var laid = laid(PROBLEM);
        var first = laid.plan().sheets().getFirst().stock();
        var gone = laid.plan().on(first);
        var log = CutLog.EMPTY
                .after(new SheetCut(first, List.of()))
                .after(new PieceSpoilt(gone.getFirst().piece(), gone.getFirst().copy(), first, "slipped"));
        var stock =
                PROBLEM.stock().stream().filter(one -> !one.id().equals(first)).toList();
        var left = Remaining.of(3, PROBLEM.pieces(), stock, laid, log);
        assertThat(left.done()).containsExactlyInAnyOrderElementsOf(gone);
        assertThat(left.open().stock()).isEqualTo(stock);
        assertThat(left.whole().pieces().stream()
                        .mapToInt(piece -> piece.quantity())
                        .sum())
                .isEqualTo(8);
        var plan = left.merged(laid(left.open()).plan());
        assertThat(plan.placements()).containsAll(gone).hasSize(8);
        assertThat(plan.on(first)).hasSameSizeAs(gone);
        assertThat(PlanCheck.faults(left.whole(), plan.placements())).isEmpty();
        var fresh = Remaining.of(3, PROBLEM.pieces(), PROBLEM.stock(), laid, CutLog.EMPTY);
        assertThat(fresh.open()).isEqualTo(fresh.whole());
        assertThat(fresh.merged(laid.plan()).placements()).isEqualTo(laid.plan().placements());
    }

    /** A hide from which a piece was spoilt is not whole any more, whether all else is cut from it or not. */
    @Test
    void theHoleOfASpoiltPieceStaysWhenAllIsLaidAnew() {
        var laid = laid(PROBLEM);
        var gone = laid.plan().placements().getFirst();
        var log = CutLog.EMPTY.after(new PieceSpoilt(gone.piece(), gone.copy(), gone.stock(), "slipped"));
        var anew = Remaining.of(3, PROBLEM.pieces(), PROBLEM.stock(), laid, log);
        assertThat(anew.done()).isEmpty();
        assertThat(anew.open().pinned()).containsExactly(gone);
        var plan = anew.merged(laid(anew.open()).plan());
        assertThat(plan.placements()).contains(gone).hasSize(8);
        assertThat(PlanCheck.faults(anew.whole(), plan.placements())).isEmpty();
    }

    /** What was cut from takes nothing more, though there is room between its pieces. */
    @Test
    void nothingIsLaidOnWhatWasCut() {
        var laid = laid(PROBLEM);
        var first = laid.plan().sheets().getFirst().stock();
        var log = CutLog.EMPTY.after(new SheetCut(first, List.of()));
        var spoilt = laid.plan().on(first).getLast();
        var again = Relaid.spoilt(laid, List.of(), log, spoilt, () -> false).orThrow();
        assertThat(again.plan().placements())
                .containsAll(laid.plan().placements())
                .hasSize(8);
        assertThat(again.plan().on(first)).hasSameSizeAs(laid.plan().on(first));
        assertThat(PlanCheck.faults(again.problem(), again.plan().placements())).isEmpty();
    }

    @Test
    void whatWasCutAndIsDrawnOtherwiseSinceIsNamed() {
        var laid = laid(PROBLEM);
        var all = laid.plan().sheets().stream()
                .map(use -> new SheetCut(use.stock(), List.<Stock>of()))
                .toList();
        var log = CutLog.EMPTY;
        for (var sheet : all) log = log.after(sheet);
        assertThat(Wasted.of(PROBLEM.pieces(), laid, log)).isEmpty();
        assertThat(Wasted.of(List.of(PROBLEM.pieces().getFirst(), rectangle("b", 151, 100, 3)), laid, log))
                .singleElement()
                .satisfies(wasted -> {
                    assertThat(wasted.piece()).isEqualTo("b");
                    assertThat(wasted.mm2()).isCloseTo(3 * 150 * 100, within(1e-6));
                });
        assertThat(Wasted.of(List.of(), laid, CutLog.EMPTY)).isEmpty();
    }

    @Test
    void plansAreComparedInTheOrderInWhichTheirMeritsCount() {
        var wide = new CutProblem(
                0,
                List.of(rectangle("a", 300, 200, 2)),
                List.of(sheet("s1", 700, 500), sheet("s2", 700, 500)),
                List.of());
        var apart = new CutPlan(
                List.of(
                        new Placement("a", 1, "s1", new Pose(0, 0, 0, false)),
                        new Placement("a", 2, "s2", new Pose(0, 0, 0, false))),
                List.of(),
                List.of(),
                1);
        var together = laid(wide);
        var both = new PlanCompared(new Laid(wide, apart), together);
        assertThat(both.isBetter()).isTrue();
        assertThat(both.words())
                .anyMatch(word -> word.equals("1 hide fewer"))
                .anyMatch(word -> word.contains("cheaper"));
        assertThat(new PlanCompared(together, together).words()).containsExactly("the same");
    }

    @Test
    void theYieldIsOfWhatWasCutWithoutWhatWasSpoilt() {
        var laid = laid(PROBLEM);
        var first = laid.plan().sheets().getFirst();
        var log = CutLog.EMPTY.after(new SheetCut(first.stock(), List.of()));
        var all = Yields.of(laid, log);
        assertThat(all.cutMm2()).isEqualTo(700 * 500);
        assertThat(all.piecesMm2()).isEqualTo(first.pieceArea());
        var gone = laid.plan().on(first.stock()).getFirst();
        var less = Yields.of(laid, log.after(new PieceSpoilt(gone.piece(), gone.copy(), first.stock(), "")));
        assertThat(less.piecesMm2()).isLessThan(all.piecesMm2());
        assertThat(new Yields(0, 0, 0).learnt()).isEqualTo(Yields.USUAL);
        assertThat(new Yields(500e6, 1000e6, 0).learnt()).isBetween(0.5, 0.51);
    }

    /** Two of 0.06 m² and one of 0.03 m² on a sheet that cost 300: the one is a fifth of it. */
    @Test
    void whatAChangeWastesIsPricedByItsShareOfTheSheet() {
        var laid = laid(new CutProblem(
                3,
                List.of(rectangle("a", 300, 200, 2), rectangle("b", 150, 200, 1)),
                List.of(sheet("s1", 700, 500)),
                List.of()));
        var log = CutLog.EMPTY.after(new SheetCut("s1", List.of()));
        var wasted = Wasted.of(List.of(rectangle("a", 300, 200, 2)), laid, log);
        assertThat(Wasted.cost(wasted)).isCloseTo(60, within(1e-9));
        assertThat(Wasted.area(wasted)).isCloseTo(150 * 200, within(1e-9));
    }
}
