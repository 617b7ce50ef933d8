package welumen.pattern.thick;

import java.util.Optional;
import java.util.stream.DoubleStream;
import welumen.measure.InchFraction;

/** How long a rivet or screw must be to go through a stack. */
public final class Rivet {
    /** Lengths in mm that are usually in stock. */
    private static final double[] USUAL_MM = {
        6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 30, 32, 35, 40, 45, 50, 60, 70, 80
    };

    private static final double EIGHTH_MM = 25.4 / 8;

    private Rivet() {}

    /** @param settingMm what is set over at its end */
    public static double lengthMm(double settingMm, double... layersMm) {
        return DoubleStream.of(layersMm).sum() + settingMm;
    }

    /** The next usual size in mm that is long enough. */
    public static Optional<Double> usual(double lengthMm) {
        return stock(lengthMm, USUAL_MM);
    }

    /** The next eighth of an inch that is long enough. */
    public static InchFraction eighths(double lengthMm) {
        return new InchFraction(8 * (long) Math.ceil(lengthMm / EIGHTH_MM - 1e-9));
    }

    /** The next size in stock that is long enough. */
    public static Optional<Double> stock(double lengthMm, double... sizesMm) {
        return DoubleStream.of(sizesMm)
                .filter(size -> size >= lengthMm - 1e-9)
                .boxed()
                .min(Double::compare);
    }
}
