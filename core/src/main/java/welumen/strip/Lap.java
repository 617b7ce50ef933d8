package welumen.strip;

import welumen.cabin.PartId;

/**
 * One part lies over the edge of another.
 *
 * @param byMm how far it reaches over the edge, above 0
 * @param tucked whether the edge beneath is tucked in, not only covered
 */
public record Lap(PartId over, PartId under, double byMm, boolean tucked) {
    public Lap {
        if (over.equals(under)) throw new IllegalArgumentException("The part [%s] cannot lap itself.".formatted(over));
        if (!(byMm > 0) || byMm > 1000)
            throw new IllegalArgumentException("A lap of %s mm is not between 0 and 1000 mm.".formatted(byMm));
    }
}
