package welumen.cut;

import java.util.List;
import java.util.Optional;

/**
 * Pieces laid out.
 *
 * @param rounds how many rounds of the search were done
 */
public record CutPlan(List<Placement> placements, List<Unplaced> unplaced, List<SheetUse> sheets, long rounds) {
    /** A piece without a place, and the real reason. */
    public record Unplaced(String piece, int copy, String reason) {}

    /**
     * How one opened stock is used; areas in mm².
     *
     * @param openedArea what counts as used up: all of a hide, of a roll only the length that was used
     * @param usedLength of a roll, the largest x of a piece; of a hide, nought
     */
    public record SheetUse(String stock, double pieceArea, double stockArea, double openedArea, double usedLength) {}

    public CutPlan {
        placements = List.copyOf(placements);
        unplaced = List.copyOf(unplaced);
        sheets = List.copyOf(sheets);
    }

    /** How a stock is used; empty where nothing lies on it. */
    public Optional<SheetUse> use(String stock) {
        return sheets.stream().filter(use -> use.stock().equals(stock)).findFirst();
    }

    /** The share of the opened stock that became pieces, 0 to 1. */
    public double utilisation() {
        var opened = sheets.stream().mapToDouble(SheetUse::openedArea).sum();
        return opened == 0
                ? 0
                : sheets.stream().mapToDouble(SheetUse::pieceArea).sum() / opened;
    }

    public List<Placement> on(String stock) {
        return placements.stream()
                .filter(placement -> placement.stock().equals(stock))
                .toList();
    }
}
