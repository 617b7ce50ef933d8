package welumen.clock;

/** Says in a few words what a change of this room did. */
public final class ClockSaid {
    private ClockSaid() {}

    public static String of(ClockChange change) {
        return switch (change) {
            case ClockChange.ClockStarted(var clock) -> "Clock started: " + clock.on();
            case ClockChange.ClockPutAway(var _) -> "Clock put away";
        };
    }
}
