package welumen.cabin;

/**
 * A part of the interior.
 *
 * @param name as it is said, “left sill cover”
 * @param spot where it has its place in the unfolded cabin
 * @param material what it is made of as it came; may be empty where nobody has looked
 * @param within the assembly with which it comes off, if any
 * @param onlyWhere the feature to look for, where not every car of the model has this part; else empty
 */
public record Part(
        PartId id,
        String name,
        PartKind kind,
        Side side,
        Spot spot,
        String material,
        Supply supply,
        Within within,
        String onlyWhere) {
    public Part {
        if (name.isBlank()) throw new IllegalArgumentException("The part [%s] has no name.".formatted(id));
        if (within instanceof Within.Assembly(var assembly) && assembly.equals(id))
            throw new IllegalArgumentException("The part [%s] cannot be a part of itself.".formatted(id));
    }

    /** A part of the car itself that every car of the model has. */
    public Part(PartId id, String name, PartKind kind, Side side, Spot spot, String material, Supply supply) {
        this(id, name, kind, side, spot, material, supply, new Within.TheCar(), "");
    }

    public Part withMaterial(String newMaterial) {
        return new Part(id, name, kind, side, spot, newMaterial, supply, within, onlyWhere);
    }

    public Part withSupply(Supply newSupply) {
        return new Part(id, name, kind, side, spot, material, newSupply, within, onlyWhere);
    }

    public Part within(PartId assembly) {
        return new Part(id, name, kind, side, spot, material, supply, new Within.Assembly(assembly), onlyWhere);
    }

    public Part onlyWhere(String feature) {
        return new Part(id, name, kind, side, spot, material, supply, within, feature);
    }

    /** The name with a capital, for the start of a line. */
    public String title() {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
