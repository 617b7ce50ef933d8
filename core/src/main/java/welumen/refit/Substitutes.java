package welumen.refit;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.FixingLedger;
import welumen.strip.FixingLot;
import welumen.strip.StripLog;

/** Fixings that go in where the part had others: glue in place of a clip ends serviceability silently. */
public final class Substitutes {
    private Substitutes() {}

    /** Those of a kind that did not hold the part before. */
    public static List<FixingLot> in(StripLog log, PartId part, CountedIn in) {
        var kinds =
                FixingLedger.of(log, part).stream().map(FixingLedger.Row::kind).toList();
        return in.fixings().stream().filter(lot -> !kinds.contains(lot.kind())).toList();
    }
}
