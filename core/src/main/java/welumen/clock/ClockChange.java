package welumen.clock;

/** What happens to the clocks of a job. */
public sealed interface ClockChange {
    record ClockStarted(BenchClock clock) implements ClockChange {}

    /** Put away by hand, run out or not. */
    record ClockPutAway(String id) implements ClockChange {}
}
