package welumen.strip.reach;

import java.util.Collection;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.Side;

/** A part's fellow on the other side of the car: as long as it is whole, it shows how this one goes together. */
public final class OtherSide {
    private OtherSide() {}

    /** The fellow by name, “right front seat” for “left front seat”; empty in the middle, or where the car has none. */
    public static Optional<Part> of(Cabin cabin, Part part) {
        if (part.side() == Side.MIDDLE) return Optional.empty();
        var other = part.side() == Side.LEFT ? Side.RIGHT : Side.LEFT;
        var name = part.name().replaceFirst("\\b" + part.side().word() + "\\b", other.word());
        return cabin.parts().stream()
                .filter(one -> one.side() == other && one.name().equals(name))
                .findFirst();
    }

    /** The fellow, if it is among the parts that are out. */
    public static Optional<Part> out(Cabin cabin, Part part, Collection<PartId> out) {
        return of(cabin, part).filter(other -> out.contains(other.id()));
    }
}
