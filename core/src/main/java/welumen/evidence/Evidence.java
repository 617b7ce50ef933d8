package welumen.evidence;

import java.util.List;
import welumen.cabin.PartId;

/**
 * Something that shows what the car was like as it left the works.
 *
 * @param number from 1, the next free one in its job
 * @param shows what it shows, “sage, unfaded, twin stitch”
 * @param where it was found, and under what
 * @param reading a colour's reading or a code, as read; may be empty
 * @param speaksFor the parts about which it says something
 * @param photos the content hashes of its photos
 */
public record Evidence(
        int number,
        String shows,
        String where,
        String reading,
        Strength strength,
        List<PartId> speaksFor,
        List<String> photos) {
    public Evidence {
        speaksFor = List.copyOf(speaksFor);
        photos = List.copyOf(photos);
        if (shows.isBlank()) throw new IllegalArgumentException("Say what the evidence shows.");
    }
}
