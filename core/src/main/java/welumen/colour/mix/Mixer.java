package welumen.colour.mix;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Mixes tints to a colour. The fewest tints that come under the wanted difference, else the nearest mix; after a patch, what is to
 * be added so that it comes as near as can be, with nothing taken out. Sets of up to four of thirteen tints in a few tenths of a
 * second, linear in their number. It errs as far as the tints in the tins differ from those that were measured: that is what a
 * patch is for.
 */
public final class Mixer {
    /** Of other mixes that are told. */
    private static final int OTHERS = 3;

    private Mixer() {}

    /** @throws IllegalStateException if its own check finds the mix wrong */
    public static Mix of(MixProblem problem) {
        var film = Film.of(Constants.of(problem), problem.surface());
        var mix = problem.patch().isPresent()
                ? Correction.of(problem, film, problem.patch().get())
                : first(problem, film);
        var faults = MixCheck.faults(problem, mix);
        if (!faults.isEmpty()) throw new IllegalStateException("the mix is not valid: " + faults.getFirst());
        return mix;
    }

    private static Mix first(MixProblem problem, Film film) {
        var sizes = new Search(film, Aim.at(problem.target())).bySize(problem.most(), problem.wanted());
        var best = chosen(sizes, problem.wanted());
        return new Mix(
                grams(problem, best, problem.grams()),
                Map.of(),
                best.difference(),
                best.lamplight(),
                others(problem, sizes, best));
    }

    /** The best of the fewest that come under the wanted difference; where none does, the nearest of all. */
    private static Found chosen(List<List<Found>> sizes, double wanted) {
        var nearest = sizes.getFirst().getFirst();
        for (var size : sizes) {
            for (var found : size) if (found.difference() <= wanted) return found;
            for (var found : size) if (found.score() < nearest.score()) nearest = found;
        }
        return nearest;
    }

    /** The best of each other count of tints, then the next of the same count. */
    private static List<Mix.Other> others(MixProblem problem, List<List<Found>> sizes, Found best) {
        var some = new ArrayList<Found>();
        for (var size : sizes.reversed())
            size.stream().filter(one -> !one.isOf(best)).findFirst().ifPresent(some::add);
        return some.stream()
                .sorted((a, b) -> Double.compare(a.score(), b.score()))
                .limit(OTHERS)
                .map(one -> new Mix.Other(grams(problem, one, problem.grams()), one.difference()))
                .toList();
    }

    static Map<String, Double> grams(MixProblem problem, Found found, double whole) {
        var grams = new HashMap<String, Double>();
        for (var i = 0; i < found.tints().length; i++)
            grams.put(problem.tints().get(found.tints()[i]).id(), whole * found.shares()[i]);
        return grams;
    }
}
