package welumen.diary;

import java.time.Duration;
import java.util.Optional;
import welumen.clock.Cure;
import welumen.treatment.Treatment;
import welumen.yard.Products;
import welumen.yard.Tin;

/**
 * Of which steps a treatment's hours are made up, and what it waits for. The shares are the trade's rule of thumb; they add up
 * to one.
 *
 * @param last what is laid on last and cures by the clock on the wall before it is put back; empty where nothing does
 * @param isBought whether goods are ordered for it
 */
record Shares(double draw, double cut, double sew, double rest, Optional<Last> last, boolean isBought) {
    /** A product, and what comes after it. */
    record Last(Tin.Use use, Cure.Next next) {}

    static Shares of(Treatment treatment) {
        return switch (treatment) {
            case LEAVE, RESTITCH, SEND_OUT -> new Shares(0, 0, 0, 1, Optional.empty(), false);
            case CLEAN -> new Shares(0, 0, 0, 1, handled(Tin.Use.CLEANER), false);
            case REFIX -> new Shares(0, 0, 0, 1, handled(Tin.Use.ADHESIVE), false);
            case REPAIR_BOARD -> new Shares(0, 0, 0, 1, handled(Tin.Use.FILLER), false);
            case FILL_AND_RECOLOUR -> new Shares(0, 0, 0, 1, handled(Tin.Use.COLOUR), false);
            case REFINISH -> new Shares(0, 0, 0, 1, handled(Tin.Use.LACQUER), false);
            case LET_IN_PANEL -> new Shares(0.1, 0.1, 0.4, 0.4, Optional.empty(), false);
            case RECOVER -> new Shares(0.2, 0.1, 0.35, 0.35, Optional.empty(), true);
            case MAKE_NEW -> new Shares(0.2, 0.1, 0.3, 0.4, handled(Tin.Use.ADHESIVE), true);
            case NEW_FOAM ->
                new Shares(0, 0, 0, 1, Optional.of(new Last(Tin.Use.ADHESIVE, Cure.Next.GLUED_OVER)), true);
            case BUY_REPRODUCTION, BUY_USED -> new Shares(0, 0, 0, 1, Optional.empty(), true);
        };
    }

    private static Optional<Last> handled(Tin.Use use) {
        return Optional.of(new Last(use, Cure.Next.HANDLED));
    }

    /** How long it cures before it is put back. */
    Duration cures(Products products) {
        return last.map(one -> products.of(one.use()).before(one.next())).orElse(Duration.ZERO);
    }
}
