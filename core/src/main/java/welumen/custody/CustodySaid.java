package welumen.custody;

import welumen.cabin.Cabin;

/** Says in a few words what a change of this room did. */
public final class CustodySaid {
    private CustodySaid() {}

    public static String of(CustodyChange change, Cabin cabin) {
        return switch (change) {
            case CustodyChange.SentAway(var away) ->
                "%s is %s until %s".formatted(cabin.named(away.part()).title(), away.where(), away.due());
            case CustodyChange.CameBack(var part) ->
                "Back here: " + cabin.named(part).name();
            case CustodyChange.FateSaid(var part, var fate, var _) ->
                "%s: %s".formatted(cabin.named(part).title(), fate.word());
            case CustodyChange.PartLeftOff(var left) ->
                "Left off: %s, until the %s"
                        .formatted(
                                cabin.named(left.part()).name(),
                                cabin.named(left.before()).name());
        };
    }
}
