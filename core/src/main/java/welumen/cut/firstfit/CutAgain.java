package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.StopSignal;
import welumen.cut.stock.Stock;

/**
 * The reserve of leather: which pieces, if they were spoilt, could be cut once more from what is left of the hides that are
 * open, beside all that lies there, and from the offcuts of the same dye lot.
 */
public final class CutAgain {
    private CutAgain() {}

    /**
     * The pieces that could not, largest first: for these a whole hide would have to be opened or bought.
     *
     * @param now what can be cut from now
     */
    public static List<String> without(Laid laid, List<Stock> now, CutLog log, StopSignal stop) {
        var random = new SplittableRandom(0);
        var choice = new AttitudeChoice();
        var sheets = sheets(laid, now, log);
        return laid.problem().pieces().stream()
                .filter(piece -> laid.plan().placements().stream()
                        .anyMatch(one -> one.piece().equals(piece.id())))
                .filter(piece -> laid.problem().stock().stream()
                        .anyMatch(stock ->
                                stock instanceof Stock.Hide && stock.material().equals(piece.material())))
                .filter(piece -> sheets.stream()
                        .filter(sheet -> sheet.ground.stock.material().equals(piece.material()))
                        .noneMatch(sheet -> sheet.placeFor(
                                        choice.of(piece, sheet.ground.stock, random, Tries.QUARTERS), stop)
                                .isPresent()))
                .sorted((one, other) ->
                        Double.compare(other.shape().area(), one.shape().area()))
                .map(CutPiece::id)
                .toList();
    }

    private static List<Sheet> sheets(Laid laid, List<Stock> now, CutLog log) {
        var sheets = new ArrayList<Sheet>();
        for (var use : laid.plan().sheets())
            if (!log.isCut(use.stock()) && laid.problem().stock(use.stock()) instanceof Stock.Hide hide)
                sheets.add(Sheet.of(laid.problem(), hide, laid.plan().placements()));
        for (var stock : now)
            if (stock instanceof Stock.Hide hide && hide.kind() == Stock.Kind.OFFCUT && isOfLot(laid, hide))
                sheets.add(Sheet.of(laid.problem(), hide, List.of()));
        return sheets;
    }

    private static boolean isOfLot(Laid laid, Stock.Hide offcut) {
        return laid.plan().sheets().stream()
                .map(use -> laid.problem().stock(use.stock()))
                .anyMatch(stock -> stock instanceof Stock.Hide hide
                        && !hide.id().equals(offcut.id())
                        && hide.material().equals(offcut.material())
                        && hide.lot().dye().equals(offcut.lot().dye()));
    }
}
