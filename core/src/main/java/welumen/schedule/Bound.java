package welumen.schedule;

/**
 * What no plan betters.
 *
 * @param end in seconds, before which none ends that misses no more than the best one known
 * @param missed in {@link Net#PARTS} of a second, the least that any misses
 */
public record Bound(int end, long missed) {
    /** Both hold. */
    public Bound or(Bound other) {
        return new Bound(Math.max(end, other.end), Math.max(missed, other.missed));
    }
}
