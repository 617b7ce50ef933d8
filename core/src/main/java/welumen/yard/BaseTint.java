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
 */
public record BaseTint(
        String name,
        List<Double> shares,
        double gramsPerDrop,
        String lot,
        String into,
        double share,
        List<Double> letDown)
        implements Named {
    public BaseTint {
        name = Named.checked(name, "tint");
        shares = List.copyOf(shares);
        letDown = List.copyOf(letDown);
        Reflectance.of(shares);
        if (!letDown.isEmpty()) {
            Reflectance.of(letDown);
            if (!(share > 0 && share < 1))
                throw new IllegalArgumentException("“%s” was let down by [%s].".formatted(name, share));
        }
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
