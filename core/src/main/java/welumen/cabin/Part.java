package welumen.cabin;

/**
 * A part of the interior.
 *
 * @param name as it is said, “left sill cover”
 * @param spot where it has its place in the unfolded cabin
 * @param material what it is made of as it came; may be empty where nobody has looked
 */
public record Part(PartId id, String name, PartKind kind, Side side, Spot spot, String material, Supply supply) {
    public Part {
        if (name.isBlank()) throw new IllegalArgumentException("The part [%s] has no name.".formatted(id));
    }

    /** The name with a capital, for the start of a line. */
    public String title() {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
