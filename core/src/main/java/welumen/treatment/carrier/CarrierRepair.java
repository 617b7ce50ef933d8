package welumen.treatment.carrier;

import java.util.Locale;
import java.util.Optional;
import welumen.cabin.Part;
import welumen.measure.Lengths;
import welumen.survey.Finding;
import welumen.survey.Mark;
import welumen.treatment.Matter;

/** Which recipe mends a finding on a carrier, and how much goes into this one. */
public final class CarrierRepair {
    /** Material as a multiple of what goes in: some is spilt, squeezed out and left in the pot. */
    private static final double LOSS = 1.25;

    private static final double PLATE_TO_BOSS = 3;
    private static final double BED_MM = 0.8;
    private static final double PAD_MM = 15;
    private static final double FOAM_EXPANDS = 20;
    private static final double LIQUID_GRAMS_PER_ML = 1.1;
    private static final double FOAM_STEP_MM = 5;
    private static final double FLATTENS_BY = 20;
    private static final double GLUE_ML_PER_M2 = 250;
    private static final double STUD_DEEP_MM = 12;
    private static final double WIRE_LAP = 1.15;

    private CarrierRepair() {}

    /** Empty where the finding is no failure of a carrier that a trimmer mends. */
    public static Optional<Recipe> of(Part part, Finding finding) {
        var carrier = Matter.carrier(part);
        return switch (finding.kind()) {
            case BROKEN_TAB -> Optional.of(plated(finding.sizeMm()));
            case MISSING_CLIP -> carrier.isHard() ? Optional.of(stud(finding.sizeMm())) : Optional.empty();
            case FLAT_FOAM -> Optional.of(raised(areaMm2(finding)));
            case BROKEN_SPRING -> Optional.of(sprung(finding.sizeMm()));
            case WARPED_BOARD -> Optional.of(flattened(areaMm2(finding)));
            case TEAR, HOLE, DEEP_CRACK ->
                switch (Matter.of(part)) { // a tear is in what shows
                    case BOARD, WOOD -> Optional.of(bridged(areaMm2(finding)));
                    case FOAM, PLASTIC -> Optional.of(poured(areaMm2(finding)));
                    default -> Optional.empty();
                };
            default -> Optional.empty();
        };
    }

    /** The patch that was drawn; else a disc of the size that was said. */
    static double areaMm2(Finding finding) {
        return finding.mark() instanceof Mark.Patch(var around)
                ? around.area()
                : Math.PI / 4 * finding.sizeMm() * finding.sizeMm();
    }

    private static Recipe plated(double bossMm) {
        var side = PLATE_TO_BOSS * bossMm;
        return new Recipe(
                "a plate behind the boss, bedded in epoxy",
                text(
                        "a plate %s by %s of 2 mm, %.1f ml of epoxy",
                        Lengths.near(side), Lengths.near(side), LOSS * side * side * BED_MM / 1000),
                24,
                "file what stands proud by hand once it is hard, no deeper than the old face",
                0.9,
                "lean on it before it has cured, nor drill where a screw of the other side comes");
    }

    private static Recipe stud(double holeMm) {
        var drilled = holeMm + 2;
        var ml = LOSS * Math.PI / 4 * drilled * drilled * STUD_DEEP_MM / 1000;
        return new Recipe(
                "a new stud or clip seat, set in filled epoxy",
                text("drill %s, %.1f ml of epoxy thickened with cotton flock", Lengths.near(drilled), ml),
                24,
                "cut flush with a sharp blade while it is leathery, at 4 to 6 h",
                0.8,
                "pull the clip to try it on the same day");
    }

    private static Recipe raised(double areaMm2) {
        var ml = 2 * GLUE_ML_PER_M2 * areaMm2 / 1e6;
        return new Recipe(
                "the flat place raised with a layer let in from below",
                text(
                        "%.0f cm² of foam %s thick, edges feathered; %.0f ml of foam glue on both faces",
                        areaMm2 / 100,
                        Lengths.near(FOAM_STEP_MM * Math.ceil(FLATTENS_BY / FOAM_STEP_MM)),
                        Math.ceil(ml)),
                2,
                "shape with a fine disc, no more than 3 mm off the crown",
                1,
                "stack new foam on foam that crumbles, nor sit on it before the glue is dry");
    }

    private static Recipe poured(double areaMm2) {
        var volumeMl = areaMm2 * PAD_MM / 1000;
        return new Recipe(
                "the torn pad filled with two-part pouring foam behind a taped skin",
                text(
                        "%.0f ml to fill, so %.0f g of both parts together at %.0f times",
                        volumeMl, Math.ceil(LOSS * volumeMl / FOAM_EXPANDS * LIQUID_GRAMS_PER_ML), FOAM_EXPANDS),
                4,
                "cut back within the day, to 1 mm under the skin",
                0.8,
                "close it in: it presses the skin out; no flame, gloves and air");
    }

    private static Recipe bridged(double areaMm2) {
        return new Recipe(
                "the break bridged behind with scrim and epoxy, its face filled",
                text("%.0f cm² of scrim, %.1f ml of epoxy", 4 * areaMm2 / 100, LOSS * 4 * areaMm2 * BED_MM / 1000),
                24,
                "block the face flat, dust out of the seams",
                0.85,
                "fill from the face alone: it opens again at the first clip");
    }

    private static Recipe flattened(double areaMm2) {
        return new Recipe(
                "damped at the hollow side, clamped flat between boards, then sealed",
                text(
                        "%.0f ml of water wiped on, %.0f ml of sealer on both sides after",
                        Math.ceil(areaMm2 / 1e6 * 200), Math.ceil(2 * areaMm2 / 1e6 * 120)),
                48,
                "none: what is over at an edge is planed before it is sealed",
                0.9,
                "use heat to hurry it, nor cover it before it weighs what it weighed dry");
    }

    private static Recipe sprung(double breakMm) {
        return new Recipe(
                "new wire of the same gauge, its ends turned in, clinched to both neighbours",
                text("%s of spring wire, 2 clinch clips", Lengths.near(Math.max(60, WIRE_LAP * 2 * breakMm))),
                0,
                "no end stands toward a cover",
                0.9,
                "weld or heat a spring, nor mend a frame that carries a belt: that is for a qualified hand");
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
