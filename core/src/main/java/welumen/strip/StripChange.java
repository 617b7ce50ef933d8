package welumen.strip;

import java.util.List;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.strip.fixing.FixingPlaces;

/** What happens while a car is taken apart. */
public sealed interface StripChange {
    record StepLogged(Step step) implements StripChange {}

    /** A step as it should have been logged; it stands in place of the one with its number. */
    record StepCorrected(Step step) implements StripChange {}

    record StripRuleNoted(StripRule rule) implements StripChange {}

    /** It turned out that this does not hold it. */
    record StripRuleStruck(StripRule rule) implements StripChange {}

    /** One part must go in before another, whatever the strip would say. */
    record RefitLinkNoted(RefitLink link) implements StripChange {}

    /** All places where a part is known to be fixed. */
    record PlacesNoted(PartId part, List<FixingPlaces> places) implements StripChange {
        public PlacesNoted {
            places = List.copyOf(places);
        }
    }

    record LapNoted(Lap lap) implements StripChange {}

    /** It turned out that the one does not lap the other. */
    record LapStruck(PartId over, PartId under) implements StripChange {}

    record LooseGroupNoted(LooseGroup group) implements StripChange {}

    /** One side goes back together before the other; {@code MIDDLE} for neither. */
    record SideFirst(Side side) implements StripChange {}
}
