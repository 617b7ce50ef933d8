package welumen.refit;

import java.util.Map;
import java.util.TreeMap;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.reach.Covering;

/**
 * A part on the car that lies over something that is held: it must come off again before anybody can see to what is held.
 *
 * @param held what is held
 * @param because why
 */
public record Frozen(PartId held, String because) {
    /**
     * By part, of those that lie over what is held.
     *
     * @param holds what was found and stops the work, by part
     */
    public static Map<PartId, Frozen> over(Cabin cabin, StripLog log, Map<PartId, String> holds) {
        var frozen = new TreeMap<PartId, Frozen>();
        holds.forEach((held, because) -> {
            for (var part : Covering.over(log, held))
                if (cabin.findOne(part).isPresent() && !holds.containsKey(part))
                    frozen.putIfAbsent(part, new Frozen(held, because));
        });
        return frozen;
    }
}
