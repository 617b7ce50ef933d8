package welumen.schedule.forecast;

import java.util.Map;

/**
 * What came of a plan in many runs.
 *
 * @param all when everything had ended
 * @param goals when each goal's last activity had, by its id
 * @param critical in what share of the runs each activity, had it ended later, would have held up the end of all, or of the one that was asked for
 */
public record Forecast(Ends all, Map<String, Ends> goals, Map<String, Double> critical) {
    public Forecast {
        goals = Map.copyOf(goals);
        critical = Map.copyOf(critical);
    }
}
