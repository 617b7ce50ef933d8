package welumen.colour.mix;

import java.util.Optional;
import java.util.OptionalDouble;
import welumen.colour.Reflectance;

/**
 * Something that is mixed.
 *
 * @param reflectance of a film of it by itself that hides what is under it
 * @param gramsPerDrop over 0; empty where it is not counted in drops
 * @param letDown a film of it in another, where one is known
 */
public record Tint(String id, Reflectance reflectance, OptionalDouble gramsPerDrop, Optional<LetDown> letDown) {
    /**
     * A film of so much of a tint in another.
     *
     * @param into the other tint
     * @param share by mass, over 0 and under 1
     */
    public record LetDown(String into, double share, Reflectance reflectance) {
        public LetDown {
            if (!(share > 0 && share < 1))
                throw new IllegalArgumentException("A let-down of [%s] is none: over 0 and under 1.".formatted(share));
        }
    }
}
