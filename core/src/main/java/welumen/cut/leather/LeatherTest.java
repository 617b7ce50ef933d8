package welumen.cut.leather;

import welumen.measure.Lengths;

/**
 * A strip from the edge of a hide with two marks along the backbone and two across, worked as the job's pieces will be, and
 * measured again once it has rested and does not change any more.
 *
 * @param lot the dye lot; empty where nobody has said
 * @param markedMm between two marks before
 * @param alongMm between the same marks along the backbone, afterwards
 * @param acrossMm between those across
 * @param restHours how long it rested
 * @param tools what tools and heat leave on it
 * @param finished what its colour is once it is dry and finished
 */
public record LeatherTest(
        String material,
        String lot,
        Working working,
        double markedMm,
        double alongMm,
        double acrossMm,
        double restHours,
        Shade tools,
        Shade finished) {
    /** Share by which leather may shrink or stretch; beyond it somebody has misread a rule. */
    public static final double MOST = 0.25;

    private static final double SHORTEST_MM = 50;
    private static final double MOST_HOURS = 240;

    /** @throws IllegalArgumentException if a length cannot be, and says which */
    public LeatherTest {
        if (!(markedMm >= SHORTEST_MM))
            throw new IllegalArgumentException("Marks %s apart are too near to measure by: take %s or more."
                    .formatted(Lengths.near(markedMm), Lengths.near(SHORTEST_MM)));
        for (var after : new double[] {alongMm, acrossMm})
            if (!(Math.abs(after / markedMm - 1) <= MOST))
                throw new IllegalArgumentException("From %s to %s is more than leather does: measure again."
                        .formatted(Lengths.near(markedMm), Lengths.said(after)));
        if (!(restHours > 0 && restHours <= MOST_HOURS))
            throw new IllegalArgumentException("A rest is over 0 and up to %.0f hours long.".formatted(MOST_HOURS));
    }

    /** By what share it shrinks along the backbone; below nought where it stretches. */
    public double shrinksAlong() {
        return 1 - alongMm / markedMm;
    }

    /** The same across the backbone, which is the way that leather stretches most. */
    public double shrinksAcross() {
        return 1 - acrossMm / markedMm;
    }

    /** Whether another was made of the same, which it takes the place of. */
    boolean isOfTheSame(LeatherTest other) {
        return material.equals(other.material) && lot.equals(other.lot) && working == other.working;
    }
}
