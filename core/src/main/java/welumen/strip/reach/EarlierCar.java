package welumen.strip.reach;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.StripChange;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingPlaces;

/**
 * What an earlier car of the same model taught: the rules that were noted on it, the laps, and the places where its parts
 * were fixed, the one more that was hidden among them. It is knowledge with a doubt, for this car may differ.
 */
public final class EarlierCar {
    private EarlierCar() {}

    /** What to note of a car, for the parts that both have. */
    public static List<StripChange> lessons(StripLog earlier, Cabin now) {
        var lessons = new ArrayList<StripChange>();
        for (var rule : earlier.rules())
            if (has(now, rule.part()) && rule.byAnyOf().stream().allMatch(by -> has(now, by)))
                lessons.add(new StripChange.StripRuleNoted(rule));
        for (var link : earlier.refitNotes())
            if (has(now, link.first()) && has(now, link.then())) lessons.add(new StripChange.RefitLinkNoted(link));
        for (var lap : earlier.laps())
            if (has(now, lap.over()) && has(now, lap.under())) lessons.add(new StripChange.LapNoted(lap));
        for (var part : now.parts()) {
            var places = places(earlier, part.id());
            if (!places.isEmpty()) lessons.add(new StripChange.PlacesNoted(part.id(), places));
        }
        return lessons;
    }

    /** As they were found where the part came off; else as they were known. */
    private static List<FixingPlaces> places(StripLog earlier, PartId part) {
        return earlier.everOff().contains(part) ? FixingPlaces.of(earlier.foundOn(part)) : earlier.placesOf(part);
    }

    private static boolean has(Cabin cabin, PartId part) {
        return cabin.findOne(part).isPresent();
    }
}
