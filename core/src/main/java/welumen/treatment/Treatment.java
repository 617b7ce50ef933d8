package welumen.treatment;

import static welumen.survey.FindingKind.*;
import static welumen.treatment.Matter.BOARD;
import static welumen.treatment.Matter.CARPET;
import static welumen.treatment.Matter.CLOTH;
import static welumen.treatment.Matter.FOAM;
import static welumen.treatment.Matter.LEATHER;
import static welumen.treatment.Matter.METAL;
import static welumen.treatment.Matter.PLASTIC;
import static welumen.treatment.Matter.RUBBER;
import static welumen.treatment.Matter.VINYL;
import static welumen.treatment.Matter.WOOD;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.measure.Finish;
import welumen.survey.FindingKind;

/**
 * What can be done with a part: the usual hours for one of middling size, the finish it leaves, how long that lasts, how
 * much stays original, whether it can be undone, how often it fails, and the days it waits for others.
 */
public enum Treatment {
    LEAVE("leave, keep the patina", hours(0.1, 0.2, 0.3), 2, 1, 3, 1.0, Undo.YES, 0.02, 0),
    CLEAN("clean, feed, steam", hours(0.5, 1, 2), 3, 2, 3, 1.0, Undo.YES, 0.03, 1),
    REFIX("re-glue, new clips", hours(0.4, 1, 2.5), 3, 2, 6, 0.9, Undo.PARTLY, 0.08, 1),
    RESTITCH("restitch by the old holes", hours(0.5, 1.2, 3), 3, 3, 8, 0.95, Undo.YES, 0.06, 0),
    FILL_AND_RECOLOUR("fill and recolour", hours(2, 3.5, 6), 3, 3, 5, 0.7, Undo.NO, 0.12, 1),
    REPAIR_BOARD("repair board or tab", hours(0.5, 1.2, 3), 3, 3, 6, 0.8, Undo.PARTLY, 0.12, 1),
    REFINISH("strip, prime, colour, lacquer", hours(2, 4, 9), 4, 3, 10, 0.7, Undo.NO, 0.15, 2),
    LET_IN_PANEL("let in a panel", hours(2, 3.5, 6), 3, 3, 10, 0.7, Undo.NO, 0.10, 1),
    RECOVER("re-cover on the old pattern", hours(5, 8, 14), 4, 4, 20, 0.4, Undo.YES, 0.08, 5),
    NEW_FOAM("new foam, webbing, springs", hours(1.5, 3, 6), 4, 4, 20, 0.6, Undo.YES, 0.05, 5),
    BUY_REPRODUCTION("buy a reproduction", hours(0.5, 1.5, 4), 3, 3, 12, 0.3, Undo.YES, 0.25, 14),
    BUY_USED("buy a used one", hours(0.5, 1.5, 3), 2, 1, 5, 0.8, Undo.YES, 0.20, 21),
    MAKE_NEW("make it new", hours(5, 10, 20), 4, 4, 20, 0.2, Undo.YES, 0.15, 7),
    SEND_OUT("send it out to a qualified hand", hours(0.5, 1, 2), 4, 3, 20, 0.8, Undo.NO, 0.10, 25);

    private final String word;
    private final Hours hours;
    private final Finish best;
    private final Finish worst;
    private final int lastsYears;
    private final double originality;
    private final Undo undo;
    private final double fails;
    private final int waitingDays;

    Treatment(
            String word,
            Hours hours,
            double best,
            double worst,
            int lastsYears,
            double originality,
            Undo undo,
            double fails,
            int waitingDays) {
        this.word = word;
        this.hours = hours;
        this.best = new Finish(best);
        this.worst = new Finish(worst);
        this.lastsYears = lastsYears;
        this.originality = originality;
        this.undo = undo;
        this.fails = fails;
        this.waitingDays = waitingDays;
    }

    public String word() {
        return word;
    }

    public Hours hours() {
        return hours;
    }

    /** The finish that it reaches where little was wrong. */
    public Finish best() {
        return best;
    }

    /** The finish that it reaches where much was. */
    public Finish worst() {
        return worst;
    }

    public int lastsYears() {
        return lastsYears;
    }

    /** The share of the original that stays, 0 to 1. */
    public double originality() {
        return originality;
    }

    public Undo undo() {
        return undo;
    }

    /** The share of times in which it fails, 0 to 1. */
    public double fails() {
        return fails;
    }

    /** Working days for deliveries, other hands, and colour or glue to cure. */
    public int waitingDays() {
        return waitingDays;
    }

    /** Whether another part comes in place of this one. */
    public boolean replaces() {
        return this == BUY_REPRODUCTION || this == BUY_USED || this == MAKE_NEW;
    }

    /** Whether what is there is worked on and stays, so that it cannot answer what is past saving. */
    public boolean keepsWhatIsThere() {
        return switch (this) {
            case LEAVE, CLEAN, RESTITCH, FILL_AND_RECOLOUR, REPAIR_BOARD, LET_IN_PANEL -> true;
            case REFIX, REFINISH, RECOVER, NEW_FOAM, BUY_REPRODUCTION, BUY_USED, MAKE_NEW, SEND_OUT -> false;
        };
    }

    /** Whether there is foam, webbing or a spring in such a part. */
    private static boolean isSprung(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, COVER, HEADREST, ARMREST, FOAM, FRAME, PAD -> true;
            default -> false;
        };
    }

    /** What nobody makes in a trim shop. */
    private static boolean isBeyondATrimmer(PartKind kind) {
        return switch (kind) {
            case GAUGES, SWITCHGEAR, LAMP, MIRROR, WHEEL, RUNNERS, HANDLE, VENT, BELT -> true;
            default -> false;
        };
    }

    /** Whether it can be done to such a part at all: boards are mended beneath whatever covers them. */
    public boolean fits(Part part) {
        if (this == NEW_FOAM && !isSprung(part.kind())) return false;
        if (this == MAKE_NEW && isBeyondATrimmer(part.kind())) return false;
        if (part.kind() == PartKind.SHELL)
            return this == LEAVE || this == CLEAN || this == REFINISH || this == SEND_OUT;
        if (part.kind() == PartKind.BATTERY) return this == LEAVE || this == CLEAN || this == BUY_REPRODUCTION;
        return matters().contains(this == REPAIR_BOARD ? Matter.carrier(part) : Matter.of(part));
    }

    private Set<Matter> matters() {
        return switch (this) {
            case LEAVE, CLEAN, REFIX, BUY_REPRODUCTION, BUY_USED, SEND_OUT -> EnumSet.allOf(Matter.class);
            case RESTITCH, LET_IN_PANEL -> EnumSet.of(LEATHER, VINYL, CLOTH, CARPET);
            case FILL_AND_RECOLOUR -> EnumSet.of(LEATHER, VINYL);
            case REPAIR_BOARD -> EnumSet.of(BOARD, PLASTIC, WOOD);
            case REFINISH -> EnumSet.of(METAL, PLASTIC, WOOD, VINYL);
            case RECOVER -> EnumSet.of(LEATHER, VINYL, CLOTH, CARPET, BOARD);
            case NEW_FOAM -> EnumSet.of(LEATHER, VINYL, CLOTH, FOAM);
            case MAKE_NEW -> EnumSet.complementOf(EnumSet.of(METAL, RUBBER));
        };
    }

    /** Whether it answers a finding of a kind. */
    public boolean treats(FindingKind kind) {
        return answers().contains(kind);
    }

    private List<FindingKind> answers() {
        return switch (this) {
            case LEAVE -> List.of(SCUFF, FADING, FINE_CRACK);
            case CLEAN -> List.of(STAIN, SCUFF, PAINT_SPLASH, MOULD, DAMP, SMELL);
            case REFIX -> List.of(LOOSE_GLUE, SHRUNK_COVER, MISSING_CLIP, DELAMINATION, GAP);
            case RESTITCH -> List.of(BROKEN_SEAM);
            case FILL_AND_RECOLOUR -> List.of(FINE_CRACK, DEEP_CRACK, SCUFF, FADING, WRONG_COLOUR, WRONG_GLOSS);
            case REPAIR_BOARD -> List.of(BROKEN_TAB, WARPED_BOARD, HOLE, BRITTLE);
            case REFINISH ->
                List.of(SURFACE_RUST, PITTED_RUST, WRONG_COLOUR, WRONG_GLOSS, SCUFF, PAINT_SPLASH, FADING, FINE_CRACK);
            case LET_IN_PANEL -> List.of(TEAR, HOLE, DEEP_CRACK, STAIN, VERMIN);
            case RECOVER ->
                List.of(
                        TEAR,
                        HOLE,
                        SHRUNK_COVER,
                        WRONG_COLOUR,
                        DEEP_CRACK,
                        FINE_CRACK,
                        FADING,
                        STAIN,
                        SCUFF,
                        BROKEN_SEAM,
                        EARLIER_REPAIR,
                        VERMIN,
                        SMELL,
                        DELAMINATION,
                        MOULD,
                        WRONG_GLOSS,
                        LOOSE_GLUE);
            case NEW_FOAM -> List.of(FLAT_FOAM, BROKEN_SPRING, VERMIN, SMELL, MOULD);
            case BUY_REPRODUCTION, MAKE_NEW ->
                FindingKind.all()
                        .filter(kind -> kind != RUST_THROUGH
                                && kind != STRUCTURE
                                && kind != WIRING_FAULT
                                && kind != FUNCTION_FAULT)
                        .toList();
            case BUY_USED ->
                List.of(
                        HOLE,
                        BROKEN_TAB,
                        FUNCTION_FAULT,
                        WARPED_BOARD,
                        TEAR,
                        DEEP_CRACK,
                        BROKEN_SPRING,
                        BRITTLE,
                        EARLIER_REPAIR);
            case SEND_OUT ->
                List.of(
                        RUST_THROUGH,
                        PITTED_RUST,
                        SURFACE_RUST,
                        STRUCTURE,
                        WIRING_FAULT,
                        FUNCTION_FAULT,
                        BROKEN_SPRING);
        };
    }

    private static Hours hours(double low, double likely, double high) {
        return new Hours(low, likely, high);
    }
}
