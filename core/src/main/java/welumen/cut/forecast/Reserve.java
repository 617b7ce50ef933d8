package welumen.cut.forecast;

import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/**
 * What will be spare of a material that is here already, against what is wanted to be. A job grows and leather turns out worse
 * than it looked; as long as something is still to be cut, another hide of the same lot may still be had.
 *
 * @param hereMm2 of the hides and offcuts that nothing was cut from yet, without their flaws
 * @param toCut of the pieces that are still to be cut from them, and of hides as they are ordered
 * @param wantedMm2 the reserve, as pieces
 */
public record Reserve(double hereMm2, AreaCount toCut, double wantedMm2) {
    /**
     * @param open what is still to be laid out of one material, on what it can be
     * @param all of the material, by area
     */
    public static Reserve of(CutProblem open, AreaCount all, double wantedMm2) {
        var here = open.stock().stream()
                .filter(Stock.Hide.class::isInstance)
                .mapToDouble(stock -> Planar.areaLeft(stock.shape()))
                .sum();
        return new Reserve(here, all.withNet(CutPiece.area(open.pieces())), wantedMm2);
    }

    /** As pieces; below nought where even those have no room by area. */
    public double spareMm2() {
        return hereMm2 * toCut.yield() - toCut.netMm2();
    }

    /** How many hides are to be ordered now, so that the reserve is kept; none where nothing is here or to be cut any more. */
    public int toOrder() {
        if (hereMm2 == 0 || toCut.netMm2() == 0) return 0;
        return toCut.withNet(Math.max(0, wantedMm2 - spareMm2())).hides();
    }
}
