package welumen.cabin;

import java.util.Locale;

/** The name of a part within its job, as {@code left-sill-cover}. */
public record PartId(String value) implements Comparable<PartId> {
    public PartId {
        if (!value.matches("[a-z0-9]+(-[a-z0-9]+)*"))
            throw new IllegalArgumentException(
                    "The part's name [%s] is not of small letters, digits and single dashes.".formatted(value));
    }

    /**
     * The id of a part that is called so: “Left sill cover” is {@code left-sill-cover}.
     *
     * @throws IllegalArgumentException if the name has neither letter nor digit
     */
    public static PartId named(String name) {
        return new PartId(
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", ""));
    }

    @Override
    public int compareTo(PartId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
