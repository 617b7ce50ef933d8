package welumen.pattern.piece;

import java.util.List;
import welumen.shape.Point;
import welumen.shape.Pose;

/** A piece turned and shifted, with all that is in it; never turned over. */
public final class Moved {
    private Moved() {}

    /** @throws IllegalArgumentException if the pose turns it over, which {@link Mirrored} does */
    public static Piece by(Piece piece, Pose pose) {
        if (pose.flipped()) throw new IllegalArgumentException("A piece is not turned over by moving it.");
        var edges = piece.edges().stream()
                .map(edge -> edge.along(all(edge.line(), pose)))
                .toList();
        return new Piece(
                piece.id(),
                piece.part(),
                piece.name(),
                piece.material(),
                piece.pairing(),
                piece.grade(),
                piece.grain().turned(pose.turnDegrees()),
                piece.face(),
                piece.under(),
                edges,
                inside(piece.inside(), pose));
    }

    private static List<Point> all(List<Point> points, Pose pose) {
        return points.stream().map(pose::apply).toList();
    }

    private static Inside inside(Inside inside, Pose pose) {
        return new Inside(
                inside.holes().stream().map(pose::apply).toList(),
                inside.piercings().stream()
                        .map(piercing -> new Piercing(
                                piercing.what(),
                                piercing.kind(),
                                pose.apply(piercing.at()),
                                piercing.sizeMm(),
                                pose.applyToDirection(piercing.degrees()),
                                piercing.made()))
                        .toList(),
                inside.keepOuts().stream()
                        .map(keepOut -> new KeepOut(keepOut.what(), pose.apply(keepOut.room())))
                        .toList(),
                surface(inside.surface(), pose));
    }

    private static Surface surface(Surface surface, Pose pose) {
        return switch (surface) {
            case Surface.Plain plain -> plain;
            case Surface.Pleated(var wanted, var degrees, var fold) ->
                new Surface.Pleated(wanted, pose.applyToDirection(degrees), fold);
            case Surface.Perforated(var pitch, var hole, var degrees) ->
                new Surface.Perforated(pitch, hole, pose.applyToDirection(degrees));
            case Surface.Fluted(var wanted, var degrees, var takeUp) ->
                new Surface.Fluted(wanted, pose.applyToDirection(degrees), takeUp);
            case Surface.Quilted(var through, var degrees, var wide, var high, var takeUpWide, var takeUpHigh) ->
                new Surface.Quilted(
                        pose.apply(through), pose.applyToDirection(degrees), wide, high, takeUpWide, takeUpHigh);
        };
    }
}
