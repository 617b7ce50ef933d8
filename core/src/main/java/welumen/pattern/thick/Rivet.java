package welumen.pattern.thick;

import java.util.Optional;
import java.util.stream.DoubleStream;

/** How long a rivet or screw must be to go through a stack. */
public final class Rivet {
    private Rivet() {}

    /** @param settingMm what is set over at its end */
    public static double lengthMm(double settingMm, double... layersMm) {
        return DoubleStream.of(layersMm).sum() + settingMm;
    }

    /** The next size in stock that is long enough. */
    public static Optional<Double> stock(double lengthMm, double... sizesMm) {
        return DoubleStream.of(sizesMm)
                .filter(size -> size >= lengthMm - 1e-9)
                .boxed()
                .min(Double::compare);
    }
}
