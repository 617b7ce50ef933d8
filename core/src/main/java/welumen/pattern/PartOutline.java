package welumen.pattern;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Pose;

/**
 * The shape of a part by its own pieces, on which what is found is marked: its largest piece, where that is most of it. A
 * cover of many pieces has none, for none of them is the part.
 */
public final class PartOutline {
    /** Share of all its pieces that one must be to stand for the part. */
    private static final double MOST = 0.6;

    private PartOutline() {}

    /** With its lower left in the origin, in mm; empty where no piece stands for the part. */
    public static Optional<Outline> of(Collection<Piece> pieces) {
        var all = pieces.stream().mapToDouble(piece -> piece.net().area()).sum();
        return pieces.stream()
                .max(Comparator.comparingDouble(piece -> piece.net().area()))
                .map(Piece::net)
                .filter(largest -> largest.area() >= MOST * all)
                .map(net -> new Pose(-net.box().minX(), -net.box().minY(), 0, false).apply(net));
    }
}
