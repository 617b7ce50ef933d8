package welumen.strip;

import java.util.List;
import java.util.TreeSet;
import welumen.cabin.PartId;

/**
 * {@code part} cannot come off before one of {@code byAnyOf} has: it is covered by it, fixed through it, and so on. Where
 * it comes free by more than one way, any of them will do; several rules on one part must all be met.
 */
public record StripRule(PartId part, StripReason reason, List<PartId> byAnyOf) {
    public StripRule {
        byAnyOf = List.copyOf(new TreeSet<>(byAnyOf));
        if (byAnyOf.isEmpty()) throw new IllegalArgumentException("Nothing is named that holds [%s].".formatted(part));
        if (byAnyOf.contains(part))
            throw new IllegalArgumentException("The part [%s] cannot hold itself.".formatted(part));
    }

    public StripRule(PartId part, StripReason reason, PartId by) {
        this(part, reason, List.of(by));
    }

    /** Whether it holds no more, given what is off. */
    public boolean isMet(StripLog log) {
        return byAnyOf.stream().anyMatch(log::isOff);
    }
}
