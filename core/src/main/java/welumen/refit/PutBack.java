package welumen.refit;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.fixing.FixingLot;

/**
 * A part that is back in the car.
 *
 * @param fixingsIn how many fixings went in
 * @param fixings which they were; empty where only their number was said
 * @param shortBecause why it was signed off with fewer than its places; empty where none is short
 * @param unfinishedBecause why it went in though it, or what it covers, was not finished; empty where all was
 */
public record PutBack(
        PartId part, int fixingsIn, List<FixingLot> fixings, String shortBecause, String unfinishedBecause) {
    public PutBack {
        fixings = List.copyOf(fixings);
        if (fixingsIn < 0)
            throw new IllegalArgumentException("The count [%d] of fixings is below nought.".formatted(fixingsIn));
        var named = fixings.stream().mapToInt(FixingLot::count).sum();
        if (!fixings.isEmpty() && named != fixingsIn)
            throw new IllegalArgumentException("[%d] fixings went in, but %d are named.".formatted(fixingsIn, named));
    }

    public PutBack(PartId part, int fixingsIn, String shortBecause) {
        this(part, fixingsIn, List.of(), shortBecause);
    }

    public PutBack(PartId part, int fixingsIn, List<FixingLot> fixings, String shortBecause) {
        this(part, fixingsIn, fixings, shortBecause, "");
    }
}
