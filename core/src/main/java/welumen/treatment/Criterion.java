package welumen.treatment;

import java.util.List;
import java.util.stream.Stream;
import welumen.intake.Standard.Weights;

/** The five things that a choice is weighed by. */
public enum Criterion {
    ORIGINALITY("stays more original"),
    FINISH("leaves the better finish"),
    DURABILITY("lasts longer"),
    COST("costs less"),
    TIME("is done sooner");

    private final String betterBecause;

    Criterion(String betterBecause) {
        this.betterBecause = betterBecause;
    }

    /** “lasts longer”: what is said of the one that is better in it. */
    public String betterBecause() {
        return betterBecause;
    }

    public double of(Weights weights) {
        return switch (this) {
            case ORIGINALITY -> weights.originality();
            case FINISH -> weights.finish();
            case DURABILITY -> weights.durability();
            case COST -> weights.cost();
            case TIME -> weights.time();
        };
    }

    /** In which of them one way is better than another, what shows most first. */
    public static List<Criterion> inWhich(Candidate one, Candidate other) {
        return Stream.of(FINISH, DURABILITY, ORIGINALITY, COST, TIME)
                .filter(criterion -> criterion.isBetter(one, other))
                .toList();
    }

    private boolean isBetter(Candidate one, Candidate other) {
        return switch (this) {
            case ORIGINALITY -> one.originality() > other.originality();
            case FINISH -> one.finish().compareTo(other.finish()) > 0;
            case DURABILITY -> one.lastsYears() > other.lastsYears();
            case COST -> one.cost() < other.cost();
            case TIME -> one.days() < other.days();
        };
    }

    /** The weights with this one at a share of 0 to 1, the others in their old proportion in what is left. */
    public Weights shifted(Weights weights, double to) {
        var here = of(weights);
        var others = here < 1 ? (1 - to) / (1 - here) : 0;
        return new Weights(
                this == ORIGINALITY ? to : weights.originality() * others,
                this == FINISH ? to : weights.finish() * others,
                this == DURABILITY ? to : weights.durability() * others,
                this == COST ? to : weights.cost() * others,
                this == TIME ? to : weights.time() * others);
    }
}
