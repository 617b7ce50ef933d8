package welumen.treatment;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/**
 * What work, material and bought parts cost, in units of the job's currency. The figures are a workshop's first guess,
 * and its own replace them.
 *
 * @param hour what an hour of the workshop's work costs
 * @param level how dear small material and bought parts are beside the usual ones, 1 for as usual
 * @param perSquareMetre what new material of each matter costs
 */
public record PriceList(double hour, double level, Map<Matter, Double> perSquareMetre) {
    public static final PriceList USUAL = new PriceList(45, 1, usual());

    /** Material that is cut away, as a multiple of the pieces. */
    private static final double WASTE = 1.3;

    /** Share of a part that a panel usually is. */
    private static final double LET_IN = 0.35;

    public PriceList {
        perSquareMetre = Map.copyOf(perSquareMetre);
        if (!(hour > 0 && level > 0))
            throw new IllegalArgumentException("The prices [%s, %s] are not above nought.".formatted(hour, level));
        for (var matter : Matter.values())
            if (!(perSquareMetre.getOrDefault(matter, 0.0) > 0))
                throw new IllegalArgumentException("No price is said for [%s].".formatted(matter.word()));
    }

    /** Material for a treatment of so many square metres. */
    public double materials(Treatment treatment, Matter matter, double squareMetres) {
        return level * small(treatment, squareMetres)
                + Objects.requireNonNull(perSquareMetre.get(matter)) * newMaterial(treatment, squareMetres);
    }

    /** Glue, thread, filler, paint and what else goes into it beside new material of the part's own matter. */
    private static double small(Treatment treatment, double squareMetres) {
        return switch (treatment) {
            case LEAVE, BUY_REPRODUCTION, BUY_USED, SEND_OUT -> 0;
            case CLEAN -> 2 + 3 * squareMetres;
            case REFIX -> 5 + 6 * squareMetres;
            case RESTITCH -> 4;
            case FILL_AND_RECOLOUR -> 8 + 25 * squareMetres;
            case REPAIR_BOARD -> 8 + 6 * squareMetres;
            case REFINISH -> 12 + 30 * squareMetres;
            case LET_IN_PANEL -> 4;
            case RECOVER -> 10;
            case NEW_FOAM -> 10 + 40 * squareMetres;
            case MAKE_NEW -> 15 + 22 * squareMetres;
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

    private static Map<Matter, Double> usual() {
        var prices = new EnumMap<Matter, Double>(Matter.class);
        for (var matter : Matter.values())
            prices.put(
                    matter,
                    switch (matter) {
                        case LEATHER -> 110.0;
                        case WOOD -> 90.0;
                        case CARPET -> 42.0;
                        case CLOTH -> 38.0;
                        case PLASTIC, METAL -> 35.0;
                        case VINYL -> 28.0;
                        case BOARD -> 24.0;
                        case RUBBER, FOAM -> 20.0;
                    });
        return prices;
    }
}
