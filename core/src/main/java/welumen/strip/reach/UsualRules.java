package welumen.strip.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Within;
import welumen.strip.StripReason;
import welumen.strip.StripRule;

/**
 * What usually holds what, by the kinds of the parts and where they are: a first guess for a car that nobody has taken
 * apart here yet. Each rule is noted like any other and put right by what is found.
 */
public final class UsualRules {
    private final Cabin cabin;
    private final List<StripRule> rules = new ArrayList<>();

    private UsualRules(Cabin cabin) {
        this.cabin = cabin;
    }

    public static List<StripRule> of(Cabin cabin) {
        var usual = new UsualRules(cabin);
        cabin.parts().forEach(usual::holdersOf);
        return List.copyOf(usual.rules);
    }

    /** Those that hold one part. */
    public static List<StripRule> holding(Cabin cabin, Part part) {
        var usual = new UsualRules(cabin);
        usual.holdersOf(part);
        return List.copyOf(usual.rules);
    }

    private void holdersOf(Part part) {
        if (part.within() instanceof Within.Assembly(var above))
            rules.add(new StripRule(part.id(), StripReason.BUILT_INTO, above));
        switch (part.kind()) {
            case SILL_COVER, KICK_PANEL, PILLAR ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.DOOR_SEAL && beside(part, other));
            case DOOR_CARD ->
                held(part, StripReason.FIXED_THROUGH, other -> other.kind() == PartKind.HANDLE && here(part, other));
            case SHIELD ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.DOOR_CARD && here(part, other));
            case SEAT ->
                held(part, StripReason.FIXED_THROUGH, other -> other.kind() == PartKind.RUNNER && here(part, other));
            case FOAM ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.COVER && sameHalf(part, other));
            case FRAME ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.FOAM && isMate(part, other));
            case CARPET -> carpet(part);
            case UNDERLAY ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.CARPET && here(part, other));
            case SHELL ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.UNDERLAY && here(part, other));
            case CONSOLE ->
                held(part, StripReason.FIXED_THROUGH, other -> other.kind() == PartKind.GAITER && here(part, other));
            case DASH -> held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.PAD && here(part, other));
            case PAD ->
                held(
                        part,
                        StripReason.FIXED_THROUGH,
                        other -> other.kind() == PartKind.SWITCHGEAR && here(part, other));
            case DUCT -> held(part, StripReason.TRAPPED_BEHIND, other -> other.kind() == PartKind.DASH);
            case BULKHEAD ->
                held(
                        part,
                        StripReason.TRAPPED_BEHIND,
                        other -> other.kind() == PartKind.DASH && part.spot() == Spot.BULKHEAD);
            case COWL -> held(part, StripReason.TRAPPED_BEHIND, other -> other.kind() == PartKind.WHEEL);
            case HEADLINING ->
                held(
                        part,
                        StripReason.COVERED_BY,
                        other -> Set.of(PartKind.VISOR, PartKind.MIRROR, PartKind.LAMP, PartKind.RAIL)
                                        .contains(other.kind())
                                && here(part, other));
            case SHELF ->
                held(
                        part,
                        StripReason.TRAPPED_BEHIND,
                        other -> other.id().value().endsWith("rear-backrest"));
            case REAR_SEAT ->
                held(
                        part,
                        StripReason.COVERED_BY,
                        other -> part.id().value().endsWith("backrest")
                                && other.id().value().endsWith("rear-cushion"));
            default -> {}
        }
    }

    private void carpet(Part part) {
        switch (part.spot()) {
            case FLOOR_FRONT_LEFT, FLOOR_FRONT_RIGHT -> {
                held(
                        part,
                        StripReason.COVERED_BY,
                        other ->
                                Set.of(PartKind.SILL_COVER, PartKind.KICK_PANEL).contains(other.kind())
                                        && sameSide(part, other));
                held(
                        part,
                        StripReason.TRAPPED_BEHIND,
                        other ->
                                other.kind() == PartKind.SEAT && (sameSide(part, other) || other.spot() == Spot.BENCH));
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.CONSOLE);
            }
            case FLOOR_REAR_LEFT, FLOOR_REAR_RIGHT -> {
                held(
                        part,
                        StripReason.COVERED_BY,
                        other -> other.kind() == PartKind.SILL_COVER && sameSide(part, other));
                held(part, StripReason.TRAPPED_BEHIND, other -> other.kind() == PartKind.SEAT && sameSide(part, other));
                held(part, StripReason.COVERED_BY, other -> other.id().value().endsWith("rear-cushion"));
            }
            case TUNNEL -> held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.CONSOLE);
            case LOAD_SPACE ->
                held(part, StripReason.COVERED_BY, other -> other.kind() == PartKind.BOARD && here(part, other));
            default -> {}
        }
    }

    private void held(Part part, StripReason reason, Predicate<Part> by) {
        cabin.parts().stream()
                .filter(other -> !other.id().equals(part.id()) && by.test(other))
                .filter(other -> !part.within().equals(new Within.Assembly(other.id())))
                .forEach(other -> rules.add(new StripRule(part.id(), reason, other.id())));
    }

    private static boolean here(Part part, Part other) {
        return part.spot() == other.spot();
    }

    private static boolean sameSide(Part part, Part other) {
        return part.side() == other.side() && part.side() != Side.MIDDLE;
    }

    /** A front trim by the front door's seal, a centre one by both. */
    private static boolean beside(Part part, Part other) {
        if (!sameSide(part, other)) return false;
        var rear = other.name().contains("rear");
        return part.name().contains("centre") || rear == part.name().contains("rear");
    }

    /** Of one assembly, where there is more than one of them: cushion with cushion, backrest with backrest. */
    private static boolean sameHalf(Part part, Part other) {
        return isMate(part, other)
                && part.name().contains("backrest") == other.name().contains("backrest");
    }

    private static boolean isMate(Part part, Part other) {
        return part.within() instanceof Within.Assembly && part.within().equals(other.within());
    }
}
