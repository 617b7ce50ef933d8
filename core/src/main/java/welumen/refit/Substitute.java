package welumen.refit;

import java.time.Duration;
import java.util.List;
import welumen.strip.fixing.FixingKind;

/**
 * What may go in where a fixing is short. Where good trimmers differ, each way is offered with what it means for the
 * next strip.
 *
 * @param comesOffAgain whether the next one to take the part off finds it as he would expect
 * @param waits before the part may be touched
 */
public record Substitute(String word, boolean comesOffAgain, Duration waits) {
    /** The ways round a fixing of a kind that cannot go back, the one nearest to the original first. */
    public static List<Substitute> of(FixingKind kind) {
        return switch (kind) {
            case TRIM_CLIP, EDGE_CLIP, PUSH_PIN, J_CLIP, HOOK ->
                List.of(
                        again("the right clip, bought"),
                        again("another clip that fits the hole"),
                        again("a screw that shows, as a style"),
                        new Substitute("glue", false, Duration.ofHours(24)));
            case RIVET -> List.of(again("a new rivet"), again("screw and nut, where its head may show"));
            case STAKED_BOSS ->
                List.of(new Substitute("a plate and epoxy", false, Duration.ofHours(12)), again("a screw post"));
            case SCREW, BOLT, NUT, SPEED_NUT -> List.of(again("the same size and head, bought"));
            case TACK, STAPLE, HOG_RING, LISTING_ROD, HEADLINING_BOW -> List.of(again("new ones of the same kind"));
            case GLUE -> List.of(new Substitute("adhesive of the same family", false, Duration.ofHours(24)));
            case HOOK_AND_LOOP, PLUG, CABLE -> List.of();
        };
    }

    private static Substitute again(String word) {
        return new Substitute(word, true, Duration.ZERO);
    }

    /** “glue: the next strip tears it, 24 h before it holds”. */
    public String said() {
        var wait = waits.isZero() ? "" : ", %d h before it holds".formatted(waits.toHours());
        return comesOffAgain ? word + wait : "%s: the next strip tears it%s".formatted(word, wait);
    }
}
