package welumen.strip.reach;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Finds the cheapest set of parts to take off so that a target comes free, where a part needs one of several others for
 * each thing that holds it: the least hyperpath of an AND/OR graph in which shared parts are paid once (Ausiello,
 * Giaccio, Italiano and Nanni, “Optimal traversal of directed hypergraphs”, 1992). That is as hard as set cover, so it
 * is a branch and bound: forced parts first, then the clause with the fewest ways; its bound adds up clauses that no
 * part can answer together. Parts that only hold each other in a ring free nothing.
 */
final class LeastRemoval {
    /**
     * @param costs what each part costs, 0 or more
     * @param clauses for each part what must be met: one part of each set, or the part is not free
     */
    record Problem(long[] costs, List<List<BitSet>> clauses, int target) {}

    /**
     * @param parts what comes off, the target with them
     * @param bound no removal costs less than this; equal to the cost where the set is proven least
     */
    record Answer(BitSet parts, long cost, long bound) {}

    private static final long NEVER = Long.MAX_VALUE / 4;

    private final Problem problem;
    private final int size;
    private final BitSet[] support;
    private final int[] order;
    private final Map<BitSet, BitSet> clauseSupport = new HashMap<>();
    private final int patience;
    private int nodes;
    private BitSet best = new BitSet();
    private long bestCost = NEVER;
    private long leftOpen = NEVER;

    private LeastRemoval(Problem problem, int patience) {
        this.problem = problem;
        this.size = problem.costs().length;
        this.patience = patience;
        this.support = supports();
        this.order = order();
    }

    /**
     * @param patience after so many branchings the best so far is given, with its bound
     * @return empty if the target can never come free
     */
    static Optional<Answer> of(Problem problem, int patience) {
        var search = new LeastRemoval(problem, patience);
        var start = new BitSet();
        start.set(problem.target());
        if (search.distances(start)[problem.target()] >= NEVER) return Optional.empty();
        search.branch(start, search.impossible());
        var bound = Math.min(search.bestCost, search.leftOpen);
        return search.bestCost >= NEVER
                ? Optional.empty()
                : Optional.of(new Answer(search.best, search.bestCost, bound));
    }

    /** The parts that can come off at all, given that nothing has; the others only hold each other. */
    static BitSet free(List<List<BitSet>> clauses) {
        var free = new BitSet();
        for (var grew = true; grew; ) {
            grew = false;
            for (var part = 0; part < clauses.size(); part++)
                if (!free.get(part) && clauses.get(part).stream().allMatch(free::intersects)) {
                    free.set(part);
                    grew = true;
                }
        }
        return free;
    }

    private BitSet impossible() {
        var never = free(problem.clauses());
        never.flip(0, size);
        return never;
    }

    /** @param chosen what must come off (modified); {@code barred} what may not (modified) */
    private void branch(BitSet chosen, BitSet barred) {
        if (!force(chosen, barred)) return;
        var far = distances(chosen);
        var open = open(chosen, barred, far);
        var bound = bound(chosen, barred, open);
        if (bound >= bestCost) return;
        if (nodes++ >= patience && bestCost < NEVER) {
            leftOpen = Math.min(leftOpen, bound);
            return;
        }
        if (open.isEmpty()) {
            var ring = ring(chosen);
            if (ring.isEmpty()) keep(chosen);
            else each(wayOut(chosen, barred, ring), chosen, barred, far);
        } else each(hardest(open).ways(), chosen, barred, far);
    }

    /** The clause with the fewest ways, and of those the dearest: there the bound rises soonest. */
    private static Owed hardest(List<Owed> open) {
        return open.stream()
                .min(Comparator.comparingInt((Owed owed) -> owed.ways().cardinality())
                        .thenComparing(owed -> -owed.far()))
                .orElseThrow();
    }

    /** One way after the other, the most hopeful first; what was tried is barred for those after it. */
    private void each(BitSet ways, BitSet chosen, BitSet barred, long[] far) {
        var tried = (BitSet) barred.clone();
        ways.stream()
                .boxed()
                .sorted(Comparator.comparingLong((Integer way) -> far[way]).thenComparing(way -> way))
                .forEach(way -> {
                    var more = (BitSet) chosen.clone();
                    more.set(way);
                    branch(more, (BitSet) tried.clone());
                    tried.set(way);
                });
    }

    /** Adds what has no alternative, as long as there is such; false if something has none left at all. */
    private boolean force(BitSet chosen, BitSet barred) {
        for (var grew = true; grew; ) {
            grew = false;
            if (chosen.intersects(barred)) return false;
            for (var part = chosen.nextSetBit(0); part >= 0; part = chosen.nextSetBit(part + 1))
                for (var clause : problem.clauses().get(part)) {
                    if (clause.intersects(chosen)) continue;
                    var ways = without(clause, barred);
                    if (ways.isEmpty()) return false;
                    if (ways.cardinality() > 1) continue;
                    chosen.or(ways);
                    grew = true;
                }
        }
        return true;
    }

    /** The clauses of the chosen that are not answered yet, without those that another's answer answers too. */
    private List<Owed> open(BitSet chosen, BitSet barred, long[] far) {
        var open = new ArrayList<Owed>();
        for (var part = chosen.nextSetBit(0); part >= 0; part = chosen.nextSetBit(part + 1))
            for (var clause : problem.clauses().get(part)) {
                if (clause.intersects(chosen)) continue;
                var ways = without(clause, barred);
                if (open.stream().anyMatch(other -> without(other.ways(), ways).isEmpty())) continue;
                open.removeIf(other -> without(ways, other.ways()).isEmpty());
                open.add(new Owed(ways, clauseSupport.computeIfAbsent(clause, this::supportOf), least(ways, far)));
            }
        return open;
    }

    /** The chosen parts that only hold each other, where they keep the target: none could be the first to come off. */
    private BitSet ring(BitSet chosen) {
        var gone = gone(chosen);
        return gone.get(problem.target()) ? new BitSet() : without(chosen, gone);
    }

    /** Those of the chosen that come off one after the other. */
    private BitSet gone(BitSet chosen) {
        var gone = new BitSet();
        for (var grew = true; grew; ) {
            grew = false;
            for (var part = chosen.nextSetBit(0); part >= 0; part = chosen.nextSetBit(part + 1))
                if (!gone.get(part) && problem.clauses().get(part).stream().allMatch(gone::intersects)) {
                    gone.set(part);
                    grew = true;
                }
        }
        return gone;
    }

    /** What from outside could loosen a ring: one of these must come off with any removal that holds the ring. */
    private BitSet wayOut(BitSet chosen, BitSet barred, BitSet ring) {
        var ways = new BitSet();
        for (var part = ring.nextSetBit(0); part >= 0; part = ring.nextSetBit(part + 1))
            for (var clause : problem.clauses().get(part)) ways.or(clause);
        ways.andNot(chosen);
        ways.andNot(barred);
        return ways;
    }

    private void keep(BitSet chosen) {
        var lean = lean(chosen);
        var cost = cost(lean);
        if (cost >= bestCost) return;
        best = lean;
        bestCost = cost;
    }

    /** Without what the target does not need. */
    private BitSet lean(BitSet chosen) {
        var lean = (BitSet) chosen.clone();
        for (var part = chosen.nextSetBit(0); part >= 0; part = chosen.nextSetBit(part + 1)) {
            lean.clear(part);
            if (!gone(lean).get(problem.target())) lean.set(part);
        }
        return lean;
    }

    private long cost(BitSet parts) {
        var sum = 0L;
        for (var part = parts.nextSetBit(0); part >= 0; part = parts.nextSetBit(part + 1)) sum += problem.costs()[part];
        return sum;
    }

    /** What the chosen cost, and the least that answers their open clauses: those are added that share no part. */
    private long bound(BitSet chosen, BitSet barred, List<Owed> open) {
        var deep = 0L;
        var sum = 0L;
        var used = new BitSet(size);
        open.sort(Comparator.comparingLong(Owed::far).reversed());
        for (var owed : open) {
            if (owed.far() >= NEVER) return NEVER;
            deep = Math.max(deep, owed.far());
            var foot = without(owed.support(), chosen);
            foot.andNot(barred);
            if (!foot.intersects(used)) {
                used.or(foot);
                sum += owed.far();
            } else if (!owed.ways().intersects(used)) {
                used.or(owed.ways());
                sum += least(owed.ways(), problem.costs());
            }
        }
        return cost(chosen) + Math.max(deep, sum);
    }

    /** An open clause: its ways that are not barred, all that they may need, and the least that it costs to answer. */
    private record Owed(BitSet ways, BitSet support, long far) {}

    private BitSet supportOf(BitSet ways) {
        var all = new BitSet(size);
        for (var way = ways.nextSetBit(0); way >= 0; way = ways.nextSetBit(way + 1)) all.or(support[way]);
        return all;
    }

    private static long least(BitSet ways, long[] costs) {
        var least = NEVER;
        for (var way = ways.nextSetBit(0); way >= 0; way = ways.nextSetBit(way + 1))
            least = Math.min(least, costs[way]);
        return least;
    }

    /**
     * For each part no more than it costs to free it when the chosen are paid: its dearest clause by the cheapest way. In
     * the order in which parts can come free one pass is enough where nothing holds itself in a ring.
     */
    private long[] distances(BitSet chosen) {
        var far = new long[size];
        Arrays.fill(far, NEVER);
        for (var grew = true; grew; ) {
            grew = false;
            for (var part : order) {
                var dearest = 0L;
                for (var clause : problem.clauses().get(part)) dearest = Math.max(dearest, least(clause, far));
                var here = Math.min(NEVER, dearest + (chosen.get(part) ? 0 : problem.costs()[part]));
                if (here >= far[part]) continue;
                far[part] = here;
                grew = true;
            }
        }
        return far;
    }

    /** The parts that the target may need, in an order in which they can come free; those that never can are left out. */
    private int[] order() {
        var free = new BitSet();
        var order = new ArrayList<Integer>();
        for (var grew = true; grew; ) {
            grew = false;
            for (var part = 0; part < size; part++)
                if (!free.get(part)
                        && support[problem.target()].get(part)
                        && problem.clauses().get(part).stream().allMatch(free::intersects)) {
                    free.set(part);
                    order.add(part);
                    grew = true;
                }
        }
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    /** For each part itself and everything that could ever be needed to free it. */
    private BitSet[] supports() {
        var all = new BitSet[size];
        for (var part = 0; part < size; part++) {
            all[part] = new BitSet();
            all[part].set(part);
        }
        for (var grew = true; grew; ) {
            grew = false;
            for (var part = 0; part < size; part++) {
                var before = (BitSet) all[part].clone();
                for (var clause : problem.clauses().get(part))
                    for (var way = clause.nextSetBit(0); way >= 0; way = clause.nextSetBit(way + 1))
                        all[part].or(all[way]);
                grew |= !all[part].equals(before);
            }
        }
        return all;
    }

    private static BitSet without(BitSet all, BitSet some) {
        var rest = (BitSet) all.clone();
        rest.andNot(some);
        return rest;
    }
}
