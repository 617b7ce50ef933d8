package welumen.diary;

import java.time.Duration;
import welumen.treatment.Treatment;

/**
 * Of which steps a treatment's hours are made up, and what it waits for. The shares are the trade's rule of thumb; they add up
 * to one.
 *
 * @param cures how long it cures by the clock on the wall before it is put back
 * @param isBought whether goods are ordered for it
 */
record Shares(double draw, double cut, double sew, double rest, Duration cures, boolean isBought) {
    private static final Duration NONE = Duration.ZERO;
    private static final Duration A_DAY = Duration.ofHours(24);

    static Shares of(Treatment treatment) {
        return switch (treatment) {
            case LEAVE, RESTITCH, SEND_OUT -> new Shares(0, 0, 0, 1, NONE, false);
            case CLEAN -> new Shares(0, 0, 0, 1, Duration.ofHours(12), false);
            case REFIX, REPAIR_BOARD, FILL_AND_RECOLOUR -> new Shares(0, 0, 0, 1, A_DAY, false);
            case REFINISH -> new Shares(0, 0, 0, 1, Duration.ofHours(48), false);
            case LET_IN_PANEL -> new Shares(0.1, 0.1, 0.4, 0.4, NONE, false);
            case RECOVER -> new Shares(0.2, 0.1, 0.35, 0.35, NONE, true);
            case MAKE_NEW -> new Shares(0.2, 0.1, 0.3, 0.4, A_DAY, true);
            case NEW_FOAM -> new Shares(0, 0, 0, 1, Duration.ofHours(12), true);
            case BUY_REPRODUCTION, BUY_USED -> new Shares(0, 0, 0, 1, NONE, true);
        };
    }
}
