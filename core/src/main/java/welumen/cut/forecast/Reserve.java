package welumen.cut.forecast;

import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.shape.Planar;

/**
 * What will be spare of a material that is here already, against what is wanted to be. A job grows and leather turns out worse
 * than it looked; as long as something is still to be cut, another hide of the same lot may still be had.
 *
 * @param hereMm2 of the hides and offcuts that nothing was cut from yet, without their flaws
 * @param toCutMm2 of the pieces that are still to be cut from them
 * @param yield the share of a hide that becomes pieces
 * @param hideMm2 of one that is ordered, on the mean
 * @param wantedMm2 the reserve, as pieces
 */
public record Reserve(double hereMm2, double toCutMm2, double yield, double hideMm2, double wantedMm2) {
    /** @throws IllegalArgumentException if a hide has no area, or nothing of it becomes pieces */
    public Reserve {
        if (!(hereMm2 >= 0 && toCutMm2 >= 0 && yield > 0 && yield <= 1 && hideMm2 > 0 && wantedMm2 >= 0))
            throw new IllegalArgumentException("Hides of [%s mm²] used by [%s] are none.".formatted(hideMm2, yield));
    }

    /** @param open what is still to be laid out, on what it can be */
    public static Reserve of(CutProblem open, String material, double yield, double hideMm2, double wantedMm2) {
        var of = open.of(material);
        return new Reserve(
                of.stock().stream()
                        .filter(Stock.Hide.class::isInstance)
                        .mapToDouble(stock -> Planar.areaLeft(stock.shape()))
                        .sum(),
                CutPiece.area(of.pieces()),
                yield,
                hideMm2,
                wantedMm2);
    }

    /** As pieces; below nought where even those have no room by area. */
    public double spareMm2() {
        return hereMm2 * yield - toCutMm2;
    }

    /** How many hides are to be ordered now, so that the reserve is kept; none where nothing is here or to be cut any more. */
    public int toOrder() {
        if (hereMm2 == 0 || toCutMm2 == 0) return 0;
        return Math.max(0, (int) Math.ceil((wantedMm2 - spareMm2()) / (hideMm2 * yield) - 1e-9));
    }
}
