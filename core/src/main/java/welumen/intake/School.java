package welumen.intake;

import static welumen.intake.Question.*;

import java.util.List;
import java.util.stream.Stream;

/**
 * How a question is answered in this workshop or job, and what that changes in numbers beside the usual. The figures are
 * a first guess that a workshop replaces by its own.
 */
public enum School {
    MOULDED(FLOORS, "moulded replacement, eased in", by(0.6, 1.4).fails(1.3).days(1)),
    SLIT_AND_COPIED(
            FLOORS, "the old one slit, flattened, copied, sewn", by(1.3, 1).fails(0.8)),
    TEMPLATED(FLOORS, "each area templated and bound", by(1.15, 1.05).fails(0.9)),
    KIT(FLOORS, "economical kit, trimmed to suit", by(0.8, 0.7).fails(1.6).finish(-0.5)),
    SALVAGED(FLOORS, "salvaged or recoloured", by(0.7, 0.4).finish(-0.5).originality(0.2)),
    FROM_THE_ROLL(FLOORS, "cut from the roll", by(1, 0.85).finish(-0.25)),

    ONE_TOUCH(ADHESIVE, "one touch, corners first", by(0.9, 1).fails(1.3)),
    NEAR_DRY(
            ADHESIVE,
            "near-dry, shifted, woken with heat",
            by(1.1, 1).fails(0.8).comesOff()),
    SMALL_SECTIONS(ADHESIVE, "small sections, with a helper", by(1.25, 1).fails(0.7)),
    TWO_PART(ADHESIVE, "two-part, with a fixed wait", by(1.05, 1.15).fails(0.9).days(1)),
    SPOTS(
            ADHESIVE,
            "spots, with clips and trim doing the rest",
            by(0.8, 0.8).fails(1.1).comesOff()),

    CLOTH_ON_BENCH(WHERE_SPRAYED, "cloth on the bench, body in the car", by(1, 1).fails(1.1)),
    AT_THE_CAR(WHERE_SPRAYED, "both at the car, behind masking", by(1.15, 1.05).fails(0.9)),
    PARTS_OUT(WHERE_SPRAYED, "parts out, and masked", by(1.25, 1).fails(0.8)),

    ON_THE_BENCH(CUTTING_LINE, "cut on the bench from a template", by(1, 1)),
    LEFT_LONG(
            CUTTING_LINE,
            "left long, cut in the car after settling",
            by(1.12, 1.05).fails(0.7).days(1)),

    PUNCHED(HOLES, "punched first", by(1, 1)),
    MELTED(HOLES, "melted with a hot tool", by(0.95, 1).fails(1.1)),
    SLIT_LATE(HOLES, "slit late from behind, undersize", by(1.05, 1).fails(0.8)),
    CROSS_SLIT(HOLES, "cross-slit and turned", by(1.08, 1).fails(0.9)),
    SEWN_ROUND(HOLES, "sewn round by hand", by(1.25, 1.02).fails(0.8).finish(0.25)),

    RIGHT_CLIP(FAILED_CLIP, "the right clip, found", by(1.05, 1.2).days(3).comesOff()),
    OTHER_CLIP(FAILED_CLIP, "another clip", by(1, 1).fails(1.1).comesOff()),
    GLUED(FAILED_CLIP, "glue", by(0.9, 0.9).days(1).originality(-0.1)),
    VISIBLE_FIXING(
            FAILED_CLIP,
            "a fixing that shows, as style",
            by(0.95, 1).originality(-0.1).comesOff()),

    AS_THE_WORKS(METHOD, "as the works did it, clumsy or not", by(1.2, 1).originality(0.15)),
    BETTER_UNDERNEATH(METHOD, "factory look, better underneath", by(1.1, 1.15).years(1.3)),
    AFRESH(METHOD, "afresh", by(0.95, 1).originality(-0.2)),

    BY_EVIDENCE(COLOUR, "by evidence", by(1.15, 1.1).originality(0.1).days(1)),
    BY_TASTE(COLOUR, "the customer's taste", by(1, 1).originality(-0.2)),
    WHAT_UNITES(COLOUR, "whatever unites what is there", by(1.05, 1)),
    AGED_LEFT_ALIKE(
            COLOUR, "the aged ones left alike", by(0.6, 0.6).finish(-0.5).originality(0.1)),

    SEATS_REPAIRED(SEATS, "repaired and recoloured", by(1, 1)),
    SEATS_CLEANED(SEATS, "cleaned and refitted", by(0.9, 1).finish(-0.25)),
    SEATS_RECOVERED(SEATS, "re-covered", by(0.95, 1)),
    SEATS_USED(SEATS, "used ones", by(1, 1)),
    SEATS_FROM_ELSEWHERE(
            SEATS,
            "donor seats from another car",
            by(1.6, 1.2).originality(-0.4).fails(1.5)),

    TAKEN_OFF(HARD_PARTS, "taken off", by(1.3, 1).fails(0.7)),
    MASKED(HARD_PARTS, "masked", by(0.75, 1.05).fails(1.3).finish(-0.25)),

    PLY(BOARDS, "ply", by(1.1, 1.1).years(1.2)),
    PLASTIC_SHEET(BOARDS, "moisture-proof plastic sheet", by(1, 1.25).years(1.5).originality(-0.1)),
    FIBREBOARD(BOARDS, "fibreboard, as original", by(0.95, 0.9).originality(0.1).years(0.8)),
    METAL_SHEET(BOARDS, "metal", by(1.3, 1.3).years(1.4).originality(-0.1)),

    INSERT_PANEL(RELIEF_ENDS, "its own insert panel", by(1.1, 1.05)),
    TO_THE_EDGE(RELIEF_ENDS, "to the edge or a seam", by(1, 1).fails(1.1)),
    APPLIED_STRIPS(RELIEF_ENDS, "applied strips", by(1.05, 1.1)),

    WHOLE_WITH_HELPER(Question.HEADLINING, "whole, with a helper", by(1.2, 1).fails(0.8)),
    IN_SECTIONS(
            Question.HEADLINING,
            "in sections from the most curved place outward",
            by(1.1, 1).fails(0.9)),

    ONE_SIDE(SIDES, "one side at a time", by(1.08, 1).fails(0.8)),
    BATCH(SIDES, "in a batch, by kind", by(0.92, 0.97).fails(1.1)),

    STIFFENED(QUIETNESS, "the panel stiffened", by(1.05, 1.05)),
    BUTYL_AND_FOAM(QUIETNESS, "butyl and foam in layers", by(1.2, 1.3).fails(1.1)),
    HEAVY_BLANKET(QUIETNESS, "a heavy blanket", by(1.08, 1.2)),
    AS_ORIGINAL(QUIETNESS, "as original", by(1, 1).originality(0.05)),

    BY_TECHNIQUE(SHEEN, "by technique", by(1.1, 1).fails(1.2)),
    BY_PRODUCT(SHEEN, "by product", by(1, 1.05)),
    BY_CLEAR_COAT(SHEEN, "by a clear coat", by(1.12, 1.1).years(1.2).days(1)),

    TESTED_FIRST(ELECTRICS, "tested before closing", by(1.04, 1).fails(0.8)),
    PLUGS_LEFT(ELECTRICS, "labelled plugs left for late parts", by(1, 1).fails(1.1)),

    ON_THE_PATTERN(ALLOWANCE, "on the pattern", by(1, 1)),
    AT_CUTTING(ALLOWANCE, "added at cutting", by(0.98, 1).fails(1.15)),

    LOCKSTITCH(STITCHING, "lockstitch", by(1, 1)),
    SUNK(STITCHING, "sunk", by(1.08, 1)),
    FRENCH(STITCHING, "French", by(1.2, 1.03).finish(0.25)),
    TOPSTITCH(STITCHING, "topstitch", by(1.08, 1.02)),
    PIPING(STITCHING, "piping", by(1.25, 1.1)),

    RECOLOURED(HARD_TRIM, "recoloured", by(1, 1)),
    WRAPPED(HARD_TRIM, "wrapped", by(1.4, 1.5).originality(-0.2).years(1.4)),
    PATINA_LEFT(
            HARD_TRIM,
            "its patina left, with all that match it",
            by(0.3, 0.2).finish(-1).originality(0.2)),

    AT_ONCE(BUYING, "consumables at once, what depends on the version after proof", by(1, 1.03)),
    AS_IT_GOES(BUYING, "as it goes", by(1.04, 1).days(3));

    /**
     * What a school changes beside the usual.
     *
     * @param hours factor on hours
     * @param materials factor on materials
     * @param fails factor on how often it fails
     * @param years factor on how long it lasts
     * @param days more to wait
     * @param finish levels of finish more or less
     * @param originality share of the original more or less
     * @param comesOffAgain whether the next strip finds it comes off whole
     */
    public record Effect(
            double hours,
            double materials,
            double fails,
            double years,
            double days,
            double finish,
            double originality,
            boolean comesOffAgain) {
        Effect fails(double factor) {
            return new Effect(hours, materials, factor, years, days, finish, originality, comesOffAgain);
        }

        Effect years(double factor) {
            return new Effect(hours, materials, fails, factor, days, finish, originality, comesOffAgain);
        }

        Effect days(double more) {
            return new Effect(hours, materials, fails, years, more, finish, originality, comesOffAgain);
        }

        Effect finish(double levels) {
            return new Effect(hours, materials, fails, years, days, levels, originality, comesOffAgain);
        }

        Effect originality(double share) {
            return new Effect(hours, materials, fails, years, days, finish, share, comesOffAgain);
        }

        Effect comesOff() {
            return new Effect(hours, materials, fails, years, days, finish, originality, true);
        }
    }

    private final Question question;
    private final String word;
    private final Effect effect;

    School(Question question, String word, Effect effect) {
        this.question = question;
        this.word = word;
        this.effect = effect;
    }

    public Question question() {
        return question;
    }

    public String word() {
        return word;
    }

    public Effect effect() {
        return effect;
    }

    /** The schools that answer a question. */
    public static List<School> of(Question question) {
        return Stream.of(values()).filter(school -> school.question == question).toList();
    }

    private static Effect by(double hours, double materials) {
        return new Effect(hours, materials, 1, 1, 0, 0, 0, false);
    }
}
