package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import welumen.pattern.Seam;
import welumen.pattern.piece.Piece;

/**
 * In which order seams are sewn so that each is still reachable flat under the machine: small parts go into big ones, straight
 * before curved, a ring is closed last, a row of topstitch is sewn before a seam that would trap it, and what is sewn by hand
 * waits for the machine's work. Found exactly over
 * all orders, by the best way to every set of seams (Held and Karp, 1962), up to {@value #EXACT} seams of one assembly;
 * above, seam by seam.
 *
 * @param steps first to last
 * @param cost the sum of theirs
 */
public record SewingOrder(List<Step> steps, double cost) {
    /** Seams up to which the order is exact. */
    public static final int EXACT = 13;

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
        var graph = new SeamGraph(pieces, seams);
        var steps = new ArrayList<Step>();
        for (var assembly : graph.assemblies())
            steps.addAll(steps(graph, assembly.size() <= EXACT ? exact(graph, assembly) : seamBySeam(graph, assembly)));
        return new SewingOrder(steps, steps.stream().mapToDouble(Step::cost).sum());
    }

    /** What a given order costs, by going through it. */
    static double costOf(List<Piece> pieces, List<Seam> order) {
        var graph = new SeamGraph(pieces, order);
        var done = new BitSet();
        var sum = 0.0;
        for (var seam = 0; seam < order.size(); seam++) {
            sum += graph.cost(done, graph.sewn(done), seam);
            done.set(seam);
        }
        return sum;
    }

    private static List<Integer> exact(SeamGraph graph, List<Integer> assembly) {
        var size = 1 << assembly.size();
        var least = new double[size];
        var last = new int[size];
        Arrays.fill(least, Double.MAX_VALUE);
        least[0] = 0;
        for (var set = 0; set < size; set++) {
            var done = new BitSet();
            for (var i = 0; i < assembly.size(); i++) if ((set >> i & 1) == 1) done.set(assembly.get(i));
            var sewn = graph.sewn(done);
            for (var i = 0; i < assembly.size(); i++) {
                if ((set >> i & 1) == 1) continue;
                var cost = least[set] + graph.cost(done, sewn, assembly.get(i));
                if (cost >= least[set | 1 << i] - 1e-12) continue;
                least[set | 1 << i] = cost;
                last[set | 1 << i] = i;
            }
        }
        var order = new ArrayList<Integer>();
        for (var set = size - 1; set > 0; set &= ~(1 << last[set])) order.addFirst(assembly.get(last[set]));
        return order;
    }

    private static List<Integer> seamBySeam(SeamGraph graph, List<Integer> assembly) {
        var left = new ArrayList<>(assembly);
        var order = new ArrayList<Integer>();
        var done = new BitSet();
        while (!left.isEmpty()) {
            var sewn = graph.sewn(done);
            var best = left.getFirst();
            for (var seam : left) if (graph.cost(done, sewn, seam) < graph.cost(done, sewn, best) - 1e-12) best = seam;
            left.remove(best);
            order.add(best);
            done.set(best);
        }
        return order;
    }

    private static List<Step> steps(SeamGraph graph, List<Integer> order) {
        var steps = new ArrayList<Step>();
        var done = new BitSet();
        for (var i = 0; i < order.size(); i++) {
            var seam = order.get(i);
            var sewn = graph.sewn(done);
            steps.add(new Step(
                    graph.seam(seam),
                    why(graph, sewn, seam, order.subList(i + 1, order.size())),
                    graph.cost(done, sewn, seam)));
            done.set(seam);
        }
        return steps;
    }

    private static String why(SeamGraph graph, int[] sewn, int seam, List<Integer> later) {
        if (graph.isByHand(seam)) return "by hand, so it waits for all that must lie flat under the machine";
        if (graph.closesRing(sewn, seam)) return "it closes a ring, so it comes when nothing else can be sewn flat";
        if (graph.seam(seam).isTopstitched()) return "its topstitch must be sewn before a seam crosses its end";
        if (!graph.isCurved(seam) && later.stream().anyMatch(graph::isCurved)) return "straight before curved";
        return "little lies under the machine: %.2f m²".formatted(graph.bulk(sewn, seam));
    }
}
