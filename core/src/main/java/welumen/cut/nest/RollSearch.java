package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.cut.Placement;
import welumen.cut.StopSignal;

/**
 * The shortest length of one roll: a little is taken out of it somewhere, what lay beyond moves up, and what then overlaps is
 * separated. One worker takes bites from the best, and has pieces change places in between; the other keeps at a length somewhat
 * farther off.
 *
 * <p>A round is as much work for either, so that none waits for the other; a trial that is not done goes on in the next.
 */
final class RollSearch extends Search {
    /** How long a round is, in items moved. */
    private static final int ROUND = 500;

    private final List<RollHand> hands;
    /** The first worker's bite as it was when the last round ended, so that the second never asks while it changes. */
    private double nearBite = RollHand.FIRST_BITE;

    RollSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        hands = IntStream.range(0, Workers.COUNT)
                .mapToObj(worker -> new RollHand(random(worker), worker > 0 && items.size() >= 4))
                .toList();
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        return best.items.isEmpty() ? Optional.empty() : hands.get(worker).work(best, nearBite, ROUND, stop);
    }

    @Override
    void learn(List<Layout> found) {
        if (!found.isEmpty()) best = found.getLast();
        nearBite = hands.getFirst().bite();
    }
}
