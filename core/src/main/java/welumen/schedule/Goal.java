package welumen.schedule;

import java.time.LocalDateTime;

/**
 * What should have ended by when.
 *
 * @param last the id of the activity that ends it
 * @param weight how bad a day late is beside another's; over nought
 */
public record Goal(String last, LocalDateTime due, double weight) {
    public Goal {
        if (!(weight > 0)) throw new IllegalArgumentException("The weight [%s] is not above nought.".formatted(weight));
    }
}
