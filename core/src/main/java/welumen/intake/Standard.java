package welumen.intake;

import welumen.measure.Finish;

/** The standard to which a car is brought. Set once; every later choice is shown against it. */
public enum Standard {
    AS_IT_LEFT_THE_WORKS(
            "As it left the works", "original specification and methods by evidence", 3, 0.40, 0.25, 0.15, 0.10, 0.10),
    SHOW_CUSTOM("Show custom", "the customer's own design; finish before all", 4, 0.00, 0.50, 0.20, 0.15, 0.15),
    BETTER_THAN_NEW("Better than new", "looks original, better materials underneath", 4, 0.10, 0.35, 0.30, 0.15, 0.10),
    GOOD_DRIVER("Good driver", "clean, sound, matching; repair before replace", 2.5, 0.10, 0.25, 0.25, 0.25, 0.15),
    TIDY_AND_CHEAP("Tidy and cheap", "budget and date first; used parts welcome", 2, 0.00, 0.15, 0.15, 0.45, 0.25);

    /** How much each of five things counts in a choice; they add up to one. */
    public record Weights(double originality, double finish, double durability, double cost, double time) {}

    private final String word;
    private final String meaning;
    private final Finish finishWanted;
    private final Weights weights;

    Standard(
            String word,
            String meaning,
            double finishWanted,
            double originality,
            double finish,
            double durability,
            double cost,
            double time) {
        this.word = word;
        this.meaning = meaning;
        this.finishWanted = new Finish(finishWanted);
        this.weights = new Weights(originality, finish, durability, cost, time);
    }

    public String word() {
        return word;
    }

    public String meaning() {
        return meaning;
    }

    /** The finish that it wants of a part. */
    public Finish finishWanted() {
        return finishWanted;
    }

    public Weights weights() {
        return weights;
    }
}
