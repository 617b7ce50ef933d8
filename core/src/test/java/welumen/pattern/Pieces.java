package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

/** Pieces to try things on. */
public final class Pieces {
    public static final PartId SEAT = new PartId("seat");

    private Pieces() {}

    /** Sewn all round, an edge from corner to corner. */
    public static Piece of(String name, Point... corners) {
        var edges = new ArrayList<Edge>();
        for (var corner : corners) edges.add(new Edge("e" + edges.size(), List.of(corner), EdgeFinish.SEWN, 10));
        return new Piece(
                Piece.idOf(SEAT, name), SEAT, name, "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    public static Piece rectangle(String name, double wide, double high) {
        return of(name, new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high));
    }

    public static Piece with(Piece piece, Pairing pairing) {
        return piece.with(pairing);
    }

    /** With one edge finished so. */
    public static Piece finished(Piece piece, int edge, EdgeFinish finish) {
        return piece.withEdge(edge, finish, finish.allowanceMm());
    }
}
