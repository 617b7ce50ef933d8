package welumen.colour.mix;

import java.util.ArrayList;
import java.util.List;
import welumen.colour.Ciede2000;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;

/**
 * Judges a mix by the plain words of the problem: what is in it, how much, that nothing was taken out; and, where no patch has
 * corrected the tints, its colour by Kubelka and Munk's formula written out, without anything of the search: what each tint takes up
 * and scatters is the same, and has to show each tint as it was measured.
 */
public final class MixCheck {
    private static final double NEAR = 1e-6;
    private static final double SEEN = 0.01;

    private MixCheck() {}

    /** What is wrong, each a sentence; none where it holds. */
    public static List<String> faults(MixProblem problem, Mix mix) {
        var faults = new ArrayList<String>();
        var ids = problem.tints().stream().map(Tint::id).toList();
        var whole =
                mix.grams().values().stream().mapToDouble(Double::doubleValue).sum();
        if (mix.grams().size() > Math.max(problem.most(), made(problem)))
            faults.add("It is of %d tints.".formatted(mix.grams().size()));
        mix.grams().forEach((tint, grams) -> {
            if (!ids.contains(tint)) faults.add("“%s” is no tint.".formatted(tint));
            if (!(grams > 0)) faults.add("It has %s g of “%s”.".formatted(grams, tint));
        });
        mix.add().forEach((tint, grams) -> {
            if (!(grams > 0)) faults.add("It adds %s g of “%s”.".formatted(grams, tint));
        });
        if (problem.patch().isEmpty() && Math.abs(whole - problem.grams()) > NEAR * problem.grams())
            faults.add("It weighs %s g.".formatted(whole));
        if (whole < problem.grams() * (1 - NEAR)) faults.add("It weighs %s g only.".formatted(whole));
        problem.patch()
                .ifPresent(patch -> patch.made().forEach((tint, grams) -> {
                    var now = mix.grams().getOrDefault(tint, 0.0);
                    var then = grams + mix.add().getOrDefault(tint, 0.0);
                    if (Math.abs(now - then) > NEAR * (1 + then)) faults.add("“%s” does not add up.".formatted(tint));
                }));
        if (problem.patch().isEmpty()) colour(problem, mix, faults);
        return List.copyOf(faults);
    }

    private static int made(MixProblem problem) {
        return problem.patch().map(patch -> patch.made().size()).orElse(0);
    }

    private static void colour(MixProblem problem, Mix mix, List<String> faults) {
        var k1 = problem.surface().outer();
        var k2 = problem.surface().inner();
        var constants = Constants.of(problem);
        var shares = new double[Reflectance.COUNT];
        for (var i = 0; i < shares.length; i++) {
            var takes = 0.0;
            var scatters = 0.0;
            for (var t = 0; t < constants.size(); t++) {
                var tint = problem.tints().get(t);
                var k = constants.get(t).k[i];
                var s = constants.get(t).s[i];
                var measured = tint.reflectance().at(i);
                var r = Math.clamp((measured - k1) / (1 - k1 - k2 * (1 - measured)), 1e-4, 1 - 1e-6);
                if (Math.abs(k / s - (1 - r) * (1 - r) / (2 * r)) > NEAR * (1 + k / s) || s <= 0)
                    faults.add("“%s” by itself is not as it was measured.".formatted(tint.id()));
                takes += mix.grams().getOrDefault(tint.id(), 0.0) * k;
                scatters += mix.grams().getOrDefault(tint.id(), 0.0) * s;
            }
            var ks = takes / scatters;
            var r = 1 + ks - Math.sqrt(ks * ks + 2 * ks);
            shares[i] = k1 + (1 - k1) * (1 - k2) * r / (1 - k2 * r);
        }
        var difference = Ciede2000.between(problem.target().lab(), Lab.of(shares, Illuminant.D65));
        if (Math.abs(difference - mix.difference()) > SEEN)
            faults.add("It differs by %s, not by %s.".formatted(difference, mix.difference()));
    }
}
