package welumen.pattern;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.measure.Lengths;
import welumen.pattern.Trial.Of;
import welumen.pattern.piece.Piece;

/** Whether a piece can be cut from dear stock yet, and an edge that was left long be cut as it will stay. */
public final class ReadyToCut {
    /** Hours for which carpet, underlay and hide creep once they are laid in. */
    public static final double SETTLES_HOURS = 12;

    /** The key of what a piece waits for. */
    public static final String AWAITS = "awaits";

    private ReadyToCut() {}

    /**
     * One thing that speaks against cutting a piece.
     *
     * @param key which it is and how far it is off; where that changes, it is another one
     * @param mayBeAllowed whether somebody can say that it is cut all the same
     */
    public record Reason(String key, String said, boolean mayBeAllowed) {}

    /** Why it is not cut yet; empty where it can be. */
    public static List<String> reasons(Patterns patterns, Piece piece) {
        return against(patterns, piece).stream().map(Reason::said).toList();
    }

    /** What speaks against cutting it, but for what somebody has allowed. */
    public static List<Reason> against(Patterns patterns, Piece piece) {
        var all = Stream.of(
                        awaited(patterns, piece),
                        tried(patterns, piece),
                        room(patterns, piece),
                        sides(patterns, piece),
                        seams(patterns, piece),
                        layers(patterns, piece))
                .flatMap(List::stream);
        return all.filter(reason -> patterns.known().allowed().stream()
                        .noneMatch(allowed -> allowed.piece().equals(piece.id())
                                && allowed.against().equals(reason.key())))
                .toList();
    }

    private static List<Reason> awaited(Patterns patterns, Piece piece) {
        var awaited = patterns.known().awaited().get(piece.id());
        return awaited == null ? List.of() : List.of(new Reason(AWAITS, "it waits for %s".formatted(awaited), false));
    }

    private static List<Reason> tried(Patterns patterns, Piece piece) {
        var trials = patterns.known().trialsOf(piece.id());
        if (trials.isEmpty()) return List.of();
        var last = trials.getLast();
        if (!last.isAccepted())
            return List.of(new Reason(
                    "trial " + last.number(),
                    "its %s trial %d was not accepted: change it and try again"
                            .formatted(last.of().word(), last.number()),
                    false));
        var otherwise = last.drawnOtherwiseMm(piece.net());
        return otherwise <= 0
                ? List.of()
                : List.of(new Reason(
                        "otherwise %.0f since %d".formatted(Math.ceil(otherwise), last.number()),
                        "it was drawn up to %s otherwise since version %d was accepted: try it again"
                                .formatted(Lengths.near(Math.ceil(otherwise)), last.number()),
                        true));
    }

    private static List<Reason> room(Patterns patterns, Piece piece) {
        return patterns.known().clearances().stream()
                .filter(clearance -> !clearance.isKept() && clearance.parts().contains(piece.part()))
                .map(clearance -> new Reason(
                        "room " + clearance.what(),
                        "%s will not move freely: %s are left of %s"
                                .formatted(
                                        clearance.what(),
                                        Lengths.near(clearance.leftMm()),
                                        Lengths.near(clearance.neededMm())),
                        false))
                .toList();
    }

    /** On the piece or on its fellow: one of the two is wrong, and nobody knows which. */
    private static List<Reason> sides(Patterns patterns, Piece piece) {
        return Stream.concat(Stream.of(piece), patterns.fellowsOf(piece).stream())
                .flatMap(one -> patterns.known().stations().getOrDefault(one.id(), List.of()).stream())
                .filter(SideStation::isFlagged)
                .map(station -> new Reason(
                        "sides %s %.0f".formatted(station.name(), station.offMm()),
                        "the sides differ by %s at %s, and nobody said why"
                                .formatted(Lengths.near(Math.abs(station.offMm())), station.name()),
                        true))
                .distinct()
                .toList();
    }

    private static List<Reason> seams(Patterns patterns, Piece piece) {
        return patterns.seams().stream()
                .filter(seam -> seam.touches(piece.id()))
                .map(seam -> Map.entry(seam, SeamWalk.of(patterns, seam)))
                .filter(walked -> !walked.getValue().walks())
                .map(walked -> seam(patterns, piece, walked.getKey(), walked.getValue()))
                .toList();
    }

    private static Reason seam(Patterns patterns, Piece piece, Seam seam, SeamWalk walk) {
        var there = seam.one().piece().equals(piece.id()) ? seam.other() : seam.one();
        var name = patterns.findOne(there.piece()).orElseThrow().name();
        return new Reason(
                "seam %s %d %s %d %.0f"
                        .formatted(
                                seam.one().piece(),
                                seam.one().edge(),
                                seam.other().piece(),
                                seam.other().edge(),
                                walk.offMm()),
                "its seam to the %s does not walk: %s to %s, %s off"
                        .formatted(
                                name,
                                Lengths.said(walk.oneMm()),
                                Lengths.said(walk.otherMm()),
                                Lengths.said(Math.abs(walk.offMm()))),
                true);
    }

    private static List<Reason> layers(Patterns patterns, Piece piece) {
        if (!patterns.known().beneath().outgrown().contains(piece.id())) return List.of();
        var longer = Objects.requireNonNull(patterns.known().beneath().layers().get(piece.part()))
                .longerMm();
        return List.of(new Reason(
                "layers %.0f".formatted(longer),
                "what lies beneath has grown since it was drawn, so it is no pattern: it is to come %s %s"
                        .formatted(Lengths.near(Math.abs(longer)), longer < 0 ? "shorter" : "longer"),
                true));
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
