package welumen.treatment;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The ways to go with a part in their order, those folded away that another beats in everything, why the first is first,
 * and what would put the second there.
 *
 * @param ways those worth a look, the best first
 * @param folded those that one of them beats in everything
 * @param why in what the first is better than the second, what counts most first; empty with fewer than two
 * @param turns what would turn the two over, the smallest change first; may be empty
 */
public record Advice(List<Way> ways, List<Way> folded, List<Criterion> why, List<SwitchingPoint> turns) {
    /** One way and what it is worth for this job. */
    public record Way(Candidate candidate, double worth) {}

    public Advice {
        ways = List.copyOf(ways);
        folded = List.copyOf(folded);
        why = List.copyOf(why);
        turns = List.copyOf(turns);
    }

    public static Advice of(List<Candidate> candidates, Weighing weighing) {
        var ranked = candidates.stream()
                .map(candidate -> new Way(candidate, weighing.worth(candidate)))
                .sorted(Comparator.comparingDouble((Way way) -> -way.worth())
                        .thenComparing(way -> way.candidate().cost()))
                .toList();
        var ways = ranked.stream()
                .filter(way -> candidates.stream().noneMatch(other -> Weighing.dominates(other, way.candidate())))
                .toList();
        var folded = ranked.stream().filter(way -> !ways.contains(way)).toList();
        if (ways.size() < 2) return new Advice(ways, folded, List.of(), List.of());
        var first = ways.get(0).candidate();
        var second = ways.get(1).candidate();
        return new Advice(
                ways, folded, why(weighing, first, second), new Sensitivity(weighing, first, second).points());
    }

    public Optional<Way> best() {
        return ways.stream().findFirst();
    }

    private static List<Criterion> why(Weighing weighing, Candidate first, Candidate second) {
        return Stream.of(Criterion.values())
                .filter(criterion -> gain(weighing, criterion, first, second) > 1e-9)
                .sorted(Comparator.comparingDouble(criterion -> -gain(weighing, criterion, first, second)))
                .toList();
    }

    private static double gain(Weighing weighing, Criterion criterion, Candidate first, Candidate second) {
        return criterion.of(weighing.weights())
                * (weighing.share(criterion, first) - weighing.share(criterion, second));
    }

    /** The ways for which no other costs less and leaves as good a finish: the efficient edge, the cheapest first. */
    public static List<Candidate> efficientEdge(List<Candidate> candidates) {
        return candidates.stream()
                .filter(one -> candidates.stream()
                        .noneMatch(other -> other.cost() <= one.cost()
                                && other.finish().compareTo(one.finish()) >= 0
                                && (other.cost() < one.cost() || other.finish().compareTo(one.finish()) > 0)))
                .sorted(Comparator.comparingDouble(Candidate::cost))
                .toList();
    }
}
