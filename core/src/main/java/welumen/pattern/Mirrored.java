package welumen.pattern;

import java.util.ArrayList;
import welumen.cabin.PartId;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * The piece for the other side of the car: mirrored about the centre line, which is the piece's y. Face and back swap, and a
 * direction along the car stays what it is, so that it is not the first piece turned round.
 */
public final class Mirrored {
    private Mirrored() {}

    /** @param part the one on the other side */
    public static Piece of(Piece piece, PartId part, String name) {
        var edges = new ArrayList<Edge>();
        for (var i = piece.edges().size() - 1; i >= 0; i--) {
            var edge = piece.edges().get(i);
            var run = piece.run(i).reversed();
            edges.add(new Edge(
                    edge.name(),
                    run.subList(0, run.size() - 1).stream().map(Mirrored::of).toList(),
                    edge.finish(),
                    edge.allowanceMm()));
        }
        return new Piece(
                PieceText.id(part, name),
                part,
                name,
                piece.material(),
                piece.pairing(),
                piece.grade(),
                grain(piece.grain()),
                piece.under(),
                edges,
                piece.holes().stream().map(Mirrored::of).toList());
    }

    public static Outline of(Outline outline) {
        return new Outline(
                outline.corners().reversed().stream().map(Mirrored::of).toList());
    }

    private static Point of(Point point) {
        return new Point(-point.x(), point.y());
    }

    private static Grain grain(Grain grain) {
        return switch (grain) {
            case Grain.AnyWay any -> any;
            case Grain.StretchAlong(var degrees) -> new Grain.StretchAlong(180 - degrees);
        };
    }
}
