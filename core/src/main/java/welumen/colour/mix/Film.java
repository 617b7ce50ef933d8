package welumen.colour.mix;

import java.util.Arrays;
import java.util.List;
import welumen.colour.Reflectance;

/** What a film of a mix sends back, by the tints’ constants; corrected by what a patch has shown, where there was one. */
final class Film {
    private static final int N = Reflectance.COUNT;

    private final double[][] k;
    private final double[][] s;
    private final Surface surface;
    /** By which the K/S of a mix is taken otherwise, at each wavelength. */
    private final double[] factor;

    private Film(double[][] k, double[][] s, Surface surface, double[] factor) {
        this.k = k;
        this.s = s;
        this.surface = surface;
        this.factor = factor;
    }

    static Film of(List<Constants> tints, Surface surface) {
        var factor = new double[N];
        Arrays.fill(factor, 1);
        return new Film(
                tints.stream().map(one -> one.k).toArray(double[][]::new),
                tints.stream().map(one -> one.s).toArray(double[][]::new),
                surface,
                factor);
    }

    /** The same where each tint is so many times as strong. */
    Film stronger(double[] strengths) {
        var otherK = new double[k.length][];
        for (var t = 0; t < k.length; t++) {
            otherK[t] = k[t].clone();
            for (var i = 0; i < N; i++) otherK[t][i] *= strengths[t];
        }
        return new Film(otherK, s, surface, factor);
    }

    Film times(double[] otherFactor) {
        return new Film(k, s, surface, otherFactor);
    }

    int tints() {
        return k.length;
    }

    Surface surface() {
        return surface;
    }

    /**
     * K/S of a mix.
     *
     * @param tints their numbers
     * @param masses of them, in any unit
     */
    double[] ks(int[] tints, double[] masses) {
        var ks = new double[N];
        for (var i = 0; i < N; i++) {
            var takes = 0.0;
            var scatters = 0.0;
            for (var t = 0; t < tints.length; t++) {
                takes += masses[t] * k[tints[t]][i];
                scatters += masses[t] * s[tints[t]][i];
            }
            ks[i] = factor[i] * takes / scatters;
        }
        return ks;
    }

    /** The shares of light that a film of it sends back, as they are measured. */
    double[] shares(int[] tints, double[] masses) {
        var shares = ks(tints, masses);
        for (var i = 0; i < N; i++) shares[i] = surface.outside(Surface.share(shares[i]));
        return shares;
    }
}
