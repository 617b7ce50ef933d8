package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import welumen.shape.Point;

/**
 * Which edge of a piece is which of the same piece as it was drawn before, so that what is sewn to an edge stays sewn to it. An
 * edge keeps its number while it is bent, moved, named or finished otherwise. A piece that is drawn wholly anew is compared: an
 * edge on the same line is the same edge, and so is one of the same name, where there is one of that name; else one at the same place
 * in as many edges that is not called otherwise.
 */
public final class EdgeIds {
    private EdgeIds() {}

    /** The numbers of a piece's edges; of one that was drawn before edges had any, as they follow each other from 1. */
    public static List<Integer> of(Piece piece) {
        var told = isTold(piece);
        return IntStream.range(0, piece.edges().size())
                .mapToObj(i -> told ? piece.edges().get(i).id() : i + 1)
                .toList();
    }

    /** Whether its edges were told apart when it was drawn. */
    public static boolean isTold(Piece piece) {
        return piece.edges().stream().anyMatch(Edge::isTold);
    }

    /** A piece that is drawn for the first time. */
    public static Piece told(Piece first) {
        return new Telling(first, List.of(), List.of()).told();
    }

    /** A piece that is drawn in place of one. */
    public static Piece told(Piece drawn, Piece before) {
        return new Telling(drawn, before.edges(), of(before)).told();
    }

    private static final class Telling {
        private final Piece drawn;
        private final List<Edge> before;
        private final List<Integer> numbers;
        private final List<Edge> edges;
        private final Set<Integer> taken = new HashSet<>();

        Telling(Piece drawn, List<Edge> before, List<Integer> numbers) {
            this.drawn = drawn;
            this.before = before;
            this.numbers = numbers;
            this.edges = new ArrayList<>();
            for (var edge : drawn.edges()) edges.add(edge.isTold() && taken.add(edge.id()) ? edge : edge.another());
        }

        public Piece told() {
            if (taken.isEmpty()) {
                goOn((now, then) -> run(edges, now).equals(run(before, then)));
                goOn((now, then) -> !edges.get(now).name().isEmpty()
                        && edges.get(now).name().equals(before.get(then).name()));
                if (before.size() == edges.size())
                    for (var i = 0; i < edges.size(); i++)
                        if (edges.get(i).name().equals(before.get(i).name())) tell(i, numbers.get(i));
            }
            var next = IntStream.concat(
                            numbers.stream().mapToInt(Integer::intValue),
                            taken.stream().mapToInt(Integer::intValue))
                    .max()
                    .orElse(0);
            for (var i = 0; i < edges.size(); i++) if (!edges.get(i).isTold()) tell(i, ++next);
            return drawn.withEdges(edges);
        }

        /** With the corner at which it ends: a straight edge that is parted begins where it began. */
        private static List<Point> run(List<Edge> edges, int edge) {
            var run = new ArrayList<>(edges.get(edge).line());
            run.add(edges.get((edge + 1) % edges.size()).line().getFirst());
            return run;
        }

        /** Those that are alike and have no double, on either side: by their places now and then. */
        private void goOn(BiPredicate<Integer, Integer> alike) {
            for (var i = 0; i < edges.size(); i++) {
                var now = i;
                var then = IntStream.range(0, before.size())
                        .filter(j -> alike.test(now, j))
                        .toArray();
                if (then.length == 1
                        && IntStream.range(0, edges.size())
                                        .filter(other -> alike.test(other, then[0]))
                                        .count()
                                == 1) tell(now, numbers.get(then[0]));
            }
        }

        private void tell(int edge, int number) {
            if (!edges.get(edge).isTold() && taken.add(number))
                edges.set(edge, edges.get(edge).told(number));
        }
    }
}
