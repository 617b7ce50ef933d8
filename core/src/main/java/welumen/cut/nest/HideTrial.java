package welumen.cut.nest;

import java.util.random.RandomGenerator;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Separation;

/**
 * A layout with something in the way of something, and how far it has come.
 *
 * @param worth what it would be worth were nothing in the way any more
 * @param prepared how many items were moved before it was chosen
 */
public record HideTrial(Layout layout, HideObjective worth, Separation separation, long prepared) {
    /** One that is just begun. @param idle and returns as {@link Separation} has them */
    static HideTrial of(Layout layout, HideObjective worth, RandomGenerator random, int idle, int returns) {
        return new HideTrial(layout, worth, new Separation(layout, random, idle, returns), 0);
    }

    HideTrial after(long moves) {
        return new HideTrial(layout, worth, separation, moves);
    }
}
