package welumen.cut;

import java.util.List;
import welumen.cut.stock.ById;
import welumen.cut.stock.Stock;

/**
 * What is to be cut from what.
 *
 * @param gap the least distance between two pieces, and between a piece and the edge of its stock or of a flaw, in mm
 * @param pinned pieces that stay where they are
 */
public record CutProblem(double gap, List<CutPiece> pieces, List<Stock> stock, List<Placement> pinned) {
    /** Gap between two pieces, in mm: room for a blade. */
    public static final double USUAL_GAP_MM = 3;

    /** @throws IllegalArgumentException if two pieces or two stocks share a name, or the gap is not from 0 to 1000 mm */
    public CutProblem {
        pieces = ById.of(pieces, CutPiece::id, "piece");
        stock = ById.of(stock, Stock::id, "stock");
        pinned = List.copyOf(pinned);
        if (!(gap >= 0 && gap <= 1000))
            throw new IllegalArgumentException("The gap [%s mm] is not from 0 to 1000 mm.".formatted(gap));
    }

    /** Whether a copy of a piece stays where it lies. */
    public boolean isPinned(String piece, int copy) {
        return pinned.stream().anyMatch(pin -> pin.piece().equals(piece) && pin.copy() == copy);
    }

    /** The same with other pins. */
    public CutProblem withPinned(List<Placement> others) {
        return new CutProblem(gap, pieces, stock, others);
    }

    /** The same with a piece as another. */
    public CutProblem with(CutPiece other) {
        return new CutProblem(
                gap,
                pieces.stream()
                        .map(piece -> piece.id().equals(other.id()) ? other : piece)
                        .toList(),
                stock,
                pinned);
    }

    /** What a piece is numbered by wherever the plan is shown, from 1. */
    public int numberOf(String piece) {
        return pieces.stream().map(CutPiece::id).toList().indexOf(piece) + 1;
    }

    /** @throws IllegalArgumentException if there is no such piece */
    public CutPiece piece(String id) {
        return ById.find(pieces, id, "piece");
    }

    /** What of it is cut of one material. */
    public CutProblem of(String material) {
        var own = stock.stream().filter(one -> one.material().equals(material)).toList();
        return new CutProblem(
                gap,
                pieces.stream()
                        .filter(piece -> piece.material().equals(material))
                        .toList(),
                own,
                pinned.stream()
                        .filter(placement ->
                                own.stream().anyMatch(one -> one.id().equals(placement.stock())))
                        .toList());
    }

    /** @throws IllegalArgumentException if there is no such stock */
    public Stock stock(String id) {
        return ById.find(stock, id, "stock");
    }
}
