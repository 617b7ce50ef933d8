package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.stream.Stream;
import welumen.measure.Lengths;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Outline;

/**
 * What one of two handed pieces has and the other has not: a drain, a heel pad, a lever. It is right as often as not, and is to
 * be seen either way.
 *
 * @param here in words, on the first alone
 * @param there on the other alone
 */
public record OneSideOnly(List<String> here, List<String> there) {
    /** Distance in mm beyond which two are not the same. */
    private static final double SAME_MM = 15;

    public OneSideOnly {
        here = List.copyOf(here);
        there = List.copyOf(there);
    }

    /** @param mirrored the first piece, as it lies over the other */
    public static OneSideOnly of(Piece mirrored, Piece other) {
        return new OneSideOnly(alone(mirrored, other), alone(other, mirrored));
    }

    public int count() {
        return here.size() + there.size();
    }

    private static List<String> alone(Piece one, Piece other) {
        var alone = new ArrayList<String>();
        Stream.of(
                        without(
                                one.inside().piercings(),
                                other.inside().piercings(),
                                (a, b) -> a.at().to(b.at()) <= SAME_MM,
                                OneSideOnly::said),
                        without(
                                one.inside().keepOuts(),
                                other.inside().keepOuts(),
                                (a, b) -> a.what().equals(b.what()) || areNear(a.room(), b.room()),
                                OneSideOnly::said),
                        without(one.holes(), other.holes(), OneSideOnly::areNear, OneSideOnly::said))
                .forEach(alone::addAll);
        return alone;
    }

    private static <T> List<String> without(
            List<T> some, List<T> others, BiPredicate<T, T> same, Function<T, String> said) {
        return some.stream()
                .filter(one -> others.stream().noneMatch(other -> same.test(one, other)))
                .map(said)
                .toList();
    }

    private static boolean areNear(Outline one, Outline other) {
        return one.box().middle().to(other.box().middle()) <= SAME_MM;
    }

    private static String said(Piercing piercing) {
        return "%s %s%s"
                .formatted(
                        piercing.kind().word(),
                        Lengths.near(piercing.sizeMm()),
                        piercing.what().isBlank() ? "" : " for " + piercing.what());
    }

    private static String said(KeepOut keepOut) {
        return "kept free for " + keepOut.what();
    }

    private static String said(Outline hole) {
        return "an opening of %s by %s"
                .formatted(
                        Lengths.near(hole.box().width()),
                        Lengths.near(hole.box().height()));
    }
}
