package welumen.schedule;

import java.time.LocalDateTime;

/**
 * When something is to start, since it was told to somebody or fixed by hand: not before, and as soon after as can be.
 *
 * @param id of the activity
 * @param weight how bad an hour of work later is, beside an hour by which a goal of weight one is late; over nought
 */
public record Wish(String id, LocalDateTime start, double weight) {
    public Wish {
        if (!(weight > 0)) throw new IllegalArgumentException("The weight [%s] is not above nought.".formatted(weight));
    }
}
