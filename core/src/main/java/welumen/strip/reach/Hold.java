package welumen.strip.reach;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.StripReason;
import welumen.strip.fixing.FixingPlaces;

/** One thing that still holds a part in the car. */
public sealed interface Hold {
    /** One of these parts must come off first. */
    record ByPart(StripReason reason, List<PartId> byAnyOf) implements Hold {}

    /**
     * Fixings are still in.
     *
     * @param left how many of them
     */
    record ByFixings(FixingPlaces places, int left) implements Hold {}
}
