package welumen.finish.load;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Puts pieces in loads so that the last is ready as soon as can be, and among such ways what is waited for goes early. A load has one
 * colour and takes what is here; of one colour those that most waits for go first, as many as it holds, which no other way
 * betters (an exchange of two pieces shows it). Which colour takes a slot is looked through in full, remembered by what is left;
 * where that is too much, the colour with most to spray goes first, and it is not called proven.
 */
public final class LoadPlanner {
    /** Of states that are looked at. */
    private static final int MOST = 100_000;

    private final LoadProblem problem;
    private final List<HardPiece> pieces;
    private final List<Slot> slots;
    private final List<String> colours;
    private final Map<State, Best> known = new HashMap<>();

    /** What is left to spray from a slot on. */
    private record State(int slot, BitSet left) {}

    /**
     * What comes of it.
     *
     * @param unplaced pieces without a slot
     * @param last number of the last slot that is used; below nought where none is
     * @param waited hours by how much waits
     * @param colour that takes the state’s slot; null where none does
     */
    private record Best(
            int unplaced, int last, double waited, @Nullable String colour) {
        boolean isBetter(Best other) {
            if (unplaced != other.unplaced) return unplaced < other.unplaced;
            return last != other.last ? last < other.last : waited < other.waited - 1e-9;
        }
    }

    private LoadPlanner(LoadProblem problem) {
        this.problem = problem;
        pieces = problem.pieces().stream()
                .filter(piece -> !piece.isHeld())
                .sorted(HardPiece.FIRST)
                .toList();
        slots = problem.slots().stream()
                .filter(slot -> slot.length().compareTo(problem.needs()) >= 0)
                .toList();
        colours =
                List.copyOf(new TreeSet<>(pieces.stream().map(HardPiece::colour).toList()));
    }

    /** @throws IllegalStateException if its own check finds the plan wrong */
    public static LoadPlan of(LoadProblem problem) {
        var plan = new LoadPlanner(problem).plan();
        var faults = LoadCheck.faults(problem, plan);
        if (!faults.isEmpty()) throw new IllegalStateException("the loads are not valid: " + faults.getFirst());
        return plan;
    }

    private LoadPlan plan() {
        var left = new BitSet();
        left.set(0, pieces.size());
        var isProven = true;
        try {
            best(0, left);
        } catch (TooMuch tooMuch) {
            isProven = false;
        }
        var loads = new ArrayList<LoadPlan.Load>();
        for (var s = 0; s < slots.size() && !left.isEmpty(); s++) {
            var at = isProven ? known.get(new State(s, left)) : null;
            var colour = isProven ? (at == null ? null : at.colour()) : most(s, left);
            if (colour == null) continue;
            var taken = taken(s, left, colour);
            loads.add(new LoadPlan.Load(
                    slots.get(s),
                    colour,
                    taken.stream().mapToObj(pieces::get).toList(),
                    slots.get(s).ends().plus(problem.handled())));
            left = without(left, taken);
        }
        var out = new ArrayList<>(
                problem.pieces().stream().filter(HardPiece::isHeld).toList());
        left.stream().mapToObj(pieces::get).forEach(out::add);
        return new LoadPlan(loads, out, isProven);
    }

    private Best best(int slot, BitSet left) {
        if (left.isEmpty()) return new Best(0, -1, 0, null);
        if (slot >= slots.size()) return new Best(left.cardinality(), -1, 0, null);
        var state = new State(slot, left);
        var before = known.get(state);
        if (before != null) return before;
        if (known.size() > MOST) throw new TooMuch();
        var best = (Best) null;
        for (var colour : colours) {
            var taken = taken(slot, left, colour);
            if (taken.isEmpty()) continue;
            var then = best(slot + 1, without(left, taken));
            var here =
                    new Best(then.unplaced(), Math.max(slot, then.last()), then.waited() + waited(slot, taken), colour);
            if (best == null || here.isBetter(best)) best = here;
        }
        if (best == null) { // nothing is here yet
            var then = best(slot + 1, left);
            best = new Best(then.unplaced(), then.last(), then.waited(), null);
        }
        known.put(state, best);
        return best;
    }

    private double waited(int slot, BitSet taken) {
        var hours = Duration.between(slots.getFirst().begins(), slots.get(slot).ends())
                        .toMinutes()
                / 60.0;
        return hours * taken.stream().map(i -> pieces.get(i).waitedFor()).sum();
    }

    /** The first of a colour that are here, as many as a load holds. */
    private BitSet taken(int slot, BitSet left, String colour) {
        var taken = new BitSet();
        for (var i = left.nextSetBit(0); i >= 0 && taken.cardinality() < problem.holds(); i = left.nextSetBit(i + 1)) {
            var piece = pieces.get(i);
            if (piece.colour().equals(colour)
                    && !piece.here().isAfter(slots.get(slot).begins())) taken.set(i);
        }
        return taken;
    }

    private @Nullable String most(int slot, BitSet left) {
        return colours.stream()
                .filter(colour -> !taken(slot, left, colour).isEmpty())
                .max(Comparator.comparing(
                        (String colour) -> taken(slot, left, colour).cardinality()))
                .orElse(null);
    }

    private static BitSet without(BitSet left, BitSet taken) {
        var fewer = (BitSet) left.clone();
        fewer.andNot(taken);
        return fewer;
    }

    /** Ends a search that goes on for too long. */
    private static final class TooMuch extends RuntimeException {
        private static final long serialVersionUID = 1;

        TooMuch() {
            super(null, null, false, false);
        }
    }
}
