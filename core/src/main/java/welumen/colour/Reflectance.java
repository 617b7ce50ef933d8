package welumen.colour;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** The share of light that a surface sends back, at {@value #COUNT} wavelengths from 400 to 700 nm in steps of 10. */
public final class Reflectance {
    public static final int COUNT = 31;

    private static final int FIRST_NM = 400;
    private static final int STEP_NM = 10;

    private final double[] at;

    private Reflectance(double[] at) {
        this.at = at;
    }

    /**
     * @param shares over 0 and up to 1
     * @throws IllegalArgumentException if there are not {@value #COUNT}, or one is no share
     */
    public static Reflectance of(double... shares) {
        if (shares.length != COUNT)
            throw new IllegalArgumentException(
                    "A reflectance has 31 numbers, from 400 to 700 nm; these are %d.".formatted(shares.length));
        for (var i = 0; i < COUNT; i++)
            if (!(shares[i] > 0 && shares[i] <= 1))
                throw new IllegalArgumentException(
                        "At %d nm the reflectance is %s; it is over 0 and up to 1.".formatted(nm(i), shares[i]));
        return new Reflectance(shares.clone());
    }

    /** As {@link #of(double...)}. */
    public static Reflectance of(List<Double> shares) {
        return of(shares.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** The wavelength of an index from 0. */
    public static int nm(int index) {
        return FIRST_NM + STEP_NM * index;
    }

    public double at(int index) {
        return at[index];
    }

    public Reflectance map(DoubleUnaryOperator change) {
        return of(DoubleStream.of(at).map(change).toArray());
    }

    public List<Double> shares() {
        return DoubleStream.of(at).boxed().toList();
    }

    /** The root of the mean square of the differences to another. */
    public double rms(Reflectance other) {
        return Math.sqrt(IntStream.range(0, COUNT)
                        .mapToDouble(i -> at[i] - other.at[i])
                        .map(d -> d * d)
                        .sum()
                / COUNT);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Reflectance same && Arrays.equals(at, same.at);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(at);
    }

    @Override
    public String toString() {
        return Arrays.toString(at);
    }
}
