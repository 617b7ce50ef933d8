package welumen.strip;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.fixing.FixingLot;

/**
 * One step of taking apart, as it was logged.
 *
 * @param number from 1, the next free one in its job
 * @param tool empty where none was named
 * @param note what else was typed; never lost
 * @param rejoin how a joint that was destroyed is to be made again; empty where none was
 * @param photos the content hashes of its photos
 */
public record Step(
        int number,
        PartId part,
        How how,
        Outcome outcome,
        List<FixingLot> fixings,
        String tool,
        Bag bag,
        String note,
        String rejoin,
        List<String> photos) {
    public Step {
        fixings = List.copyOf(fixings);
        photos = List.copyOf(photos);
    }

    /** The same step with other photos. */
    public Step withPhotos(List<String> newPhotos) {
        return new Step(number, part, how, outcome, fixings, tool, bag, note, rejoin, newPhotos);
    }

    /** How many fixings came out in it. */
    public int cameOut() {
        return fixings.stream()
                .filter(lot -> lot.condition().cameOut())
                .mapToInt(FixingLot::count)
                .sum();
    }
}
