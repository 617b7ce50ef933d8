package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.measure.Lengths;
import welumen.pattern.Trial.Of;

/** Whether a piece can be cut from dear stock yet, and an edge that was left long be cut as it will stay. */
public final class ReadyToCut {
    /** Carpet, underlay and hide creep for so long once they are laid in. */
    public static final double SETTLES_HOURS = 12;

    private ReadyToCut() {}

    /** Why it is not cut yet; empty where it can be. */
    public static List<String> reasons(Patterns patterns, Piece piece) {
        var reasons = new ArrayList<String>();
        var awaited = patterns.known().awaited().get(piece.id());
        if (awaited != null) reasons.add("it waits for %s".formatted(awaited));
        var trials = patterns.known().trialsOf(piece.id());
        if (!trials.isEmpty() && !trials.getLast().isAccepted())
            reasons.add("its %s trial %d was not accepted: change it and try again"
                    .formatted(trials.getLast().of().word(), trials.getLast().number()));
        if (!trials.isEmpty() && trials.getLast().isAccepted()) {
            var otherwise = trials.getLast().drawnOtherwiseMm(piece.net());
            if (otherwise > 0)
                reasons.add("it was drawn up to %s otherwise since version %d was accepted: try it again"
                        .formatted(
                                Lengths.near(Math.ceil(otherwise)),
                                trials.getLast().number()));
        }
        patterns.known().clearances().stream()
                .filter(clearance -> !clearance.isKept() && clearance.parts().contains(piece.part()))
                .forEach(clearance -> reasons.add("%s will not move freely: %s are left of %s"
                        .formatted(
                                clearance.what(),
                                Lengths.near(clearance.leftMm()),
                                Lengths.near(clearance.neededMm()))));
        patterns.known().stations().getOrDefault(piece.id(), List.of()).stream()
                .filter(SideStation::isFlagged)
                .forEach(station -> reasons.add("the sides differ by %s at %s, and nobody said why"
                        .formatted(Lengths.near(Math.abs(station.offMm())), station.name())));
        return List.copyOf(reasons);
    }

    /** What keeps an edge that was left long from being cut as it will stay; long can be cut, short cannot. */
    public static Optional<String> confirming(Patterns patterns, Piece piece) {
        var fits = patterns.known().trialsOf(piece.id()).stream()
                .filter(trial -> trial.of() == Of.DRY_FIT)
                .toList();
        if (fits.isEmpty())
            return Optional.of(
                    "No dry fit of the %s has been noted. Lay it in, let it settle %.0f hours, and note how it fits."
                            .formatted(piece.name(), SETTLES_HOURS));
        var last = fits.getLast();
        if (!last.isAccepted())
            return Optional.of("The last dry fit of the %s was not accepted.".formatted(piece.name()));
        if (last.settledHours() < SETTLES_HOURS)
            return Optional.of("It settled for %.0f hours only; %.0f are wanted before it is cut as it will stay."
                    .formatted(last.settledHours(), SETTLES_HOURS));
        return Optional.empty();
    }
}
