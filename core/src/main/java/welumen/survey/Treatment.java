package welumen.survey;

import static welumen.survey.FindingKind.*;

import java.util.List;

/**
 * What can be done with a part: the usual hours for one of middling size (low, likely, high), what it leaves, how long
 * that lasts, how much stays original, and how often it fails.
 */
public enum Treatment {
    LEAVE("leave, keep the patina", new Hours(0.1, 0.2, 0.3), "C–D", 3, 1.0, 0.02, SCUFF, FADING, FINE_CRACK),
    CLEAN("clean, feed, steam", new Hours(0.5, 1, 2), "B–C", 3, 1.0, 0.03, STAIN, SCUFF, MOULD, DAMP),
    REFIX("re-glue, new clips", new Hours(0.4, 1, 2.5), "B–C", 6, 0.9, 0.08, LOOSE_GLUE, SHRUNK_COVER, MISSING_CLIP),
    RESTITCH("restitch by the old holes", new Hours(0.5, 1.2, 3), "B", 8, 0.95, 0.06, BROKEN_SEAM),
    FILL_AND_RECOLOUR(
            "fill and recolour",
            new Hours(2, 3.5, 6),
            "B",
            5,
            0.7,
            0.12,
            FINE_CRACK,
            DEEP_CRACK,
            SCUFF,
            FADING,
            WRONG_COLOUR),
    REPAIR_BOARD("repair board or tab", new Hours(0.5, 1.2, 3), "B", 6, 0.8, 0.12, BROKEN_TAB, WARPED_BOARD, HOLE),
    REFINISH(
            "strip, prime, colour, lacquer",
            new Hours(2, 4, 9),
            "A–B",
            10,
            0.7,
            0.15,
            SURFACE_RUST,
            WRONG_COLOUR,
            SCUFF),
    LET_IN_PANEL("let in a panel", new Hours(2, 3.5, 6), "B", 10, 0.7, 0.10, TEAR, HOLE, DEEP_CRACK),
    RECOVER(
            "re-cover on the old pattern",
            new Hours(5, 8, 14),
            "A",
            20,
            0.4,
            0.08,
            TEAR,
            HOLE,
            SHRUNK_COVER,
            WRONG_COLOUR,
            DEEP_CRACK),
    NEW_FOAM("new foam, webbing, springs", new Hours(1.5, 3, 6), "A", 20, 0.6, 0.05, FLAT_FOAM),
    BUY_REPRODUCTION("buy a reproduction", new Hours(0.5, 1.5, 4), "B", 12, 0.3, 0.25, TEAR, HOLE, MOULD, DAMP),
    BUY_USED("buy a used one", new Hours(0.5, 1.5, 3), "C–D", 5, 0.8, 0.20, HOLE, BROKEN_TAB, FUNCTION_FAULT),
    MAKE_NEW("make it new", new Hours(5, 10, 20), "A", 20, 0.2, 0.15, WARPED_BOARD, HOLE, MOULD),
    SEND_OUT(
            "send it out to a qualified hand",
            new Hours(0.5, 1, 2),
            "A–B",
            20,
            0.8,
            0.10,
            RUST_THROUGH,
            FUNCTION_FAULT);

    /** Hours of work: low, likely, high. */
    public record Hours(double low, double likely, double high) {}

    private final String word;
    private final Hours hours;
    private final String leaves;
    private final int lastsYears;
    private final double originality;
    private final double fails;
    private final List<FindingKind> treats;

    Treatment(
            String word,
            Hours hours,
            String leaves,
            int lastsYears,
            double originality,
            double fails,
            FindingKind... treats) {
        this.word = word;
        this.hours = hours;
        this.leaves = leaves;
        this.lastsYears = lastsYears;
        this.originality = originality;
        this.fails = fails;
        this.treats = List.of(treats);
    }

    public String word() {
        return word;
    }

    public Hours hours() {
        return hours;
    }

    /** The finish it reaches, A best to E. */
    public String leaves() {
        return leaves;
    }

    public int lastsYears() {
        return lastsYears;
    }

    /** The share of the original that stays, 0 to 1. */
    public double originality() {
        return originality;
    }

    /** The share of times in which it fails, 0 to 1. */
    public double fails() {
        return fails;
    }

    public boolean treats(FindingKind kind) {
        return treats.contains(kind);
    }
}
