package welumen.strip;

import welumen.cabin.PartId;

/** One thing that still holds a part in the car. */
public sealed interface Hold {
    /** Another part must come off first. */
    record ByPart(StripReason reason, PartId by) implements Hold {}

    /**
     * Fixings are still in.
     *
     * @param left how many of them
     */
    record ByFixings(FixingPlaces places, int left) implements Hold {}
}
