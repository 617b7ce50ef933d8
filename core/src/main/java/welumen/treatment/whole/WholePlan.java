package welumen.treatment.whole;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.treatment.Candidate;
import welumen.treatment.Criterion;

/**
 * One treatment for each part.
 *
 * @param cost in units of the job's currency
 * @param hours of work
 * @param worth the sum of what each is worth, by its importance
 * @param broken the rules that it does not keep; empty where all are kept
 * @param isProvenBest whether no other set keeps as much and is worth more
 */
public record WholePlan(
        List<Chosen> chosen, double cost, double hours, double worth, List<Broken> broken, boolean isProvenBest) {
    /** @param alone what would be best for the part if nothing else were asked */
    public record Chosen(PartId part, Candidate candidate, double worth, Candidate alone) {
        /** Whether something else than the part itself decided. */
        public boolean isGivenUp() {
            return !candidate.equals(alone);
        }
    }

    public WholePlan {
        chosen = List.copyOf(chosen);
        broken = List.copyOf(broken);
    }

    public Optional<Chosen> of(PartId part) {
        return chosen.stream().filter(one -> one.part().equals(part)).findFirst();
    }

    /** How many parts are as the standard wants them, and do not stand out among those that they are seen with. */
    public int asWanted() {
        var not = new HashSet<PartId>();
        for (var one : broken)
            switch (one) {
                case Broken.BelowStandard(var part, var finish) -> not.add(part);
                case Broken.StandsOut(var part, var group, var by) -> not.add(part);
                case Broken.OverBudget _, Broken.TooMuchWork _, Broken.TooLate _, Broken.PatinaSplit _ -> {}
            }
        return chosen.size() - not.size();
    }

    /** Whether it leaves more parts as wanted, or as many and is worth more. */
    public boolean isBetterThan(WholePlan other) {
        return asWanted() != other.asWanted() ? asWanted() > other.asWanted() : worth > other.worth() + 1e-9;
    }

    /**
     * A part that goes another way than in another plan.
     *
     * @param better in what the new way is better, what shows most first; never empty unless nothing but risk differs
     */
    public record Change(PartId part, Candidate now, Candidate before, List<Criterion> better) {
        public Change {
            better = List.copyOf(better);
        }
    }

    /** What changes from another plan to this one, and what each change is good for. */
    public List<Change> changesFrom(WholePlan other) {
        return otherThan(other).stream()
                .flatMap(one -> other.of(one.part()).stream()
                        .map(was -> new Change(
                                one.part(),
                                one.candidate(),
                                was.candidate(),
                                Criterion.inWhich(one.candidate(), was.candidate()))))
                .toList();
    }

    /** Those for which this plan goes another way than another plan does. */
    public List<Chosen> otherThan(WholePlan other) {
        return chosen.stream()
                .filter(one -> other.of(one.part())
                        .filter(was ->
                                was.candidate().steps().equals(one.candidate().steps()))
                        .isEmpty())
                .toList();
    }
}
