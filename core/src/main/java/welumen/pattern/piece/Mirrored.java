package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * The piece for the other side of the car: mirrored about the centre line, which is the piece's y. Face and back swap, and a
 * direction along the car stays what it is, so that it is not the first piece turned round.
 */
public final class Mirrored {
    private static final Pattern SIDE = Pattern.compile("(?i)\\b(left|right)\\b");

    private Mirrored() {}

    /** @param part the one on the other side */
    public static Piece of(Piece piece, PartId part, String name) {
        var edges = new ArrayList<Edge>();
        for (var i = piece.edges().size() - 1; i >= 0; i--) {
            var run = piece.run(i).reversed();
            var edge = piece.edges().get(i).along(all(run.subList(0, run.size() - 1)));
            edges.add(edge.named(otherSide(edge.name())).another()); // those of another piece
        }
        return new Piece(
                Piece.idOf(part, name),
                part,
                name,
                piece.material(),
                piece.pairing(),
                piece.grade(),
                grain(piece.grain()),
                piece.face(),
                piece.under(),
                edges,
                inside(piece.inside()));
    }

    /** Words on one side as they are on the other: left is right, and the other way round. */
    public static String otherSide(String words) {
        return SIDE.matcher(words)
                .replaceAll(found -> found.group().equalsIgnoreCase("left")
                        ? alike(found.group(), "right")
                        : alike(found.group(), "left"));
    }

    private static String alike(String before, String after) {
        return Character.isUpperCase(before.charAt(0))
                ? Character.toUpperCase(after.charAt(0)) + after.substring(1)
                : after;
    }

    public static Outline of(Outline outline) {
        return new Outline(all(outline.corners().reversed()));
    }

    private static List<Point> all(List<Point> points) {
        return points.stream().map(Mirrored::of).toList();
    }

    public static Point of(Point point) {
        return new Point(-point.x(), point.y());
    }

    private static Inside inside(Inside inside) {
        return new Inside(
                inside.holes().stream().map(Mirrored::of).toList(),
                inside.piercings().stream().map(Mirrored::of).toList(),
                inside.keepOuts().stream()
                        .map(keepOut -> new KeepOut(keepOut.what(), of(keepOut.room())))
                        .toList(),
                surface(inside.surface()));
    }

    private static Piercing of(Piercing piercing) {
        return new Piercing(
                piercing.what(),
                piercing.kind(),
                of(piercing.at()),
                piercing.sizeMm(),
                180 - piercing.degrees(),
                piercing.made());
    }

    private static Grain grain(Grain grain) {
        return switch (grain) {
            case Grain.AnyWay any -> any;
            case Grain.StretchAlong(var degrees) -> new Grain.StretchAlong(180 - degrees);
            case Grain.NapToward(var degrees) -> new Grain.NapToward((540 - degrees) % 360);
        };
    }

    private static Surface surface(Surface surface) {
        return switch (surface) {
            case Surface.Plain plain -> plain;
            case Surface.Pleated(var wanted, var degrees, var fold) -> new Surface.Pleated(wanted, 180 - degrees, fold);
            case Surface.Perforated(var pitch, var hole, var degrees) ->
                new Surface.Perforated(pitch, hole, 180 - degrees);
            case Surface.Fluted(var wanted, var degrees, var takeUp) ->
                new Surface.Fluted(wanted, 180 - degrees, takeUp);
            case Surface.Quilted(var through, var degrees, var wide, var high, var takeUpWide, var takeUpHigh) ->
                new Surface.Quilted(of(through), 180 - degrees, wide, high, takeUpWide, takeUpHigh);
        };
    }
}
