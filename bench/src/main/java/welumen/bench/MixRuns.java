package welumen.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import welumen.colour.Ciede2000;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.colour.mix.MixProblem;
import welumen.colour.mix.MixProblem.Patch;
import welumen.colour.mix.Mixer;
import welumen.colour.mix.Surface;
import welumen.colour.mix.Target;
import welumen.colour.mix.Tint;

/**
 * Mixes of made-up tints, {@code [FIRST LAST BATCH]}: the target is a mix of two to four tints of another batch than was measured,
 * as much stronger or weaker as BATCH says (0.06); the patch is made of that batch too. How near the first mix comes, how near the
 * second, and how long each takes.
 */
public final class MixRuns {
    private static final int N = Reflectance.COUNT;
    private static final Surface SURFACE = new Surface(0.04, 0.6);
    private static final double NOISE = 0.0006;

    private MixRuns() {}

    /** What a tint really takes up and scatters. */
    private record Real(double[] k, double[] s) {}

    public static void main(String[] args) {
        var first = args.length > 0 ? Integer.parseInt(args[0]) : 1;
        var last = args.length > 1 ? Integer.parseInt(args[1]) : 100;
        var batch = args.length > 2 ? Double.parseDouble(args[2]) : 0.06;
        var firsts = new ArrayList<Double>();
        var seconds = new ArrayList<Double>();
        var slowest = 0.0;
        var grown = 0.0;
        for (var seed = first; seed <= last; seed++) {
            var random = new Random(seed);
            var isTwo = random.nextBoolean();
            var measured = tints(random, 8 + random.nextInt(5), isTwo);
            var here = measured.stream().map(real -> other(real, batch, random)).toList();
            var target = read(here, recipe(random, measured.size()), random);
            var problem = new MixProblem(
                    Target.of(target), SURFACE, tints(measured, isTwo, random), 4, 600, 1, Optional.empty());
            var began = System.nanoTime();
            var mix = Mixer.of(problem);
            slowest = Math.max(slowest, (System.nanoTime() - began) / 1e9);
            var patch = read(here, masses(problem, mix.grams()), random);
            firsts.add(between(target, patch));
            var again = new MixProblem(
                    problem.target(),
                    SURFACE,
                    problem.tints(),
                    4,
                    600,
                    1,
                    Optional.of(new Patch(mix.grams(), Target.of(patch))));
            began = System.nanoTime();
            var added = Mixer.of(again);
            slowest = Math.max(slowest, (System.nanoTime() - began) / 1e9);
            var whole = added.grams().values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            grown += whole / 600 - 1;
            var then = read(here, masses(again, added.grams()), random);
            seconds.add(between(target, then));
            if (args.length > 3 || seconds.getLast() > 0.6 || firsts.getLast() > 1.5)
                System.out.printf(
                        "case %d: %s, first %.2f (expected %.2f, %d tints), then %.2f (expected %.2f, %d tints, %.0f g)%n",
                        seed,
                        isTwo ? "two constants" : "one constant",
                        firsts.getLast(),
                        mix.difference(),
                        mix.grams().size(),
                        seconds.getLast(),
                        added.difference(),
                        added.grams().size(),
                        whole);
        }
        var count = firsts.size();
        System.out.printf(
                "%d mixes: first under 1.5 in %d, mean %.2f; corrected under 0.6 in %d, mean %.2f; %.0f %% more on the mean; slowest %.2f s%n",
                count,
                firsts.stream().filter(d -> d < 1.5).count(),
                firsts.stream().mapToDouble(d -> d).average().orElse(0),
                seconds.stream().filter(d -> d < 0.6).count(),
                seconds.stream().mapToDouble(d -> d).average().orElse(0),
                100 * grown / count,
                slowest);
    }

    private static double between(Reflectance one, Reflectance other) {
        return Ciede2000.between(Lab.of(one, Illuminant.D65), Lab.of(other, Illuminant.D65));
    }

    /** White, black, and pigments with an edge or a band; those of one constant scatter alike. */
    private static List<Real> tints(Random random, int count, boolean isTwo) {
        var all = new ArrayList<Real>();
        all.add(real(i -> 0.003 + 0.05 * Math.exp(-i / 2.0), _ -> 1));
        all.add(real(_ -> 8, _ -> isTwo ? 0.25 : 1));
        while (all.size() < count) {
            var strength = Math.exp(Math.log(1.5) + random.nextDouble() * 2.2);
            var at = 3 + random.nextDouble() * 24;
            var wide = 1 + 2.5 * random.nextDouble();
            var least = 0.01 + 0.06 * random.nextDouble();
            var scatters = 0.2 + 0.8 * random.nextDouble();
            var slope = 0.02 * (random.nextDouble() - 0.5);
            var isEdge = random.nextDouble() < 0.6;
            var band = 3 + 5 * random.nextDouble();
            all.add(real(
                    i -> least
                            + strength
                                    * (isEdge
                                            ? 1 / (1 + Math.exp((i - at) / wide))
                                            : Math.exp(-Math.pow((i - at) / band, 2))),
                    i -> isTwo ? Math.max(0.05, scatters * (1 + slope * (i - 15))) : 1));
        }
        return all;
    }

    private interface At {
        double of(int i);
    }

    private static Real real(At k, At s) {
        var ks = new double[N];
        var ss = new double[N];
        for (var i = 0; i < N; i++) {
            ks[i] = k.of(i);
            ss[i] = s.of(i);
        }
        return new Real(ks, ss);
    }

    /** Of another batch: stronger or weaker, its edge a little beside. */
    private static Real other(Real real, double batch, Random random) {
        var strength = Math.exp(batch * random.nextGaussian());
        var scatter = Math.exp(batch / 2 * random.nextGaussian());
        var beside = 0.15 * random.nextGaussian();
        return real(i -> strength * at(real.k, i + beside), i -> scatter * real.s[i]);
    }

    private static double at(double[] all, double i) {
        var low = (int) Math.clamp(Math.floor(i), 0, N - 2);
        var share = Math.clamp(i - low, 0, 1);
        return all[low] * (1 - share) + all[low + 1] * share;
    }

    /** Mostly white or another, the others less. */
    private static double[] recipe(Random random, int count) {
        var masses = new double[count];
        var tints = 2 + random.nextInt(3);
        masses[random.nextDouble() < 0.7 ? 0 : random.nextInt(count)] = 1;
        for (var i = 1; i < tints; i++) masses[random.nextInt(count)] += Math.exp(-4.5 + 4.2 * random.nextDouble());
        return masses;
    }

    private static double[] masses(MixProblem problem, Map<String, Double> grams) {
        return problem.tints().stream()
                .mapToDouble(tint -> grams.getOrDefault(tint.id(), 0.0))
                .toArray();
    }

    private static Reflectance read(List<Real> tints, double[] masses, Random random) {
        var shares = new double[N];
        for (var i = 0; i < N; i++) {
            double k = 0, s = 0;
            for (var t = 0; t < masses.length; t++) {
                k += masses[t] * tints.get(t).k[i];
                s += masses[t] * tints.get(t).s[i];
            }
            var ks = k / s;
            var within = 1 + ks - Math.sqrt(ks * ks + 2 * ks);
            var outside = SURFACE.outer()
                    + (1 - SURFACE.outer()) * (1 - SURFACE.inner()) * within / (1 - SURFACE.inner() * within);
            shares[i] = Math.clamp(outside + NOISE * random.nextGaussian(), 0.001, 1);
        }
        return Reflectance.of(shares);
    }

    private static List<Tint> tints(List<Real> real, boolean isTwo, Random random) {
        var all = new ArrayList<Tint>();
        for (var t = 0; t < real.size(); t++) {
            var own = new double[real.size()];
            own[t] = 1;
            var down = new double[real.size()];
            down[0] = 0.9;
            down[t] += 0.1;
            all.add(new Tint(
                    "tint " + t,
                    read(real, own, random),
                    OptionalDouble.empty(),
                    isTwo && t > 0
                            ? Optional.of(new Tint.LetDown("tint 0", 0.1, read(real, down, random)))
                            : Optional.empty()));
        }
        return all;
    }
}
