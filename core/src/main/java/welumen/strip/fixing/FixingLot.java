package welumen.strip.fixing;

/**
 * Fixings of one kind and size that were found in one place.
 *
 * @param size as the trade says it: {@code M10×25}, {@code no. 8}, {@code 3/8"}; empty where nobody measured
 * @param colour of the head that shows; empty where it does not matter
 * @param where it sat, “under the door seal”; empty where it is plain to see
 */
public record FixingLot(int count, FixingKind kind, String size, String colour, String where, Condition condition) {
    /** @throws IllegalArgumentException if the count is not from 1 to 999 */
    public FixingLot {
        if (count < 1 || count > 999)
            throw new IllegalArgumentException(
                    "The count [%d] of %s is not between 1 and 999.".formatted(count, kind.word(2)));
    }

    /** “4 bolts M10×25, black, broken”. */
    public String said() {
        var text = new StringBuilder().append(count).append(' ').append(kind.word(count));
        if (!size.isEmpty()) text.append(' ').append(size);
        if (!colour.isEmpty()) text.append(", ").append(colour);
        if (condition != Condition.GOOD) text.append(", ").append(condition.word());
        return text.toString();
    }
}
