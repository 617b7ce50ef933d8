package welumen.refit;

import welumen.cabin.Cabin;

/** Says in a few words what a change of this room did. */
public final class RefitSaid {
    private RefitSaid() {}

    public static String of(RefitChange change, Cabin cabin) {
        return switch (change) {
            case RefitChange.PartPutBack(var back) ->
                "Put back: " + cabin.named(back.part()).title();
        };
    }
}
