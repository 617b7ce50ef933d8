package welumen.job;

import java.util.ArrayList;
import java.util.List;
import welumen.clock.ClockChange;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.OnTheYardsRail;
import welumen.job.JobChange.Together;
import welumen.yard.YardClocks;

/**
 * Parts what a change of a job starts or puts away on the bench rail from all else: clocks are the yard's, whichever car one
 * looks at. The car's log notes it, so that it is taken back there. Clocks that an earlier Welumen kept with the car are put
 * away there.
 */
public final class RailClocks {
    /**
     * @param car what goes to the car's own log
     * @param yard what goes to the yard's log; may be nothing
     */
    public record Parted(JobChange car, List<ClockChange> yard) {}

    private RailClocks() {}

    public static Parted parted(JobChange change, YardClocks rail) {
        var yard = new ArrayList<ClockChange>();
        var car = new ArrayList<JobChange>();
        for (var each : change instanceof Together(var changes) ? changes : List.of(change))
            if (each instanceof OnClock(var clock) && isYards(clock, rail)) {
                yard.add(clock);
                car.add(new OnTheYardsRail(clock));
            } else car.add(each);
        return new Parted(Together.of(car), List.copyOf(yard));
    }

    private static boolean isYards(ClockChange change, YardClocks rail) {
        return switch (change) {
            case ClockStarted _ -> true;
            case ClockPutAway(var id) ->
                rail.running().stream().anyMatch(clock -> clock.id().equals(id));
        };
    }
}
