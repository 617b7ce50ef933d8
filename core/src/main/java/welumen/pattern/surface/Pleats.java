package welumen.pattern.surface;

/**
 * Folded pleats across a panel, all seen equally wide: between two of them the cloth goes under and comes back.
 *
 * @param widthMm of a pleat as it is seen
 * @param foldMm how deep the cloth goes under
 */
public record Pleats(int count, double widthMm, double foldMm) {
    /** The number whose width comes nearest to the wanted one. */
    public static Pleats across(double panelMm, double wantedMm, double foldMm) {
        var whole = Flutes.across(panelMm, wantedMm, 1);
        return new Pleats(whole.count(), whole.widthMm(), foldMm);
    }

    /** There is one fold fewer than there are pleats: the outermost end in the seams. */
    public int folds() {
        return count - 1;
    }

    /** How much more cloth that takes across, in mm. */
    public double extraMm() {
        return 2 * foldMm * folds();
    }
}
