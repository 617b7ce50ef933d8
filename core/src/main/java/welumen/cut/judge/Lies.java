package welumen.cut.judge;

import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Shape;

/** A piece as it lies in a plan. */
public record Lies(CutPiece piece, Placement placement, Stock stock, Shape shape) {
    public static Lies of(CutProblem problem, Placement placement) {
        var piece = problem.piece(placement.piece());
        return new Lies(
                piece,
                placement,
                problem.stock(placement.stock()),
                placement.pose().apply(piece.shape()));
    }

    String name() {
        return piece.nameOf(placement.copy());
    }
}
