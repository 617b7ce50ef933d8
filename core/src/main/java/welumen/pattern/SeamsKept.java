package welumen.pattern;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.EdgeIds;
import welumen.pattern.piece.Piece;

/** What becomes of seams when pieces are drawn anew: an edge that goes on stays sewn, whatever its place in the row is now. */
public final class SeamsKept {
    private SeamsKept() {}

    /** The seams that are left once a piece is drawn otherwise. */
    static List<Seam> on(List<Seam> seams, Piece before, Piece now) {
        if (!EdgeIds.isTold(now)) return asBeforeEdgesWereTold(seams, before, now);
        var then = EdgeIds.of(before);
        var there = EdgeIds.of(now);
        return seams.stream()
                .flatMap(seam -> moved(seam, now.id(), then, there).stream())
                .toList();
    }

    /** As an earlier Welumen kept them: by place, and none where the piece has more or fewer edges. */
    private static List<Seam> asBeforeEdgesWereTold(List<Seam> seams, Piece before, Piece now) {
        if (before.edges().size() == now.edges().size()) return seams;
        return seams.stream().filter(seam -> !seam.touches(now.id())).toList();
    }

    private static Optional<Seam> moved(Seam seam, String piece, List<Integer> then, List<Integer> there) {
        if (!seam.touches(piece)) return Optional.of(seam);
        var one = moved(seam.one(), piece, then, there);
        var other = moved(seam.other(), piece, then, there);
        return one.isEmpty() || other.isEmpty() || one.equals(other)
                ? Optional.empty()
                : Optional.of(seam.between(one.get(), other.get()));
    }

    private static Optional<Side> moved(Side side, String piece, List<Integer> then, List<Integer> there) {
        if (!side.piece().equals(piece)) return Optional.of(side);
        if (side.edge() >= then.size()) return Optional.empty();
        var now = there.indexOf(then.get(side.edge()));
        return now < 0 ? Optional.empty() : Optional.of(new Side(piece, now, side.copy()));
    }

    /**
     * The seams that were there, and of which neither edge is sewn any more though one of their pieces is still there: each in
     * words, “the cushion, rear edge, to the bolster, front edge”.
     */
    public static List<String> lost(Patterns before, Patterns now) {
        return before.seams().stream()
                .filter(seam -> Stream.of(seam.one(), seam.other())
                        .anyMatch(side -> now.findOne(side.piece()).isPresent()))
                .filter(seam -> !isSewn(seam.one(), before, now) && !isSewn(seam.other(), before, now))
                .map(seam -> "%s to %s".formatted(word(seam.one(), before), word(seam.other(), before)))
                .toList();
    }

    /** Whether the edge that was meant is sewn now. */
    private static boolean isSewn(Side side, Patterns before, Patterns now) {
        var was = before.findOne(side.piece());
        var is = now.findOne(side.piece());
        if (was.isEmpty() || is.isEmpty() || side.edge() >= was.get().edges().size()) return false;
        var edge = EdgeIds.of(is.get()).indexOf(EdgeIds.of(was.get()).get(side.edge()));
        return edge >= 0 && now.seamAt(side.piece(), edge).isPresent();
    }

    private static String word(Side side, Patterns patterns) {
        return patterns.findOne(side.piece())
                .filter(piece -> side.edge() < piece.edges().size())
                .map(piece -> "the %s, %s".formatted(piece.name(), piece.edgeWord(side.edge())))
                .orElse("the " + side.piece());
    }
}
