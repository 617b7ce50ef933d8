package welumen.clock;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;

/** The clocks of a job that have not been put away, in the order in which they were started. */
public record Clocks(List<BenchClock> running) {
    public static final Clocks NONE = new Clocks(List.of());

    public Clocks {
        running = List.copyOf(running);
    }

    public Clocks after(ClockChange change) {
        return switch (change) {
            case ClockStarted(var clock) ->
                new Clocks(Stream.concat(without(clock.id()), Stream.of(clock)).toList());
            case ClockPutAway(var id) -> new Clocks(without(id).toList());
        };
    }

    /** How many have run out, and of how many it is too late: it changes when one does. */
    public record Over(long out, long late) {}

    public Over over(Instant now) {
        return new Over(
                running.stream().filter(clock -> !now.isBefore(clock.ends())).count(),
                running.stream().filter(clock -> clock.isTooLate(now)).count());
    }

    private Stream<BenchClock> without(String id) {
        return running.stream().filter(clock -> !clock.id().equals(id));
    }
}
