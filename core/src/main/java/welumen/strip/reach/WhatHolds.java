package welumen.strip.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingPlaces;

/**
 * Says what still holds a part: the parts that must come off before it, and the fixings that are known and not yet
 * accounted for. A part is free only when this is empty, and even then one more may be hidden.
 */
public final class WhatHolds {
    private WhatHolds() {}

    /** What holds the part now, other parts first; empty for a part that is off. */
    public static List<Hold> of(StripLog log, PartId part) {
        if (log.isOff(part)) return List.of();
        var parts = log.rules().stream()
                .filter(rule -> rule.part().equals(part) && !rule.isMet(log))
                .<Hold>map(rule -> new Hold.ByPart(rule.reason(), rule.byAnyOf()));
        return Stream.concat(parts, fixingsLeftAfter(log, part, List.of()).stream())
                .toList();
    }

    /** Which known places would still hold if these lots were out too. */
    public static List<Hold.ByFixings> fixingsLeftAfter(StripLog log, PartId part, List<FixingLot> more) {
        if (log.placesOf(part).isEmpty()) return List.of(); // most parts, and a long log is long to go through
        var out = log.stepsNow(part).stream().flatMap(step -> step.fixings().stream());
        return fixingsLeft(log.placesOf(part), Stream.concat(out, more.stream()).toList());
    }

    /** Fills the places with what was found: first where all agrees, then where only the size turned out another. */
    private static List<Hold.ByFixings> fixingsLeft(List<FixingPlaces> places, List<FixingLot> found) {
        var counts = found.stream().mapToInt(FixingLot::count).toArray();
        var open = places.stream().mapToInt(FixingPlaces::count).toArray();
        fill(places, open, found, counts, FixingPlaces::takes);
        fill(places, open, found, counts, FixingPlaces::takesOfAnySize);
        var left = new ArrayList<Hold.ByFixings>();
        for (var i = 0; i < open.length; i++) if (open[i] > 0) left.add(new Hold.ByFixings(places.get(i), open[i]));
        return left;
    }

    /** Lessens {@code open} and {@code counts} (both modified) by what fits. */
    private static void fill(
            List<FixingPlaces> places,
            int[] open,
            List<FixingLot> found,
            int[] counts,
            BiPredicate<FixingPlaces, FixingLot> fits) {
        for (var i = 0; i < open.length; i++)
            for (var j = 0; j < counts.length && open[i] > 0; j++) {
                if (!fits.test(places.get(i), found.get(j))) continue;
                var taken = Math.min(open[i], counts[j]);
                counts[j] -= taken;
                open[i] -= taken;
            }
    }
}
