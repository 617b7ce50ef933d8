package welumen.refit;

import welumen.cabin.PartId;

/**
 * A part that is back in the car.
 *
 * @param fixingsIn how many fixings went in
 * @param shortBecause why it was signed off with fewer than its places; empty where none is short
 */
public record PutBack(PartId part, int fixingsIn, String shortBecause) {
    public PutBack {
        if (fixingsIn < 0)
            throw new IllegalArgumentException("The count [%d] of fixings is below nought.".formatted(fixingsIn));
    }
}
