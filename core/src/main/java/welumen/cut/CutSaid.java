package welumen.cut;

import welumen.measure.Many;

/** Says in a few words what a change of this room did. */
public final class CutSaid {
    private CutSaid() {}

    public static String of(CutChange change) {
        return switch (change) {
            case CutChange.StockSeen(var stock, var what) -> "%s: %s".formatted(what.word(), stock);
            case CutChange.StockBrought(var stock) -> "Came in: " + stock.id();
            case CutChange.StockSentBack(var stock) -> "Sent back: " + stock;
            case CutChange.SheetCut(var stock, var offcuts, var _) ->
                offcuts.isEmpty()
                        ? "Cut: " + stock
                        : "Cut: %s, %d %s kept"
                                .formatted(stock, offcuts.size(), offcuts.size() == 1 ? "offcut" : "offcuts");
            case CutChange.StripTested(var test) ->
                "Strip tested: %s, %s".formatted(test.material(), test.working().word());
            case CutChange.PieceWorked(var piece, var working) ->
                "Worked %s: %s".formatted(working.word(), piece.replace('-', ' '));
            case CutChange.PieceLeftDry(var piece) -> "Cut to its line at once: " + piece.replace('-', ' ');
            case CutChange.TermsSaid(var material, var _) -> "How it is bought: " + material;
            case CutChange.PieceSpoilt(var piece, var _, var _, var _) -> "Spoilt: " + piece.replace('-', ' ');
            case CutChange.PlanAccepted(var _, var plan) ->
                "Laid out: %s on %s"
                        .formatted(
                                Many.of(plan.placements().size(), "piece"),
                                Many.of(plan.sheets().size(), "hide or roll")
                                        .replace("hide or rolls", "hides and rolls"));
        };
    }
}
