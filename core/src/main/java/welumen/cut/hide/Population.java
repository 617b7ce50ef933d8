package welumen.cut.hide;

import java.util.List;
import java.util.SplittableRandom;
import welumen.cut.leather.LeatherClass;
import welumen.cut.stock.Stock;

/**
 * The hides that may come: their size, normally distributed, and their flaws, as many as a Poisson law gives. What the
 * workshop has seen weighs against what is usual as {@link #USUAL_COUNTS} hides do (the posterior mean of conjugate priors).
 *
 * <p>Conjugate priors, so in closed form; the mean's own uncertainty is not carried into the forecast.
 *
 * @param meanMm2 of a hide
 * @param spreadMm2 the standard deviation
 * @param flaws on the mean
 * @param seen how many of the workshop's own hides taught it
 */
public record Population(double meanMm2, double spreadMm2, double flaws, int seen) {
    private static final double USUAL_COUNTS = 6;
    private static final double SMALLEST_MM2 = 2e6;
    private static final double MOST_SPREADS = 2.5;

    public Population {
        if (!(meanMm2 > SMALLEST_MM2 && spreadMm2 >= 0 && flaws >= 0))
            throw new IllegalArgumentException("Hides of [%s mm²] are none.".formatted(meanMm2));
    }

    /** The hides that leather of a class has, before any has been seen. */
    public static Population of(LeatherClass sold) {
        return new Population(sold.meanMm2(), sold.spreadMm2(), sold.flaws(), 0);
    }

    /** Drawn toward what these hides are; sheets and offcuts teach nothing. */
    public Population learnt(List<Stock> own) {
        var hides = own.stream()
                .filter(stock -> stock instanceof Stock.Hide hide && hide.kind() == Stock.Kind.HIDE)
                .map(Stock::shape)
                .toList();
        if (hides.isEmpty()) return this;
        var count = USUAL_COUNTS + hides.size();
        var mean = (USUAL_COUNTS * meanMm2
                        + hides.stream()
                                .mapToDouble(shape -> shape.outline().area())
                                .sum())
                / count;
        var squares = hides.stream()
                .mapToDouble(shape -> Math.pow(shape.outline().area() - mean, 2))
                .sum();
        var spread =
                Math.sqrt((USUAL_COUNTS * (spreadMm2 * spreadMm2 + Math.pow(meanMm2 - mean, 2)) + squares) / count);
        var marks = (USUAL_COUNTS * flaws
                        + hides.stream()
                                .mapToDouble(shape -> shape.holes().size())
                                .sum())
                / count;
        return new Population(mean, spread, marks, seen + hides.size());
    }

    /** The same about another mean. */
    public Population withMean(double otherMm2) {
        return new Population(otherMm2, spreadMm2, flaws, seen);
    }

    /** One hide of it; the same seed gives the same hide. */
    public Stock.Hide sampled(String id, String material, long seed) {
        var random = new SplittableRandom(seed);
        var off = Math.clamp(random.nextGaussian(), -MOST_SPREADS, MOST_SPREADS);
        var area = Math.max(SMALLEST_MM2, meanMm2 + off * spreadMm2);
        return DrawnHide.hide(id, material, area, poisson(random), 0, random.nextLong());
    }

    /** By multiplying (Knuth, The Art of Computer Programming, vol. 2). */
    private int poisson(SplittableRandom random) {
        var limit = Math.exp(-flaws);
        var count = 0;
        for (var product = random.nextDouble(); product > limit; product *= random.nextDouble()) count++;
        return count;
    }
}
