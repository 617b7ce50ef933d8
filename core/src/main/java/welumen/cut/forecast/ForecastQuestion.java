package welumen.cut.forecast;

import java.util.List;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.hide.Population;
import welumen.cut.stock.Stock;

/**
 * What a forecast is about.
 *
 * @param pieces all of one material
 * @param price of a hide
 * @param secondLot what it costs beside the hide where another has to be ordered later: carriage, and the risk that its lot
 *     does not match
 * @param seed the same gives the same deliveries
 */
public record ForecastQuestion(
        List<CutPiece> pieces, double gapMm, Population population, double price, double secondLot, long seed) {
    /** Hides that are looked at, at the most. */
    private static final int MOST = 24;
    /** Share of a hide that a plan of a moment uses at the least. */
    private static final double LEAST_USED = 0.38;

    private static final long BETWEEN = 1_000_003;

    /** @throws IllegalArgumentException if there is nothing to lay, or of several materials */
    public ForecastQuestion {
        pieces = List.copyOf(pieces);
        if (pieces.stream().map(CutPiece::material).distinct().count() != 1)
            throw new IllegalArgumentException("A forecast is about the pieces of one material.");
        if (!(price >= 0 && secondLot >= 0))
            throw new IllegalArgumentException("A price of [%s, %s] is none.".formatted(price, secondLot));
    }

    /** The same about other pieces. */
    public ForecastQuestion about(List<CutPiece> others) {
        return new ForecastQuestion(others, gapMm, population, price, secondLot, seed);
    }

    public String material() {
        return pieces.getFirst().material();
    }

    public int count() {
        return CutPiece.count(pieces);
    }

    /** So many hides do in any delivery that is not hopeless. */
    int enough() {
        return Math.clamp((long) Math.ceil(CutPiece.area(pieces) / (LEAST_USED * population.meanMm2())) + 2, 2, MOST);
    }

    /** The hides of one delivery, in the order in which they are opened. */
    List<Stock> delivery(int number, int hides) {
        return IntStream.rangeClosed(1, hides)
                .<Stock>mapToObj(hide -> population.sampled(
                        "hide " + hide, material(), seed * BETWEEN * BETWEEN + number * BETWEEN + hide))
                .toList();
    }

    CutProblem problem(List<Stock> hides) {
        return new CutProblem(gapMm, pieces, hides, List.of());
    }
}
