package welumen.handover;

import welumen.cabin.Cabin;

/** Says in a few words what a change of this room did. */
public final class HandoverSaid {
    private HandoverSaid() {}

    public static String of(HandoverChange change, Cabin cabin) {
        return switch (change) {
            case HandoverChange.Checked(var check, var by) ->
                "Checked by %s: %s".formatted(by, cabin.named(check.part()).name());
            case HandoverChange.SignedFor(var by) -> "Signed for by " + by;
        };
    }
}
