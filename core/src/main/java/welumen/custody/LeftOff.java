package welumen.custody;

import welumen.cabin.PartId;

/**
 * A part that is left off on purpose, so that something can still be got at.
 *
 * @param because why, in words
 * @param before the part with which it would be shut in: whoever fits that is told first
 */
public record LeftOff(PartId part, String because, PartId before) {
    public LeftOff {
        if (part.equals(before))
            throw new IllegalArgumentException("The part [%s] cannot be left off until itself.".formatted(part));
    }
}
