package welumen.colour.mix;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;

/**
 * What to add to a mix whose patch was read. First it is told how strong the tints in these tins are, which is likelier to be a
 * little off than much; what the patch shows otherwise besides is taken to hold for mixes near it. Then the shares are looked for
 * that come nearest, of what was mixed and perhaps a tint more; nothing is taken out, so that the whole grows until each tint has its
 * share.
 */
final class Correction {
    /** How far the strength of a tint lies from what was measured, as a logarithm; and an error of a reading. */
    private static final double STRENGTH = 0.12;

    private static final double READING = 0.03;

    private static final double LEAST = Math.log(0.5);
    private static final double MOST = Math.log(2);

    /** How much worse a mix is that is twice as much, as a colour difference. */
    private static final double GROWN = 0.25;

    /** By how much a tint more has to better it. */
    private static final double ANOTHER = 0.12;

    private final MixProblem problem;
    private final int[] tints;
    private final double[] made;

    private Correction(MixProblem problem, MixProblem.Patch patch) {
        this.problem = problem;
        var places = problem.places();
        tints = patch.made().keySet().stream()
                .map(places::get)
                .mapToInt(Integer::intValue)
                .sorted()
                .toArray();
        made = Arrays.stream(tints)
                .mapToDouble(tint ->
                        patch.made().getOrDefault(problem.tints().get(tint).id(), 0.0))
                .toArray();
    }

    static Mix of(MixProblem problem, Film film, MixProblem.Patch patch) {
        var correction = new Correction(problem, patch);
        return patch.read()
                .reflectance()
                .map(read -> correction.added(correction.seen(film, read), Aim.at(problem.target())))
                .orElseGet(() -> correction.added(
                        film, correction.shifted(film, patch.read().lab())));
    }

    /** As the patch has shown it. */
    private Film seen(Film film, Reflectance read) {
        var shown = Constants.ks(read, film.surface());
        var logs = LocalFit.of(new double[tints.length], LEAST, MOST, strengths -> {
            var ks = film.stronger(all(film, strengths)).ks(tints, made);
            var residuals = new double[ks.length + tints.length];
            for (var i = 0; i < ks.length; i++)
                residuals[i] = Math.log(ks[i] / shown[i]) / READING / Math.sqrt(ks.length);
            for (var t = 0; t < tints.length; t++) residuals[ks.length + t] = strengths[t] / STRENGTH;
            return residuals;
        });
        var stronger = film.stronger(all(film, logs));
        var ks = stronger.ks(tints, made);
        var factor = new double[ks.length];
        for (var i = 0; i < ks.length; i++) factor[i] = shown[i] / ks[i];
        return stronger.times(factor);
    }

    private double[] all(Film film, double[] logs) {
        var strengths = new double[film.tints()];
        Arrays.fill(strengths, 1);
        for (var t = 0; t < tints.length; t++) strengths[tints[t]] = Math.exp(logs[t]);
        return strengths;
    }

    /** Where only the patch's L*a*b* is known, one aims as far beside the target as the patch fell beside what was expected. */
    private Aim shifted(Film film, Lab read) {
        var expected = Lab.of(film.shares(tints, made), Illuminant.D65);
        var target = problem.target().lab();
        return Aim.at(target.plus(expected.l() - read.l(), expected.a() - read.a(), expected.b() - read.b()));
    }

    private Mix added(Film film, Aim aim) {
        var search = new Search(film, aim, this::growth);
        var all = new ArrayList<Added>();
        all.add(new Added(Found.of(film, aim, tints, made)));
        all.add(near(search, tints));
        if (tints.length < problem.most())
            for (var more : sets(film.tints(), problem.most() - tints.length)) all.add(near(search, more));
        var best = all.getFirst();
        for (var one : all)
            if (one.score() < best.score() - (one.found.tints().length > best.found.tints().length ? ANOTHER : 0))
                best = one;
        var chosen = best;
        return best.mix(all.stream()
                .filter(one -> !one.found.isOf(chosen.found))
                .sorted((a, b) -> Double.compare(a.score(), b.score()))
                .limit(3)
                .toList());
    }

    /** What was mixed, with one tint more, or with two. */
    private List<int[]> sets(int count, int more) {
        var sets = new ArrayList<int[]>();
        var free = IntStream.range(0, count)
                .filter(tint -> Arrays.binarySearch(tints, tint) < 0)
                .toArray();
        for (var i = 0; i < free.length; i++) {
            sets.add(and(free[i]));
            if (more > 1) for (var j = i + 1; j < free.length; j++) sets.add(and(free[i], free[j]));
        }
        return sets;
    }

    private int[] and(int... more) {
        return IntStream.concat(Arrays.stream(tints), Arrays.stream(more))
                .sorted()
                .toArray();
    }

    /** The best shares from those that were mixed. */
    private Added near(Search search, int[] set) {
        var whole = Arrays.stream(made).sum();
        var begin = new double[set.length];
        for (var i = 0; i < set.length; i++) begin[i] = Math.log(Math.max(0.002, madeOf(set[i]) / whole));
        return new Added(search.from(set, begin));
    }

    /** How much is mixed in the end, as a burden: one for twice as much. */
    private double growth(int[] set, double[] masses) {
        var sum = Arrays.stream(masses).sum();
        var most = problem.grams();
        for (var i = 0; i < set.length; i++) most = Math.max(most, madeOf(set[i]) * sum / masses[i]);
        return GROWN
                * Math.log(most / Math.max(problem.grams(), Arrays.stream(made).sum()))
                / Math.log(2);
    }

    private double madeOf(int tint) {
        var at = Arrays.binarySearch(tints, tint);
        return at < 0 ? 0 : made[at];
    }

    /** Shares that were found, and how much of everything they come to when nothing is taken out. */
    private final class Added {
        private final Found found;
        private final double whole;

        Added(Found found) {
            this.found = found;
            var most = problem.grams();
            for (var i = 0; i < found.tints().length; i++)
                most = Math.max(most, madeOf(found.tints()[i]) / found.shares()[i]);
            whole = most;
        }

        double score() {
            var before = Math.max(problem.grams(), Arrays.stream(made).sum());
            return found.score() + GROWN * Math.log(whole / before) / Math.log(2);
        }

        Mix mix(List<Added> others) {
            var grams = new HashMap<String, Double>();
            var add = new HashMap<String, Double>();
            for (var i = 0; i < found.tints().length; i++) {
                var tint = found.tints()[i];
                var id = problem.tints().get(tint).id();
                var more = Math.max(0, whole * found.shares()[i] - madeOf(tint));
                if (more > 0) add.put(id, more);
                grams.put(id, madeOf(tint) + more);
            }
            return new Mix(
                    grams,
                    add,
                    found.difference(),
                    found.lamplight(),
                    others.stream()
                            .map(one ->
                                    new Mix.Other(Mixer.grams(problem, one.found, one.whole), one.found.difference()))
                            .toList());
        }
    }
}
