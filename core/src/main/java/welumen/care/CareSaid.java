package welumen.care;

/** Says in a few words what a change of this room did. */
public final class CareSaid {
    private CareSaid() {}

    public static String of(CareChange change) {
        return switch (change) {
            case CareChange.CautionSeen(var _, var at) -> "Caution seen: " + at;
        };
    }
}
