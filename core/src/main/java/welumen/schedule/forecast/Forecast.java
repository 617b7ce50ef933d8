package welumen.schedule.forecast;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;

/**
 * What came of a plan in many runs.
 *
 * @param ends of each run, rising; at least one
 * @param critical in what share of the runs each activity, had it ended later, would have held up the end
 */
public record Forecast(List<LocalDateTime> ends, Map<String, Double> critical) {
    public Forecast {
        ends = List.copyOf(ends);
        critical = Map.copyOf(critical);
    }

    /** The time by which such a share of the runs has ended. */
    public LocalDateTime by(double share) {
        return ends.get(Math.clamp((int) Math.ceil(share * ends.size() - 1e-9) - 1, 0, ends.size() - 1));
    }

    /** The share of the runs that end no later than on a day. */
    public double chanceOf(LocalDate day) {
        return ends.stream().filter(end -> !end.toLocalDate().isAfter(day)).count() / (double) ends.size();
    }
}
