package welumen.bench;

import java.util.ArrayList;
import welumen.cabin.PartId;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

/** A closed curve in fourteen edges, of two allowances in turn. */
final class CurvedPiece {
    private static final int EDGES = 14;

    private CurvedPiece() {}

    static Piece of(int corners) {
        var edges = new ArrayList<Edge>();
        for (var edge = 0; edge < EDGES; edge++) {
            var line = new ArrayList<Point>();
            for (var i = 0; i < corners / EDGES; i++) {
                var angle = 2 * Math.PI * (edge + (double) i * EDGES / corners) / EDGES;
                var radius = 200 + 30 * Math.cos(3 * angle);
                line.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
            }
            edges.add(new Edge("", line, EdgeFinish.SEWN, edge % 2 == 0 ? 10 : 15));
        }
        return new Piece(
                "p", new PartId("seat"), "p", "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }
}
