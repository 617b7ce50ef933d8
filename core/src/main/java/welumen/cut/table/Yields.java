package welumen.cut.table;

import java.util.List;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/**
 * What became of the leather that was cut.
 *
 * @param piecesMm2 of pieces that were not spoilt
 * @param cutMm2 of the hides that were cut
 * @param keptMm2 of offcuts that went back to the stores
 */
public record Yields(double piecesMm2, double cutMm2, double keptMm2) {
    /** Share of leather that becomes pieces by hand, before a workshop has its own figure. */
    public static final double USUAL = 0.65;

    /** Area in mm² that the usual figure weighs as, beside leather that was cut here. */
    private static final double USUAL_COUNTS_MM2 = 10e6;

    /** What a plan makes of its hides, if nothing is spoilt. */
    public static Yields planned(Laid laid) {
        var all = CutLog.EMPTY;
        for (var use : laid.plan().sheets()) all = all.after(new SheetCut(use.stock(), List.of()));
        return of(laid, all);
    }

    /** Of the hides that this job has cut. */
    public static Yields of(Laid laid, CutLog log) {
        var pieces = 0.0;
        var cut = 0.0;
        var kept = 0.0;
        for (var sheet : log.cut()) {
            var stock = laid.problem().stock().stream()
                    .filter(one -> one.id().equals(sheet.stock()))
                    .findFirst();
            if (stock.isEmpty() || !(stock.get() instanceof Stock.Hide hide)) continue;
            cut += Planar.areaLeft(hide.shape());
            pieces += laid.plan().on(hide.id()).stream()
                    .filter(placement -> !log.isSpoilt(placement))
                    .mapToDouble(placement ->
                            Lies.of(laid.problem(), placement).shape().area())
                    .sum();
            kept += sheet.offcuts().stream()
                    .mapToDouble(offcut -> Planar.areaLeft(offcut.shape()))
                    .sum();
        }
        return new Yields(pieces, cut, kept);
    }

    public Yields and(Yields other) {
        return new Yields(piecesMm2 + other.piecesMm2, cutMm2 + other.cutMm2, keptMm2 + other.keptMm2);
    }

    public static Yields sum(List<Yields> all) {
        return all.stream().reduce(new Yields(0, 0, 0), Yields::and);
    }

    /** The share that became pieces; nought where nothing was cut. */
    public double share() {
        return cutMm2 == 0 ? 0 : piecesMm2 / cutMm2;
    }

    /** What to reckon with: the usual, drawn toward the workshop's own the more it has cut. */
    public double learnt() {
        return (USUAL * USUAL_COUNTS_MM2 + piecesMm2) / (USUAL_COUNTS_MM2 + cutMm2);
    }
}
