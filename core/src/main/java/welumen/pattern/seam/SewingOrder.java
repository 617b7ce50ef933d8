package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import welumen.pattern.Piece;
import welumen.pattern.Seam;

/**
 * In which order seams are sewn so that each is still reachable flat under the machine: small parts go into big ones, straight
 * before curved, a ring is closed last, and a row of topstitch is sewn before a seam that would trap it. Found exactly over
 * all orders, by the best way to every set of seams (Held and Karp, 1962), up to {@value #EXACT} seams of one assembly;
 * above, seam by seam.
 *
 * @param steps first to last
 * @param cost the sum of theirs
 */
public record SewingOrder(List<Step> steps, double cost) {
    /** As many seams are ordered exactly. */
    public static final int EXACT = 15;

    private static final double CLOSES_RING = 4;
    private static final double CURVED_FIRST = 0.5;
    private static final double TRAPPED = 6;
    private static final double CURVED = 0.04;

    /**
     * @param why what speaks for it here
     * @param cost of sewing it here: the m² that lie under the machine, and what it hinders
     */
    public record Step(Seam seam, String why, double cost) {}

    public SewingOrder {
        steps = List.copyOf(steps);
    }

    /** @throws IllegalArgumentException if a seam names a piece or an edge that is not among them */
    public static SewingOrder of(List<Piece> pieces, List<Seam> seams) {
        var graph = new Graph(pieces, seams);
        var steps = new ArrayList<Step>();
        for (var assembly : graph.assemblies()) steps.addAll(graph.ordered(assembly));
        return new SewingOrder(steps, steps.stream().mapToDouble(Step::cost).sum());
    }

    /** What a given order costs, by going through it; shares nothing with the search but the rules. */
    static double costOf(List<Piece> pieces, List<Seam> order) {
        var graph = new Graph(pieces, order);
        var sum = 0.0;
        var done = 0L;
        for (var i = 0; i < order.size(); i++) {
            sum += graph.cost(done, i);
            done |= 1L << i;
        }
        return sum;
    }

    private static final class Graph {
        private final List<Piece> pieces;
        private final List<Seam> seams;
        private final Map<String, Integer> number = new TreeMap<>();

        Graph(List<Piece> pieces, List<Seam> seams) {
            this.pieces = pieces;
            this.seams = seams;
            for (var i = 0; i < pieces.size(); i++) number.put(pieces.get(i).id(), i);
            for (var seam : seams)
                for (var side : List.of(seam.one(), seam.other()))
                    if (!number.containsKey(side.piece())
                            || side.edge() < 0
                            || side.edge()
                                    >= pieces.get(number.get(side.piece()))
                                            .edges()
                                            .size())
                        throw new IllegalArgumentException("A seam names edge %d of [%s], which is not there."
                                .formatted(side.edge(), side.piece()));
        }

        /** Seams that hang together by their pieces, by their places. */
        List<List<Integer>> assemblies() {
            var whole = components((1L << seams.size()) - 1);
            var of = new TreeMap<Integer, List<Integer>>();
            for (var i = 0; i < seams.size(); i++)
                of.computeIfAbsent(whole[number.get(seams.get(i).one().piece())], _ -> new ArrayList<>())
                        .add(i);
            return List.copyOf(of.values());
        }

        /** For each piece the lowest number of those that it is sewn to, once these seams are sewn. */
        private int[] components(long done) {
            var root = new int[pieces.size()];
            for (var i = 0; i < root.length; i++) root[i] = i;
            for (var changed = true; changed; ) {
                changed = false;
                for (var i = 0; i < seams.size(); i++) {
                    if ((done >> i & 1) == 0) continue;
                    var a = number.get(seams.get(i).one().piece());
                    var b = number.get(seams.get(i).other().piece());
                    var low = Math.min(root[a], root[b]);
                    changed |= root[a] != low || root[b] != low;
                    root[a] = low;
                    root[b] = low;
                }
            }
            return root;
        }

        List<Step> ordered(List<Integer> assembly) {
            var order = assembly.size() <= EXACT ? exact(assembly) : seamBySeam(assembly);
            var steps = new ArrayList<Step>();
            var done = 0L;
            for (var seam : order) {
                steps.add(new Step(seams.get(seam), why(done, seam, assembly), cost(done, seam)));
                done |= 1L << seam;
            }
            return steps;
        }

        private List<Integer> exact(List<Integer> assembly) {
            var size = 1 << assembly.size();
            var least = new double[size];
            var last = new int[size];
            Arrays.fill(least, Double.MAX_VALUE);
            least[0] = 0;
            for (var set = 0; set < size; set++)
                for (var i = 0; i < assembly.size(); i++) {
                    if ((set >> i & 1) == 1) continue;
                    var cost = least[set] + cost(mask(assembly, set), assembly.get(i));
                    if (cost < least[set | 1 << i] - 1e-12) {
                        least[set | 1 << i] = cost;
                        last[set | 1 << i] = i;
                    }
                }
            var order = new ArrayList<Integer>();
            for (var set = size - 1; set > 0; set &= ~(1 << last[set])) order.addFirst(assembly.get(last[set]));
            return order;
        }

        private static long mask(List<Integer> assembly, int set) {
            var mask = 0L;
            for (var i = 0; i < assembly.size(); i++) if ((set >> i & 1) == 1) mask |= 1L << assembly.get(i);
            return mask;
        }

        private List<Integer> seamBySeam(List<Integer> assembly) {
            var left = new ArrayList<>(assembly);
            var order = new ArrayList<Integer>();
            var done = 0L;
            while (!left.isEmpty()) {
                var best = left.getFirst();
                for (var seam : left) if (cost(done, seam) < cost(done, best) - 1e-12) best = seam;
                left.remove(best);
                order.add(best);
                done |= 1L << best;
            }
            return order;
        }

        /** What it costs to sew a seam once these are sewn. */
        double cost(long done, int seam) {
            var cost = bulk(done, seam);
            if (closesRing(done, seam)) cost += CLOSES_RING;
            for (var other = 0; other < seams.size(); other++) {
                if (other == seam || (done >> other & 1) == 1) continue;
                if (isCurved(seam) && !isCurved(other) && shareAPiece(seam, other)) cost += CURVED_FIRST;
                if (seams.get(other).isTopstitched() && traps(seam, other)) cost += TRAPPED;
            }
            return cost;
        }

        /** In m²: what lies under the machine. */
        private double bulk(long done, int seam) {
            var root = components(done);
            var a = root[number.get(seams.get(seam).one().piece())];
            var b = root[number.get(seams.get(seam).other().piece())];
            var sum = 0.0;
            for (var i = 0; i < root.length; i++)
                if (root[i] == a || root[i] == b) sum += pieces.get(i).net().area() / 1e6;
            return sum;
        }

        private boolean closesRing(long done, int seam) {
            var root = components(done);
            return root[number.get(seams.get(seam).one().piece())]
                    == root[number.get(seams.get(seam).other().piece())];
        }

        private boolean isCurved(int seam) {
            var side = seams.get(seam).one();
            var run = pieces.get(number.get(side.piece())).run(side.edge());
            var chord = run.getFirst().to(run.getLast());
            var length = 0.0;
            for (var i = 1; i < run.size(); i++) length += run.get(i - 1).to(run.get(i));
            return length > chord * (1 + CURVED);
        }

        private boolean shareAPiece(int one, int other) {
            var a = seams.get(one);
            var b = seams.get(other);
            return a.one().piece().equals(b.one().piece())
                    || a.one().piece().equals(b.other().piece())
                    || a.other().piece().equals(b.one().piece())
                    || a.other().piece().equals(b.other().piece());
        }

        /** A seam across the end of another holds it down: their edges follow each other on a piece. */
        private boolean traps(int seam, int other) {
            for (var a : List.of(seams.get(seam).one(), seams.get(seam).other()))
                for (var b : List.of(seams.get(other).one(), seams.get(other).other())) {
                    if (!a.piece().equals(b.piece())) continue;
                    var count = pieces.get(number.get(a.piece())).edges().size();
                    if (Math.floorMod(a.edge() - b.edge(), count) == 1
                            || Math.floorMod(b.edge() - a.edge(), count) == 1) return true;
                }
            return false;
        }

        private String why(long done, int seam, List<Integer> assembly) {
            if (closesRing(done, seam)) return "it closes a ring, so it comes when nothing else can be sewn flat";
            if (seams.get(seam).isTopstitched()) return "its topstitch must be sewn before a seam crosses its end";
            var straightLeft =
                    assembly.stream().anyMatch(other -> (done >> other & 1) == 0 && other != seam && isCurved(other));
            if (!isCurved(seam) && straightLeft) return "straight before curved";
            return "little lies under the machine: %.2f m²".formatted(bulk(done, seam));
        }
    }
}
