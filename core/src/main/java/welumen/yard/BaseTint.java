package welumen.yard;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import welumen.colour.Reflectance;
import welumen.colour.mix.Tint;

/**
 * A tint on the shelf, as it was measured.
 *
 * @param shares the reflectance of a film of it by itself, 31 shares
 * @param gramsPerDrop nought where it is not counted in drops
 * @param lot of the tin from which it was measured; may be empty
 * @param into the tint that it was let down into; empty where it was not
 * @param share of it in that, by mass
 * @param letDown the reflectance of that, 31 shares; empty where there is none
 * @param grams that are left; nought where nobody has weighed it
 */
public record BaseTint(
        String name,
        List<Double> shares,
        double gramsPerDrop,
        String lot,
        String into,
        double share,
        List<Double> letDown,
        double grams)
        implements Named {
    /** Grams of a tin that was used up. */
    private static final double EMPTY = 0.01;

    /** Nobody has weighed it. */
    public BaseTint(
            String name,
            List<Double> shares,
            double gramsPerDrop,
            String lot,
            String into,
            double share,
            List<Double> letDown) {
        this(name, shares, gramsPerDrop, lot, into, share, letDown, 0);
    }

    public BaseTint {
        name = Named.checked(name, "tint");
        shares = List.copyOf(shares);
        letDown = List.copyOf(letDown);
        Reflectance.of(shares);
        if (!(grams >= 0 && grams < 1e6))
            throw new IllegalArgumentException("“%s”: [%s g] cannot be on a shelf.".formatted(name, grams));
        if (!letDown.isEmpty()) {
            Reflectance.of(letDown);
            if (!(share > 0 && share < 1))
                throw new IllegalArgumentException("“%s” was let down by [%s].".formatted(name, share));
        }
    }

    /** So many grams less, where it was weighed; at the least what is still told from one that nobody has weighed. */
    BaseTint used(double weighed) {
        if (grams == 0) return this;
        var left = Math.max(EMPTY, grams - weighed);
        return new BaseTint(name, shares, gramsPerDrop, lot, into, share, letDown, left);
    }

    /** By how many grams it falls short of what a mix wants; nought where it does not, or nobody has weighed it. */
    public double isShortBy(double wanted) {
        return grams == 0 ? 0 : Math.max(0, wanted - grams);
    }

    /** As it is mixed. */
    public Tint tint() {
        return new Tint(
                name,
                Reflectance.of(shares),
                gramsPerDrop > 0 ? OptionalDouble.of(gramsPerDrop) : OptionalDouble.empty(),
                letDown.isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Tint.LetDown(into, share, Reflectance.of(letDown))));
    }
}
