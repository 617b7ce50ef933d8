package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;

/**
 * The fewest hides: what is left over is put among the rest, then a hide is closed and its pieces are put among those on the
 * others, or on a cheaper one that is opened for it, and what overlaps is separated. Where no hide can be saved, pieces of the
 * emptiest one go over to the others one by one, the box about what stays is made smaller bite by bite, and pieces change places
 * for nothing, so that this goes on from elsewhere.
 *
 * <p>A round is as much work for either worker, so that none waits for the other; a trial that is not done goes on in the next.
 */
final class HideSearch extends Search {
    /** Length of a round, in items moved. */
    private static final int ROUND = 250;

    private final List<HideStrategy> hands;
    private final HideTrials trials;

    HideSearch(List<Container> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        trials = new HideTrials(fields, items);
        hands = IntStream.range(0, Workers.COUNT)
                .mapToObj(worker -> new HideStrategy(trials, random(worker), worker == 0))
                .toList();
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        return hands.get(worker).work(best, ROUND, stop);
    }

    @Override
    boolean isPromising(Layout found) {
        return trials.worth(found).compareTo(trials.worth(best)) < 0;
    }

    @Override
    void learn(List<Layout> found) {
        for (var layout : found) if (isPromising(layout)) best = layout;
    }
}
