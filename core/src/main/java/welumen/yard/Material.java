package welumen.yard;

import welumen.treatment.Matter;

/**
 * A material that the yard works with, whether there is any of it here or not.
 *
 * @param name as it is said, “sage hide”; stock and pieces name it so
 * @param thicknessMm nought where nobody has said
 * @param supplier where it is bought; empty where nobody has said
 */
public record Material(String name, Matter matter, double thicknessMm, String supplier) implements Named {
    public Material {
        name = Named.checked(name, "material");
        if (!(thicknessMm >= 0 && thicknessMm < 200))
            throw new IllegalArgumentException("“%s”: a material of [%s mm] is none.".formatted(name, thicknessMm));
    }
}
