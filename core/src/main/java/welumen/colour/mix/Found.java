package welumen.colour.mix;

import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * A mix that was found.
 *
 * @param tints their numbers, rising
 * @param shares of them, by mass; their sum is 1
 * @param difference under daylight
 * @param lamplight the difference under it, where it is known
 */
record Found(int[] tints, double[] shares, double difference, OptionalDouble lamplight) {
    static Found of(Film film, Aim aim, int[] tints, double[] masses) {
        var whole = Arrays.stream(masses).sum();
        var shares = Arrays.stream(masses).map(mass -> mass / whole).toArray();
        var mixed = film.shares(tints, shares);
        return new Found(tints, shares, aim.difference(mixed), aim.underLamplight(mixed));
    }

    /** By which mixes of as many tints are told apart: what agrees under both lamps is the better one. */
    double score() {
        return difference + Aim.LAMPLIGHT * lamplight.orElse(0);
    }

    boolean isOf(Found other) {
        return Arrays.equals(tints, other.tints);
    }
}
