package welumen.schedule.forecast;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;

/**
 * When something ended in each of many runs.
 *
 * @param rising at least one
 */
public record Ends(List<LocalDateTime> rising) {
    public Ends {
        rising = List.copyOf(rising);
    }

    /** The time by which such a share of the runs has ended. */
    public LocalDateTime by(double share) {
        return rising.get(Math.clamp((int) Math.ceil(share * rising.size() - 1e-9) - 1, 0, rising.size() - 1));
    }

    /** The share of the runs that end no later than on a day. */
    public double chanceOf(LocalDate day) {
        return rising.stream().filter(end -> !end.toLocalDate().isAfter(day)).count() / (double) rising.size();
    }
}
