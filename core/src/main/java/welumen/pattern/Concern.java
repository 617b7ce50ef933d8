package welumen.pattern;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Side;

/**
 * What there is to settle about the pieces of a part, beside their outlines: a carpet is never quilted, a seat has no lid. It
 * only says what is not asked; whatever has been said of a part all the same stays said.
 */
public enum Concern {
    /** Rows sewn into its face, or folded, or holes in a grid. */
    ROWS,
    /** Binding and piping along its edges. */
    STRIPS,
    /** A board that is wrapped, and what drops into it. */
    BOARDS,
    /** Layers beneath, what goes through them, and what must still move. */
    LAYERS,
    /** Foam of its own. */
    FOAM,
    /** A fellow on the other side. */
    TWO_SIDES,
    /** Holes that must meet others. */
    HOLES;

    /** Of one part. */
    public static Set<Concern> of(Part part) {
        var all = ofKind(part.kind());
        if (part.side() == Side.MIDDLE) all.remove(TWO_SIDES);
        return all;
    }

    /** Of any of these; everything where there are none, since nothing is known then. */
    public static Set<Concern> of(Collection<Part> parts) {
        if (parts.isEmpty()) return EnumSet.allOf(Concern.class);
        var all = EnumSet.noneOf(Concern.class);
        for (var part : parts) all.addAll(of(part));
        return all;
    }

    private static EnumSet<Concern> ofKind(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, HEADREST -> EnumSet.of(ROWS, STRIPS, FOAM, TWO_SIDES);
            // the flaps of a cover are cut and eyeleted, its board is the frame's
            case COVER -> EnumSet.of(ROWS, STRIPS, FOAM, TWO_SIDES, HOLES);
            case FOAM -> EnumSet.of(FOAM, TWO_SIDES);
            case GAITER, HOOD -> EnumSet.of(ROWS, STRIPS, TWO_SIDES, HOLES);
            case HEADLINING -> EnumSet.of(ROWS, STRIPS, LAYERS, HOLES);
            case CARPET, MAT -> EnumSet.of(STRIPS, LAYERS, TWO_SIDES, HOLES);
            case UNDERLAY, SHIELD -> EnumSet.of(LAYERS, TWO_SIDES, HOLES);
            default -> EnumSet.allOf(Concern.class);
        };
    }
}
