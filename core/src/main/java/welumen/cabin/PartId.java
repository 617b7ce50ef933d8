package welumen.cabin;

/** The name of a part within its job, as {@code left-sill-cover}. */
public record PartId(String value) implements Comparable<PartId> {
    public PartId {
        if (!value.matches("[a-z0-9]+(-[a-z0-9]+)*"))
            throw new IllegalArgumentException(
                    "The part's name [%s] is not of small letters, digits and single dashes.".formatted(value));
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
