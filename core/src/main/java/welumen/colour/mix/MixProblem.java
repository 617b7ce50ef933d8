package welumen.colour.mix;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is to be mixed.
 *
 * @param most tints in it, at least one
 * @param grams in all, over 0; with a patch what must be reached at least
 * @param wanted the difference under which fewer tints are better than a nearer match, nought or more
 * @param patch what was mixed already, and how it reads
 */
public record MixProblem(
        Target target,
        Surface surface,
        List<Tint> tints,
        int most,
        double grams,
        double wanted,
        Optional<Patch> patch) {
    public static final int USUAL_MOST = 4;
    public static final double USUAL_WANTED = 1;

    /** More are not searched. */
    public static final int MOST_TINTS = 60;

    /**
     * A dried patch of what was mixed.
     *
     * @param made grams by tint, each over 0
     */
    public record Patch(Map<String, Double> made, Target read) {
        public Patch {
            made = Map.copyOf(made);
            if (made.isEmpty()) throw new IllegalArgumentException("Nothing was mixed for the patch.");
            made.forEach((tint, grams) -> {
                if (!(grams > 0)) throw new IllegalArgumentException("[%s g] of “%s” is none.".formatted(grams, tint));
            });
        }
    }

    /** @throws IllegalArgumentException naming what cannot be mixed, and why */
    public MixProblem {
        tints = List.copyOf(tints);
        if (tints.isEmpty() || tints.size() > MOST_TINTS)
            throw new IllegalArgumentException(
                    "There are %d tints; give from 1 to %d.".formatted(tints.size(), MOST_TINTS));
        var ids = new HashSet<String>();
        for (var tint : tints)
            if (!ids.add(tint.id()))
                throw new IllegalArgumentException("“%s” stands twice among the tints.".formatted(tint.id()));
        for (var tint : tints) chain(tint, tints);
        if (most < 1) throw new IllegalArgumentException("A mix of %d tints is none.".formatted(most));
        if (!(grams > 0 && wanted >= 0))
            throw new IllegalArgumentException("[%s g] within [%s] cannot be mixed.".formatted(grams, wanted));
        patch.ifPresent(made -> made.made().keySet().forEach(tint -> {
            if (!ids.contains(tint))
                throw new IllegalArgumentException("“%s” was mixed for the patch and is no tint.".formatted(tint));
        }));
    }

    /** What a tint is let down into, on and on, ends with one that is not. */
    private static void chain(Tint tint, List<Tint> tints) {
        Set<String> seen = new HashSet<>();
        var at = Optional.of(tint);
        while (at.isPresent() && at.get().letDown().isPresent()) {
            if (!seen.add(at.get().id()))
                throw new IllegalArgumentException("The let-down of “%s” comes round to itself.".formatted(tint.id()));
            var into = at.get().letDown().get().into();
            at = tints.stream().filter(one -> one.id().equals(into)).findFirst();
            if (at.isEmpty())
                throw new IllegalArgumentException(
                        "“%s” is let down into “%s”, which is no tint.".formatted(tint.id(), into));
        }
    }

    /** Their places in {@link #tints}, by their ids. */
    Map<String, Integer> places() {
        return tints.stream().collect(Collectors.toMap(Tint::id, tints::indexOf));
    }
}
