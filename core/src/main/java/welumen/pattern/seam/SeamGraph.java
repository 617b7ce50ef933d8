package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Piece;

/**
 * Pieces joined by seams, each as often as it is cut: what lies under the machine, and what hinders what, whatever the order.
 */
final class SeamGraph {
    private static final double CLOSES_RING = 4;
    private static final double CURVED_FIRST = 0.5;
    private static final double TRAPPED = 6;
    /** Share by which a curved edge is longer than its chord. */
    private static final double CURVED = 0.04;

    private final List<Node> nodes;
    private final List<Seam> seams;
    /** In m². */
    private final double[] areas;

    private final int[][] ends;
    private final boolean[] isCurved;
    /** What it costs to sew the first while the second is still to be sewn. */
    private final double[][] hinders;

    /** One of those that are cut of a piece. */
    private record Node(Piece piece, int copy) {
        record Name(String piece, int copy) {
            static Name of(Side side) {
                return new Name(side.piece(), side.copy());
            }
        }

        Name name() {
            return new Name(piece.id(), copy);
        }
    }

    /** @throws IllegalArgumentException if a seam names a piece or an edge that is not there */
    SeamGraph(List<Piece> pieces, List<Seam> seams) {
        this.nodes = pieces.stream()
                .flatMap(piece -> IntStream.range(0, piece.pairing().count()).mapToObj(copy -> new Node(piece, copy)))
                .toList();
        this.seams = seams;
        this.areas = nodes.stream()
                .mapToDouble(node -> node.piece().net().area() / 1e6)
                .toArray();
        var number = new HashMap<Node.Name, Integer>();
        for (var i = 0; i < nodes.size(); i++) number.put(nodes.get(i).name(), i);
        this.ends = new int[seams.size()][];
        this.isCurved = new boolean[seams.size()];
        for (var i = 0; i < seams.size(); i++) {
            ends[i] =
                    new int[] {end(seams.get(i).one(), number), end(seams.get(i).other(), number)};
            isCurved[i] = isCurved(seams.get(i).one(), number);
        }
        this.hinders = new double[seams.size()][seams.size()];
        for (var i = 0; i < seams.size(); i++)
            for (var k = 0; k < seams.size(); k++) if (i != k) hinders[i][k] = hinders(i, k);
    }

    private int end(Side side, Map<Node.Name, Integer> number) {
        var node = number.get(Node.Name.of(side));
        if (node == null
                || side.edge() < 0
                || side.edge() >= nodes.get(node).piece().edges().size())
            throw new IllegalArgumentException(
                    "A seam names edge %d of [%s], which is not there.".formatted(side.edge(), side.piece()));
        return node;
    }

    private boolean isCurved(Side side, Map<Node.Name, Integer> number) {
        var piece = nodes.get(end(side, number)).piece();
        var run = piece.run(side.edge());
        return piece.lengthMm(side.edge()) > run.getFirst().to(run.getLast()) * (1 + CURVED);
    }

    private double hinders(int seam, int later) {
        if (isByHand(later)) return 0; // a needle in the hand gets in where no machine does
        var cost = 0.0;

        if (isCurved[seam] && !isByHand(seam) && !isCurved[later] && shareAPiece(seam, later)) cost += CURVED_FIRST;
        if (seams.get(later).isTopstitched() && traps(seams.get(seam), seams.get(later))) cost += TRAPPED;
        return cost;
    }

    private boolean shareAPiece(int one, int other) {
        for (var a : ends[one]) for (var b : ends[other]) if (a == b) return true;
        return false;
    }

    /** A seam across the end of another holds it down: their edges follow each other on a piece. */
    private boolean traps(Seam seam, Seam other) {
        for (var a : List.of(seam.one(), seam.other()))
            for (var b : List.of(other.one(), other.other())) {
                if (!Node.Name.of(a).equals(Node.Name.of(b))) continue;
                var count = nodes.stream()
                        .filter(node -> node.name().equals(Node.Name.of(a)))
                        .findFirst()
                        .orElseThrow()
                        .piece()
                        .edges()
                        .size();
                var apart = Math.floorMod(a.edge() - b.edge(), count);
                if (apart == 1 || apart == count - 1) return true;
            }
        return false;
    }

    Seam seam(int number) {
        return seams.get(number);
    }

    /** Seams that hang together by their pieces, by their numbers. */
    List<List<Integer>> assemblies() {
        var all = new BitSet();
        all.set(0, seams.size());
        var whole = sewn(all);
        var of = new TreeMap<Integer, List<Integer>>();
        for (var i = 0; i < seams.size(); i++)
            of.computeIfAbsent(whole[ends[i][0]], _ -> new ArrayList<>()).add(i);
        return List.copyOf(of.values());
    }

    /** For each piece the lowest number of those that it is sewn to, once these seams are sewn. */
    int[] sewn(BitSet done) {
        var root = new int[nodes.size()];
        for (var i = 0; i < root.length; i++) root[i] = i;
        for (var changed = true; changed; ) {
            changed = false;
            for (var i = done.nextSetBit(0); i >= 0; i = done.nextSetBit(i + 1)) {
                var low = Math.min(root[ends[i][0]], root[ends[i][1]]);
                changed |= root[ends[i][0]] != low || root[ends[i][1]] != low;
                root[ends[i][0]] = low;
                root[ends[i][1]] = low;
            }
        }
        return root;
    }

    /** What it costs to sew a seam once others are sewn: the m² under the machine, if it is sewn there, and what it hinders. */
    double cost(BitSet done, int[] sewn, int seam) {
        var cost = isByHand(seam) ? 0 : bulk(sewn, seam) + (closesRing(sewn, seam) ? CLOSES_RING : 0);

        for (var later = 0; later < hinders.length; later++) if (!done.get(later)) cost += hinders[seam][later];
        return cost;
    }

    /** In m². */
    double bulk(int[] sewn, int seam) {
        var sum = 0.0;
        for (var i = 0; i < sewn.length; i++)
            if (sewn[i] == sewn[ends[seam][0]] || sewn[i] == sewn[ends[seam][1]]) sum += areas[i];
        return sum;
    }

    boolean closesRing(int[] sewn, int seam) {
        return sewn[ends[seam][0]] == sewn[ends[seam][1]];
    }

    boolean isByHand(int seam) {
        return seams.get(seam).stitching().isByHand();
    }

    boolean isCurved(int seam) {
        return isCurved[seam];
    }
}
