package welumen.custody;

import welumen.cabin.PartId;

/** What happens to parts that are off. */
public sealed interface CustodyChange {
    record SentAway(Away away) implements CustodyChange {}

    record CameBack(PartId part) implements CustodyChange {}

    /** @param agreed who agreed to it, and how; empty where nobody need */
    record FateSaid(PartId part, Fate fate, String agreed) implements CustodyChange {}

    record PartLeftOff(LeftOff leftOff) implements CustodyChange {}
}
