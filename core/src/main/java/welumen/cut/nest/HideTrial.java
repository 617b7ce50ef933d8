package welumen.cut.nest;

import java.util.random.RandomGenerator;
import welumen.cut.PlanScore;

/** A layout with something in the way of something, what it would be worth were it apart, and how far it has come. */
final class HideTrial {
    final Layout layout;
    final Separation separation;
    final PlanScore worth;

    /** @param idle and returns as {@link Separation} has them */
    HideTrial(Layout layout, PlanScore worth, RandomGenerator random, int idle, int returns) {
        this.layout = layout;
        this.worth = worth;
        separation = new Separation(layout, random, idle, returns);
    }
}
