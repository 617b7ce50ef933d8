package welumen.treatment;

/**
 * What work, material and bought parts cost, in units of the job's currency. The figures are a workshop's first guess,
 * and its own replace them.
 *
 * @param hour what an hour of the workshop's work costs
 * @param level how dear material and bought parts are beside the usual ones, 1 for as usual
 */
public record PriceList(double hour, double level) {
    public static final PriceList USUAL = new PriceList(45, 1);

    /** What is cut away beside the pieces themselves. */
    private static final double WASTE = 1.3;

    /** The share of a part that a panel usually is. */
    private static final double LET_IN = 0.35;

    public PriceList {
        if (!(hour > 0 && level > 0))
            throw new IllegalArgumentException("The prices [%s, %s] are not above nought.".formatted(hour, level));
    }

    /** Material for a treatment of so many square metres. */
    public double materials(Treatment treatment, Matter matter, double squareMetres) {
        var surface = perSquareMetre(matter) * newMaterial(treatment, squareMetres);
        return level
                * switch (treatment) {
                    case LEAVE, BUY_REPRODUCTION, BUY_USED, SEND_OUT -> 0;
                    case CLEAN -> 2 + 3 * squareMetres;
                    case REFIX -> 5 + 6 * squareMetres;
                    case RESTITCH -> 4;
                    case FILL_AND_RECOLOUR -> 8 + 25 * squareMetres;
                    case REPAIR_BOARD -> 8 + 6 * squareMetres;
                    case REFINISH -> 12 + 30 * squareMetres;
                    case LET_IN_PANEL -> 4 + surface;
                    case RECOVER -> 10 + surface;
                    case NEW_FOAM -> 10 + 40 * squareMetres;
                    case MAKE_NEW -> 15 + surface + 22 * squareMetres;
                };
    }

    /** How much new material of a part's own matter a treatment takes, with waste, in m²; 0 where it takes none. */
    public static double newMaterial(Treatment treatment, double squareMetres) {
        return switch (treatment) {
            case RECOVER, MAKE_NEW -> WASTE * squareMetres;
            case LET_IN_PANEL -> LET_IN * WASTE * squareMetres;
            default -> 0;
        };
    }

    /** What comes from others for it. */
    public double boughtIn(Treatment treatment, double squareMetres) {
        return level
                * switch (treatment) {
                    case BUY_REPRODUCTION -> 40 + 260 * squareMetres;
                    case BUY_USED -> 20 + 80 * squareMetres;
                    case SEND_OUT -> 110 + 200 * squareMetres;
                    default -> 0;
                };
    }

    private static double perSquareMetre(Matter matter) {
        return switch (matter) {
            case LEATHER -> 110;
            case WOOD -> 90;
            case CARPET -> 42;
            case CLOTH -> 38;
            case PLASTIC, METAL -> 35;
            case VINYL -> 28;
            case BOARD -> 24;
            case RUBBER, FOAM -> 20;
        };
    }
}
