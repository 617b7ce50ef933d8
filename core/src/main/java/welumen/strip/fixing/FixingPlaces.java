package welumen.strip.fixing;

import java.util.LinkedHashMap;
import java.util.List;

/**
 * Places where a part is known to be fixed: so many of a kind.
 *
 * @param size as in {@link FixingLot#size}; empty where it is not known
 * @param where they sit; empty where they are plain to see
 */
public record FixingPlaces(int count, FixingKind kind, String size, String where) {
    public FixingPlaces {
        if (count < 1)
            throw new IllegalArgumentException("The places [%d] of %s are below 1.".formatted(count, kind.word(2)));
    }

    /** Where these fixings sit; what was never there has no place. */
    public static List<FixingPlaces> of(List<FixingLot> lots) {
        record Where(FixingKind kind, String size, String where) {}
        var counts = new LinkedHashMap<Where, Integer>();
        for (var lot : lots)
            if (lot.condition() != Condition.NEVER_THERE)
                counts.merge(new Where(lot.kind(), lot.size(), lot.where()), lot.count(), Integer::sum);
        return counts.entrySet().stream()
                .map(entry -> new FixingPlaces(
                        entry.getValue(),
                        entry.getKey().kind(),
                        entry.getKey().size(),
                        entry.getKey().where()))
                .toList();
    }

    public boolean takes(FixingLot lot) {
        return takesOfAnySize(lot) && agrees(lot.size(), size);
    }

    public boolean takesOfAnySize(FixingLot lot) {
        return lot.kind() == kind && agrees(lot.where(), where);
    }

    private static boolean agrees(String one, String other) {
        return one.isEmpty()
                || other.isEmpty()
                || one.equalsIgnoreCase(other)
                || other.endsWith(one)
                || one.endsWith(other);
    }
}
