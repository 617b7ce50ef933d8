package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.firstfit.ByHand;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.RoughCut;
import welumen.pattern.Patterns;

/**
 * What of the pattern is not as a plan has it: where there is anything, neither the plan nor what is reckoned from it holds.
 *
 * @param fresh drawn since, and free to be cut
 * @param changed drawn otherwise since, or of another material, grade or number
 * @param refused laid out, and not to be cut as it stands now
 * @param gone laid out, and not part of the pattern any more
 */
public record DrawnSince(List<String> fresh, List<String> changed, List<String> refused, List<String> gone) {
    public DrawnSince {
        fresh = List.copyOf(fresh);
        changed = List.copyOf(changed);
        refused = List.copyOf(refused);
        gone = List.copyOf(gone);
    }

    /**
     * Empty where nothing is laid out, or all is as it was.
     *
     * @param canBeCut what can be cut now
     */
    public static Optional<DrawnSince> of(CuttingTable table, Patterns patterns, List<CutPiece> canBeCut, CutLog log) {
        if (!(table instanceof Laid laid)) return Optional.empty();
        var before = laid.problem().pieces();
        var all = RoughCut.of(FromPattern.pieces(patterns.pieces()), log.worked());
        var ready = canBeCut.stream().map(CutPiece::id).toList();
        var fresh = new ArrayList<String>();
        var changed = new ArrayList<String>();
        var refused = new ArrayList<String>();
        var byHand = ByHand.onPoorer(laid.problem(), all);
        for (var piece : all) {
            var laidOut =
                    before.stream().filter(one -> one.id().equals(piece.id())).findFirst();
            if (laidOut.isEmpty()) {
                if (ready.contains(piece.id())) fresh.add(piece.id());
            } else if (!ready.contains(piece.id()) && !isCut(laid, log, piece.id())) refused.add(piece.id());
            else if (!isSame(piece, laidOut.get(), byHand)) changed.add(piece.id());
        }
        var gone = before.stream()
                .map(CutPiece::id)
                .filter(id -> all.stream().noneMatch(piece -> piece.id().equals(id)))
                .toList();
        var since = new DrawnSince(fresh, changed, refused, gone);
        return since.isNone() ? Optional.empty() : Optional.of(since);
    }

    private static boolean isCut(Laid laid, CutLog log, String piece) {
        return laid.plan().placements().stream()
                .filter(placement -> placement.piece().equals(piece))
                .allMatch(placement -> log.isCut(placement.stock()));
    }

    /** Of a stricter grade than is wanted it lies well; of a poorer one only where the trimmer has put it there himself. */
    private static boolean isSame(CutPiece now, CutPiece laid, List<String> byHand) {
        return now.isDrawnAs(laid)
                && (now.grade() >= laid.grade() || byHand.contains(now.id()))
                && now.quantity() <= laid.quantity();
    }

    private boolean isNone() {
        return fresh.isEmpty() && changed.isEmpty() && refused.isEmpty() && gone.isEmpty();
    }

    /** “3 new, 1 changed: lay out again”. */
    public String said() {
        var words = new ArrayList<String>();
        if (!fresh.isEmpty()) words.add(fresh.size() + " new");
        if (!changed.isEmpty()) words.add(changed.size() + " changed");
        if (!refused.isEmpty()) words.add(refused.size() + " not to be cut as it stands");
        if (!gone.isEmpty()) words.add(gone.size() + " dropped");
        return String.join(", ", words) + ": lay out again";
    }
}
