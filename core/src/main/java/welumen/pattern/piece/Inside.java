package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * What lies within a piece's edges.
 *
 * @param holes cut out of it, without an allowance
 * @param piercings holes and slits at one place each
 * @param keepOuts what no cover may close
 */
public record Inside(List<Outline> holes, List<Piercing> piercings, List<KeepOut> keepOuts, Surface surface) {
    public static final Inside NOTHING = holes(List.of());

    public Inside {
        holes = List.copyOf(holes);
        piercings = List.copyOf(piercings);
        keepOuts = List.copyOf(keepOuts);
    }

    /** Nothing but holes. */
    public static Inside holes(List<Outline> holes) {
        return new Inside(holes, List.of(), List.of(), new Surface.Plain());
    }

    public Inside withHoles(List<Outline> others) {
        return new Inside(others, piercings, keepOuts, surface);
    }

    public Inside withPiercings(List<Piercing> others) {
        return new Inside(holes, others, keepOuts, surface);
    }

    public Inside with(Piercing piercing) {
        var more = new ArrayList<>(piercings);
        more.add(piercing);
        return withPiercings(more);
    }

    /** With one hole or slit elsewhere, in its place in the row. */
    public Inside moved(Piercing piercing, Point to) {
        return withPiercings(piercings.stream()
                .map(one -> one.equals(piercing) ? one.movedTo(to) : one)
                .toList());
    }

    /** In place of one of the same name. */
    public Inside with(KeepOut keepOut) {
        var more = new ArrayList<>(keepOuts);
        more.removeIf(other -> other.what().equals(keepOut.what()));
        more.add(keepOut);
        return new Inside(holes, piercings, more, surface);
    }

    public Inside without(KeepOut keepOut) {
        var fewer = new ArrayList<>(keepOuts);
        fewer.remove(keepOut);
        return new Inside(holes, piercings, fewer, surface);
    }

    public Inside with(Surface other) {
        return new Inside(holes, piercings, keepOuts, other);
    }

    /** With other holes and slits in place of its own. */
    public Inside piercedBy(List<Piercing> others) {
        return new Inside(holes, others, keepOuts, surface);
    }
}
