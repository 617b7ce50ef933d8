package welumen.treatment;

import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.intake.Question;
import welumen.intake.School;

/** To which work on which part the answer to a question of the schools applies. */
public final class SchoolScope {
    private SchoolScope() {}

    /** Whether a question is asked at all by doing this to that part. */
    public static boolean has(Question question, Treatment treatment, Part part) {
        var matter = Matter.of(part);
        var sews = treatment == Treatment.RECOVER
                || treatment == Treatment.LET_IN_PANEL
                || treatment == Treatment.MAKE_NEW;
        var colours = treatment == Treatment.REFINISH || treatment == Treatment.FILL_AND_RECOLOUR;
        var isFloor = matter == Matter.CARPET;
        return switch (question) {
            case FLOORS -> isFloor && (sews || treatment == Treatment.BUY_REPRODUCTION);
            case HOLES -> isFloor && treatment.replaces() || isFloor && treatment == Treatment.RECOVER;
            case ADHESIVE, WHERE_SPRAYED ->
                matter.isSoft() && part.kind() != PartKind.SEAT && (sews || treatment == Treatment.REFIX)
                        || matter == Matter.BOARD && treatment == Treatment.RECOVER;
            case CUTTING_LINE, ALLOWANCE ->
                treatment == Treatment.RECOVER || treatment == Treatment.MAKE_NEW && matter.isSoft();
            case FAILED_CLIP -> treatment == Treatment.REFIX;
            case METHOD -> sews || treatment == Treatment.NEW_FOAM;
            case COLOUR, SHEEN -> colours;
            case SEATS -> part.kind() == PartKind.SEAT || part.kind() == PartKind.REAR_SEAT;
            case HARD_PARTS -> colours && matter.isHard();
            case HARD_TRIM -> treatment == Treatment.REFINISH && matter == Matter.PLASTIC;
            case BOARDS -> matter == Matter.BOARD && (sews || treatment == Treatment.REPAIR_BOARD);
            case RELIEF_ENDS, STITCHING -> sews && !isFloor && matter.isSoft();
            case HEADLINING -> part.kind() == PartKind.HEADLINING && sews;
            case SIDES -> part.side() != Side.MIDDLE && treatment != Treatment.LEAVE;
            case QUIETNESS -> isFloor && treatment != Treatment.LEAVE && treatment != Treatment.CLEAN;
            case ELECTRICS ->
                switch (part.kind()) {
                    case DASH, FASCIA, CONSOLE, GAUGES, SWITCHGEAR -> treatment != Treatment.LEAVE;
                    default -> false;
                };
            case BUYING -> sews || treatment.replaces();
        };
    }

    /** Whether a school leaves a treatment open at all: seats and floors are answered by what is done with them. */
    static boolean allows(School school, Treatment treatment, Part part) {
        if (!has(school.question(), treatment, part)) return true;
        return switch (school) {
            case MOULDED, KIT -> treatment == Treatment.BUY_REPRODUCTION;
            case SLIT_AND_COPIED, TEMPLATED, FROM_THE_ROLL -> treatment != Treatment.BUY_REPRODUCTION;
            case SALVAGED -> false;
            case SEATS_REPAIRED -> !treatment.replaces() && treatment != Treatment.RECOVER;
            case SEATS_CLEANED ->
                treatment == Treatment.CLEAN || treatment == Treatment.LEAVE || treatment == Treatment.RESTITCH;
            case SEATS_RECOVERED -> treatment == Treatment.RECOVER || treatment == Treatment.NEW_FOAM;
            case SEATS_USED, SEATS_FROM_ELSEWHERE -> treatment == Treatment.BUY_USED;
            default -> true;
        };
    }
}
