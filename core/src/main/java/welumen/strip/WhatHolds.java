package welumen.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.PartId;

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
                .filter(rule -> rule.part().equals(part) && !log.isOff(rule.by()))
                .<Hold>map(rule -> new Hold.ByPart(rule.reason(), rule.by()));
        return Stream.concat(parts, fixingsLeft(log.placesOf(part), log.foundOn(part)).stream())
                .toList();
    }

    /** Which known places would still hold if these lots were out too. */
    public static List<Hold.ByFixings> fixingsLeftAfter(StripLog log, PartId part, List<FixingLot> more) {
        return fixingsLeft(
                log.placesOf(part),
                Stream.concat(log.foundOn(part).stream(), more.stream()).toList());
    }

    private static List<Hold.ByFixings> fixingsLeft(List<FixingPlaces> places, List<FixingLot> found) {
        var counts = found.stream().mapToInt(FixingLot::count).toArray();
        var left = new ArrayList<Hold.ByFixings>();
        for (var place : places) {
            var open = place.count();
            for (var i = 0; i < counts.length && open > 0; i++) {
                if (!place.takes(found.get(i))) continue;
                var taken = Math.min(open, counts[i]);
                counts[i] -= taken;
                open -= taken;
            }
            if (open > 0) left.add(new Hold.ByFixings(place, open));
        }
        return left;
    }
}
