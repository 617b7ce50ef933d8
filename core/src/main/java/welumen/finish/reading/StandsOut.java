package welumen.finish.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.treatment.whole.SeenTogether;

/**
 * What stands out from what it is seen together with, so that it is seen to before anything is ordered.
 *
 * @param from the mean of the others
 */
public record StandsOut(SeenTogether together, Reading reading, double from) {
    public static List<StandsOut> of(Cabin cabin, Readings readings) {
        var all = new ArrayList<StandsOut>();
        SeenTogether.groups(cabin).forEach((group, parts) -> {
            var set = parts.stream().map(readings::of).flatMap(Optional::stream).toList();
            Readings.odd(set).ifPresent(odd -> all.add(new StandsOut(group, odd.reading(), odd.from())));
        });
        return List.copyOf(all);
    }

    /** “rear cushion stands out from the seats by 5.3”. */
    public String said() {
        return "%s stands out from %s by %.1f".formatted(reading.what(), together.word(), from);
    }
}
