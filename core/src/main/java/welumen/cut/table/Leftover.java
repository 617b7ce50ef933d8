package welumen.cut.table;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.stock.Stock;

/**
 * What was left over of a cut and is still there: an offcut of a hide, or the rest of a roll.
 *
 * @param job what it was cut for: a piece of the same car's own leather mends it years later
 * @param since when it was cut; {@link LocalDate#EPOCH} where nobody has said
 */
public record Leftover(Stock stock, String job, LocalDate since) {
    /** Years after which leather has aged otherwise than what is in the car, and a shelf is full. */
    public static final int YEARS = 3;

    /** Length in mm to which what is kept for a later repair can be cut, of each material. */
    public static final double REPAIR_LONG_MM = 400;

    public static final double REPAIR_WIDE_MM = 300;

    /** What one job has cut. */
    public record Cuts(String job, CutLog log) {}

    /** All that were not cut from since, oldest first. */
    public static List<Leftover> of(List<Cuts> jobs) {
        return jobs.stream()
                .flatMap(job -> job.log().cut().stream()
                        .flatMap(cut -> cut.offcuts().stream().map(stock -> new Leftover(stock, job.job(), cut.day()))))
                .filter(one -> jobs.stream()
                        .noneMatch(job -> job.log().isCut(one.stock().id())))
                .sorted(Comparator.comparing(Leftover::since))
                .toList();
    }

    /** Those from which such a rectangle can be cut, the smallest first. */
    public static List<Leftover> having(List<Leftover> all, double longMm, double wideMm) {
        return all.stream()
                .filter(one -> one.has(Math.max(longMm, wideMm), Math.min(longMm, wideMm)))
                .sorted(Comparator.comparingDouble(one -> one.stock().shape().area()))
                .toList();
    }

    private boolean has(double longMm, double wideMm) {
        return LargestRectangle.isIn(stock, longMm, wideMm);
    }

    public LocalDate mayGo() {
        return since.plusYears(YEARS);
    }

    /** The materials that a job has cut, of which nothing is kept that is large enough for a repair. */
    public static List<String> nothingKept(Stream<Stock> cut, List<Leftover> kept) {
        return cut.map(Stock::material)
                .distinct()
                .filter(material -> kept.stream()
                        .noneMatch(one ->
                                one.stock().material().equals(material) && one.has(REPAIR_LONG_MM, REPAIR_WIDE_MM)))
                .toList();
    }
}
