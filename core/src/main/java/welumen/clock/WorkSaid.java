package welumen.clock;

/** Says in a few words what a change of this room did. */
public final class WorkSaid {
    private WorkSaid() {}

    public static String of(WorkChange change) {
        return switch (change) {
            case WorkChange.WorkBegun(var person, var on, var _, var at) ->
                "%s is at the %s".formatted(person, on.replace('-', ' '));
            case WorkChange.WorkEnded(var person, var _, var _) -> person + " has stopped";
        };
    }
}
