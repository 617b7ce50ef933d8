package welumen.pattern.piece;

import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Planar;

/** A piece that follows from another: cut on its own outline without an allowance, and one edge all round. */
public final class Follower {
    private Follower() {}

    /**
     * @param word what it is to the other: {@code underlay}, {@code back}
     * @param holes those that lie wholly within the outline are kept
     */
    public static Piece of(Piece piece, String word, String material, Outline outline, List<Outline> holes) {
        var room = Planar.polygon(outline);
        return new Piece(
                piece.id() + "-" + word,
                piece.part(),
                piece.name() + ", " + word,
                material,
                piece.pairing(),
                4,
                new Grain.AnyWay(),
                piece.face(),
                Under.NOTHING,
                List.of(new Edge("all round", outline.corners(), EdgeFinish.RAW, 0)),
                Inside.holes(holes.stream()
                        .filter(hole -> room.contains(Planar.polygon(hole)))
                        .toList()));
    }
}
