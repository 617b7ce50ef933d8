package welumen.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.clock.ClockChange;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.yard.YardClocks;

/**
 * Parts what a change of a job starts or puts away on the bench rail from all else: clocks are the yard's, whichever car one
 * looks at. Clocks that an earlier Welumen kept with the car are put away there.
 */
public final class RailClocks {
    /**
     * @param car what is left for the car's own log; empty where that is nothing
     * @param yard what goes to the yard's log
     */
    public record Parted(Optional<JobChange> car, List<ClockChange> yard) {}

    private RailClocks() {}

    public static Parted parted(JobChange change, YardClocks rail) {
        var yard = new ArrayList<ClockChange>();
        var car = new ArrayList<JobChange>();
        for (var each : change instanceof Together(var changes) ? changes : List.of(change))
            if (each instanceof OnClock(var clock) && isYards(clock, rail)) yard.add(clock);
            else car.add(each);
        return new Parted(car.isEmpty() ? Optional.empty() : Optional.of(Together.of(car)), List.copyOf(yard));
    }

    private static boolean isYards(ClockChange change, YardClocks rail) {
        return switch (change) {
            case ClockStarted _ -> true;
            case ClockPutAway(var id) ->
                rail.running().stream().anyMatch(clock -> clock.id().equals(id));
        };
    }
}
