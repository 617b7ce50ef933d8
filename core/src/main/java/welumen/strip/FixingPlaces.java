package welumen.strip;

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

    boolean takes(FixingLot lot) {
        return takesOfAnySize(lot) && agrees(lot.size(), size);
    }

    boolean takesOfAnySize(FixingLot lot) {
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
