package welumen.treatment;

import java.util.List;
import java.util.stream.Stream;
import welumen.intake.Standard;
import welumen.intake.Standard.Weights;
import welumen.measure.Finish;

/**
 * Weighs the ways to go with a part against each other: a weighted sum of five shares from 0 to 1, less what its risk
 * takes off. Weighted sums are the simplest additive value functions (Keeney and Raiffa, 1976, chapter 3); a way that is
 * no worse in anything is never worth less.
 *
 * @param weights how much each thing counts
 * @param wanted the finish that the standard wants; what goes beyond it counts nothing
 * @param dear a cost at which nothing is left of the share for cost
 */
public record Weighing(Weights weights, Finish wanted, double dear) {
    /** Years and days at which nothing can be better, or nothing is left. */
    private static final double LONG_YEARS = 20;

    private static final double LONG_DAYS = 40;

    /** By a job's standard, for a part of which these are the ways: the dearest is the measure of dear. */
    public static Weighing of(Standard standard, List<Candidate> ways) {
        var dearest = ways.stream().mapToDouble(Candidate::cost).max().orElse(1);
        return new Weighing(standard.weights(), standard.finishWanted(), 1.25 * dearest);
    }

    public Weighing with(Weights newWeights) {
        return new Weighing(newWeights, wanted, dear);
    }

    /** What a way is worth; mostly between 0 and 1, the more the better. */
    public double worth(Candidate way) {
        return Stream.of(Criterion.values())
                        .mapToDouble(criterion -> criterion.of(weights) * share(criterion, way))
                        .sum()
                - risk(way);
    }

    /** How good a way is in one thing, 0 to 1. */
    public double share(Criterion criterion, Candidate way) {
        return switch (criterion) {
            case ORIGINALITY -> way.originality();
            case FINISH -> finish(way.finish().level());
            case DURABILITY -> Math.min(1, way.lastsYears() / LONG_YEARS);
            case COST -> Math.max(0, 1 - way.cost() / dear);
            case TIME -> Math.max(0, 1 - way.days() / LONG_DAYS);
        };
    }

    /** A dearer way does not come first for a finish that nobody wants. */
    private double finish(double level) {
        return wanted.level() > 0 ? Math.min(1, level / wanted.level()) : 1;
    }

    /** What fails and cannot be undone on the last of its kind weighs most. */
    static double risk(Candidate way) {
        var weight = switch (way.undo()) {
            case YES -> 0.1;
            case PARTLY -> 0.2;
            case NO -> way.isLastOfItsKind() ? 0.6 : 0.3;
        };
        return way.fails() * weight;
    }

    /** Whether one is nowhere worse than another, and somewhere better. */
    static boolean dominates(Candidate one, Candidate other) {
        var worseSomewhere = !Criterion.inWhich(other, one).isEmpty() || risk(one) > risk(other);
        var betterSomewhere = !Criterion.inWhich(one, other).isEmpty() || risk(one) < risk(other);
        return betterSomewhere && !worseSomewhere;
    }
}
