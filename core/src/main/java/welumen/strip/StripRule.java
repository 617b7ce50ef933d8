package welumen.strip;

import welumen.cabin.PartId;

/** {@code part} cannot come off while {@code by} is there: it is covered by it, fixed through it, and so on. */
public record StripRule(PartId part, StripReason reason, PartId by) {
    public StripRule {
        if (part.equals(by)) throw new IllegalArgumentException("The part [%s] cannot hold itself.".formatted(part));
    }
}
