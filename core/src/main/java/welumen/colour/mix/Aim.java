package welumen.colour.mix;

import java.util.Optional;
import java.util.OptionalDouble;
import welumen.colour.Ciede2000;
import welumen.colour.Illuminant;
import welumen.colour.Lab;

/**
 * What a mix is measured by: its difference to a target. For the search the difference is taken as a length in a straight space
 * that is true to it near the target (its Hessian there, by differences).
 */
final class Aim {
    /** How much a difference under lamplight counts beside one under daylight. */
    static final double LAMPLIGHT = 0.25;

    /** How much a share of light that is sent back otherwise counts, beside a colour difference of 1. */
    private static final double SPECTRAL = 0.6;

    private static final double STEP = 0.05;

    private final Lab daylight;
    private final Optional<Lab> lamplight;
    private final Optional<double[]> shares;
    private final double[][] metric;
    private final Optional<double[][]> lampMetric;

    private Aim(Lab daylight, Optional<Lab> lamplight, Optional<double[]> shares) {
        this.daylight = daylight;
        this.lamplight = lamplight;
        this.shares = shares;
        metric = metric(daylight);
        lampMetric = lamplight.map(Aim::metric);
    }

    static Aim at(Target target) {
        return new Aim(
                target.lab(),
                target.reflectance().map(known -> Lab.of(known, Illuminant.A)),
                target.reflectance()
                        .map(known -> known.shares().stream()
                                .mapToDouble(Double::doubleValue)
                                .toArray()));
    }

    /** Somewhere else, under daylight alone. */
    static Aim at(Lab lab) {
        return new Aim(lab, Optional.empty(), Optional.empty());
    }

    double difference(double[] mixed) {
        return Ciede2000.between(daylight, Lab.of(mixed, Illuminant.D65));
    }

    OptionalDouble underLamplight(double[] mixed) {
        return lamplight.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Ciede2000.between(lamplight.get(), Lab.of(mixed, Illuminant.A)));
    }

    Optional<double[]> shares() {
        return shares;
    }

    /** What is to be made small, in the sum of its squares. */
    double[] residuals(double[] mixed) {
        var many = 3 + (lamplight.isPresent() ? 3 : 0) + (shares.isPresent() ? mixed.length : 0);
        var all = new double[many];
        straight(metric, daylight, Lab.of(mixed, Illuminant.D65), 1, all, 0);
        if (lamplight.isPresent())
            straight(lampMetric.orElseThrow(), lamplight.get(), Lab.of(mixed, Illuminant.A), LAMPLIGHT, all, 3);
        if (shares.isPresent())
            for (var i = 0; i < mixed.length; i++) all[6 + i] = SPECTRAL * (mixed[i] - shares.get()[i]);
        return all;
    }

    private static void straight(double[][] root, Lab aim, Lab mixed, double weight, double[] into, int at) {
        var d = new double[] {mixed.l() - aim.l(), mixed.a() - aim.a(), mixed.b() - aim.b()};
        for (var row = 0; row < 3; row++) {
            var sum = 0.0;
            for (var column = row; column < 3; column++) sum += root[row][column] * d[column];
            into[at + row] = weight * sum;
        }
    }

    /** The upper root (Cholesky) of the form that the squared difference has at a colour. */
    private static double[][] metric(Lab at) {
        var form = new double[3][3];
        for (var i = 0; i < 3; i++) form[i][i] = squared(at, i, i) / (STEP * STEP);
        for (var i = 0; i < 3; i++)
            for (var j = 0; j < i; j++) {
                var both = squared(at, i, j) / (STEP * STEP);
                form[i][j] = (both - form[i][i] - form[j][j]) / 2;
                form[j][i] = form[i][j];
            }
        var root = new double[3][3];
        for (var i = 0; i < 3; i++)
            for (var j = i; j < 3; j++) {
                var sum = form[i][j];
                for (var m = 0; m < i; m++) sum -= root[m][i] * root[m][j];
                root[i][j] = i == j ? Math.sqrt(Math.max(1e-6, sum)) : sum / root[i][i];
            }
        return root;
    }

    private static double squared(Lab at, int i, int j) {
        var step = new double[3];
        step[i] = STEP;
        step[j] = STEP;
        var other = new Lab(
                at.l() + (at.l() > 50 ? -step[0] : step[0]),
                at.a() + (at.l() > 50 ? -step[1] : step[1]),
                at.b() + (at.l() > 50 ? -step[2] : step[2]));
        var difference = Ciede2000.between(at, other);
        return difference * difference;
    }
}
