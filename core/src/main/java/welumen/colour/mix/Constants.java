package welumen.colour.mix;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import welumen.colour.Reflectance;

/**
 * What each tint takes up and scatters, by wavelength (Duncan, 1940): where a let-down is known, its K and its S against the other’s
 * S of 1; else S is 1 and K what its own film shows. Where a tint and what it was let down into look alike at a wavelength, a
 * let-down says nothing of its S there; it is taken from the wavelengths beside that do.
 */
final class Constants {
    private static final int N = Reflectance.COUNT;

    /** Limits of an S against another’s: what lies beyond is the error of a reading. */
    private static final double LEAST_S = 0.02;

    private static final double MOST_S = 50;

    /** How far the neighbours pull where a wavelength says little. */
    private static final double SMOOTH = 0.02;

    private static final int SWEEPS = 200;

    final double[] k;
    final double[] s;

    private Constants(double[] k, double[] s) {
        this.k = k;
        this.s = s;
    }

    static List<Constants> of(MixProblem problem) {
        var done = new TreeMap<String, Constants>();
        for (var tint : problem.tints()) of(problem, tint, done);
        var all = new ArrayList<Constants>();
        for (var tint : problem.tints()) all.add(Objects.requireNonNull(done.get(tint.id())));
        return all;
    }

    private static Constants of(MixProblem problem, Tint tint, TreeMap<String, Constants> done) {
        var known = done.get(tint.id());
        if (known != null) return known;
        var own = ks(tint.reflectance(), problem.surface());
        var made = tint.letDown()
                .map(letDown -> {
                    var into = problem.tints().stream()
                            .filter(one -> one.id().equals(letDown.into()))
                            .findFirst()
                            .orElseThrow();
                    return two(own, letDown, of(problem, into, done), problem.surface());
                })
                .orElseGet(() -> new Constants(own, ones()));
        done.put(tint.id(), made);
        return made;
    }

    private static double[] ones() {
        var ones = new double[N];
        Arrays.fill(ones, 1);
        return ones;
    }

    static double[] ks(Reflectance reflectance, Surface surface) {
        var all = new double[N];
        for (var i = 0; i < N; i++) all[i] = Surface.ks(surface.within(reflectance.at(i)));
        return all;
    }

    /**
     * Of what a let-down shows, ω' = ((1 − c) K₀ + c ω S) / ((1 − c) S₀ + c S), the S at each wavelength, weighed by how much it
     * says there, in logarithms and smooth over the wavelengths.
     */
    private static Constants two(double[] own, Tint.LetDown letDown, Constants into, Surface surface) {
        var shown = ks(letDown.reflectance(), surface);
        var c = letDown.share();
        var log = new double[N];
        var weight = new double[N];
        for (var i = 0; i < N; i++) {
            var above = (1 - c) * (shown[i] * into.s[i] - into.k[i]);
            var below = c * (own[i] - shown[i]);
            var ratio = above / below;
            var isSaid = ratio > LEAST_S && ratio < MOST_S;
            log[i] = isSaid ? Math.log(ratio) : 0;
            weight[i] = isSaid ? says(own[i], shown[i], into.k[i] / into.s[i]) : 0;
        }
        var smooth = smooth(log, weight);
        var s = new double[N];
        var k = new double[N];
        for (var i = 0; i < N; i++) {
            s[i] = Math.exp(smooth[i]);
            k[i] = own[i] * s[i];
        }
        return new Constants(k, s);
    }

    /** How far the let-down lies from both ends, as shares that come back: near one of them it says nothing. */
    private static double says(double own, double shown, double into) {
        var r = Surface.share(shown);
        var near = Math.min(Math.abs(r - Surface.share(own)), Math.abs(r - Surface.share(into)));
        return Math.min(1, near * near / 0.0025);
    }

    private static double[] smooth(double[] log, double[] weight) {
        var at = log.clone();
        var total = 0.0;
        var mean = 0.0;
        for (var i = 0; i < N; i++) {
            total += weight[i];
            mean += weight[i] * log[i];
        }
        if (total == 0) return new double[N]; // it says nothing at all: as if there were none
        for (var i = 0; i < N; i++) if (weight[i] == 0) at[i] = mean / total;
        for (var sweep = 0; sweep < SWEEPS; sweep++)
            for (var i = 0; i < N; i++) {
                var sum = weight[i] * log[i];
                var by = weight[i];
                for (var near : new int[] {i - 1, i + 1})
                    if (near >= 0 && near < N) {
                        sum += SMOOTH * at[near];
                        by += SMOOTH;
                    }
                at[i] = sum / by;
            }
        return at;
    }
}
