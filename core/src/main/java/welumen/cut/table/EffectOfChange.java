package welumen.cut.table;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.cloth.StripesUp;
import welumen.cut.judge.PlanScore;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Stock;
import welumen.pattern.Patterns;

/**
 * What a change of the pattern does once it has been laid out: which pieces are cut for nothing, which have to be laid
 * again, and what has to be opened for them beside what the plan had opened.
 *
 * @param wasted cut already, and drawn otherwise since
 * @param again the names of the pieces that have to be laid again, or for the first time
 * @param opened what has to be opened for them
 * @param cost of what is opened, and of more length of rolls
 * @param holed hides and rolls out of which a copy was cut that was spoilt, and is drawn otherwise now: its hole is a flaw from now on
 * @param after the table once the change is accepted: what stays lies where it lay
 */
public record EffectOfChange(
        List<Wasted> wasted, List<String> again, List<Stock> opened, double cost, List<Stock> holed, Laid after) {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(6);

    public EffectOfChange {
        wasted = List.copyOf(wasted);
        again = List.copyOf(again);
        opened = List.copyOf(opened);
        holed = List.copyOf(holed);
    }

    /** Whether nothing was changed. */
    public boolean isNone() {
        return wasted.isEmpty() && again.isEmpty() && after.plan().unplaced().isEmpty();
    }

    /** Pieces that find no place any more, each copy by itself, by material; something has to be bought for them. */
    public SortedMap<String, List<CutPiece>> withoutRoom() {
        return after.plan().unplaced().stream()
                .map(left -> after.problem().piece(left.piece()).times(1))
                .collect(Collectors.groupingBy(CutPiece::material, TreeMap::new, Collectors.toList()));
    }

    /** What can be cut, and what was laid out though it waits for something since. */
    public static List<CutPiece> drawn(Laid laid, Patterns patterns, List<CutPiece> ready) {
        var waiting = FromPattern.pieces(patterns.pieces()).stream()
                .filter(piece ->
                        !hasId(ready, piece.id()) && hasId(laid.problem().pieces(), piece.id()));
        return Stream.concat(ready.stream(), waiting).toList();
    }

    private static boolean hasId(List<CutPiece> pieces, String id) {
        return pieces.stream().anyMatch(piece -> piece.id().equals(id));
    }

    /**
     * @param now the pieces as they are drawn now, those rough that are worked
     * @param stock what can be cut from now
     */
    public static EffectOfChange of(Laid laid, List<CutPiece> now, List<Stock> stock, CutLog log, StopSignal stop) {
        var again = now.stream()
                .filter(piece -> laid.problem().pieces().stream().noneMatch(before -> piece.isDrawnAs(before)))
                .toList();
        var wasted = Wasted.of(now, laid, log);
        var pieces = wanted(now, again, log);
        var staying = staying(laid, pieces, again);
        var holed = Holed.of(laid, stock, log, placement -> !staying.contains(placement));
        var cut = laid.problem().stock().stream().filter(one -> log.isCut(one.id()));
        var whole = StripesUp.of(new CutProblem(
                laid.problem().gap(),
                pieces,
                Stream.concat(cut, holed.in(stock).stream()).toList(),
                staying));
        var lying = whole.pinned().size();
        if (lying == laid.plan().placements().size() && lying == CutPiece.count(whole.pieces()))
            return new EffectOfChange(wasted, List.of(), List.of(), 0, List.of(), laid);
        var remaining = Remaining.of(whole, log);
        var plan = remaining.merged(Nester.untilAllLie(remaining.open(), SHORT, stop));
        return new EffectOfChange(
                wasted,
                toLay(whole),
                plan.sheets().stream()
                        .filter(use -> laid.plan().use(use.stock()).isEmpty())
                        .map(use -> whole.stock(use.stock()))
                        .toList(),
                cost(whole, plan) - cost(laid.problem(), laid.plan()),
                holed.stocks(),
                new Laid(whole, plan));
    }

    /** All that is drawn now; what was spoilt, and is drawn as it was, is wanted once more. */
    private static List<CutPiece> wanted(List<CutPiece> now, List<CutPiece> again, CutLog log) {
        return now.stream()
                .map(piece ->
                        hasId(again, piece.id()) ? piece : piece.times(piece.quantity() + log.spoiltOf(piece.id())))
                .toList();
    }

    /** What lies as it is drawn. */
    private static List<Placement> staying(Laid laid, List<CutPiece> pieces, List<CutPiece> again) {
        return laid.plan().placements().stream()
                .filter(placement -> !hasId(again, placement.piece()))
                .filter(placement -> pieces.stream()
                        .anyMatch(
                                piece -> piece.id().equals(placement.piece()) && placement.copy() <= piece.quantity()))
                .toList();
    }

    /** Those of which fewer copies lie than are wanted. */
    private static List<String> toLay(CutProblem whole) {
        return whole.pieces().stream()
                .filter(piece -> whole.pinned().stream()
                                .filter(pin -> pin.piece().equals(piece.id()))
                                .count()
                        < piece.quantity())
                .map(CutPiece::id)
                .toList();
    }

    private static double cost(CutProblem problem, CutPlan plan) {
        return PlanScore.of(problem, plan.placements()).cost();
    }
}
