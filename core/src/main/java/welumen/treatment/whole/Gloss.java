package welumen.treatment.whole;

import welumen.treatment.Candidate;
import welumen.treatment.Matter;
import welumen.treatment.Treatment;

/** How glossy a surface usually is in gloss units at 60°, as coloured or made new, and as it has aged; until it is read. */
final class Gloss {
    private Gloss() {}

    static int of(Candidate way, Matter matter) {
        return way.steps().stream().allMatch(Gloss::keepsSurface) ? aged(matter) : fresh(matter);
    }

    private static boolean keepsSurface(Treatment step) {
        return switch (step) {
            case LEAVE, CLEAN, REFIX, RESTITCH, REPAIR_BOARD, NEW_FOAM, BUY_USED -> true;
            case FILL_AND_RECOLOUR, REFINISH, LET_IN_PANEL, RECOVER, BUY_REPRODUCTION, MAKE_NEW, SEND_OUT -> false;
        };
    }

    private static int fresh(Matter matter) {
        return switch (matter) {
            case METAL -> 55;
            case WOOD -> 40;
            case VINYL -> 18;
            case PLASTIC, BOARD -> 15;
            case LEATHER -> 12;
            case RUBBER -> 10;
            case CLOTH, CARPET, FOAM -> 3;
        };
    }

    /** Hands rub leather and plastic shiny; weather dulls metal and wood. */
    private static int aged(Matter matter) {
        return switch (matter) {
            case LEATHER, VINYL, PLASTIC -> fresh(matter) + 12;
            case METAL, WOOD -> fresh(matter) - 20;
            case BOARD, RUBBER, CLOTH, CARPET, FOAM -> fresh(matter);
        };
    }
}
