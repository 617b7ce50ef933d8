package welumen.refit;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingLot;

/** Fixings that go in where the part had others: glue in place of a clip ends serviceability silently. */
public final class Substitutes {
    private Substitutes() {}

    /** Those of some fixings that went in, of a kind that did not hold the part before. */
    public static List<FixingLot> among(StripLog log, PartId part, List<FixingLot> in) {
        var kinds =
                FixingLedger.of(log, part).stream().map(FixingLedger.Row::kind).toList();
        return in.stream().filter(lot -> !kinds.contains(lot.kind())).toList();
    }
}
