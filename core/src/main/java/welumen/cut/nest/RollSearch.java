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
 * First all pieces on one roll, then its shortest length. What is left over is put among the rest by one worker, while the other
 * makes room for it. For the length a little is taken out of the roll somewhere, what lay beyond moves up, and what then overlaps is
 * separated. One worker takes bites from the best, and has pieces change places in between; the other keeps at a length somewhat
 * farther off.
 *
 * <p>A round is as much work for either, so that none waits for the other; a trial that is not done goes on in the next.
 */
final class RollSearch extends Search {
    /** Length of a round, in items moved. */
    private static final int ROUND = 500;

    /** Share of its moves that the first worker gives to what finds no place. */
    private static final int SELDOM = 5;

    private final List<StripShrinking> hands;
    private final RollInsertion insertion;
    private int attempts;
    /** The first worker's bite as it was when the last round ended, so that the second never asks while it changes. */
    private double nearBite = StripShrinking.FIRST_BITE;

    RollSearch(List<Container> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        best.isOpen[0] = true; // also where nothing lies on it yet, and what was left over is tried there
        hands = IntStream.range(0, Workers.COUNT)
                .mapToObj(worker -> new StripShrinking(random(worker), worker > 0))
                .toList();
        insertion = new RollInsertion(items, random(0));
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        if (worker == 0) {
            var leftOver = insertion.leftOver(best);
            if (!leftOver.isEmpty() && (!insertion.isHopeless(leftOver) || attempts++ % SELDOM == 0))
                return insertion.work(best, leftOver, ROUND, stop);
        }
        return best.items.isEmpty() ? Optional.empty() : hands.get(worker).work(best, nearBite, ROUND, stop);
    }

    @Override
    void learn(List<Layout> found) {
        if (!found.isEmpty()) best = found.getLast();
        nearBite = hands.getFirst().bite();
    }
}
