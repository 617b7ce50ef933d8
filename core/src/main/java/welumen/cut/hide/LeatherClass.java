package welumen.cut.hide;

/** How leather is sold, with the hides one can expect of it; learnt further from the workshop's own. */
public enum LeatherClass {
    SELECTED("selected", 4.9e6, 0.25e6, 6),
    STANDARD("standard", 4.75e6, 0.32e6, 12),
    ECONOMY("economy", 4.6e6, 0.4e6, 22);

    private final String word;
    private final double meanMm2;
    private final double spreadMm2;
    private final double flaws;

    LeatherClass(String word, double meanMm2, double spreadMm2, double flaws) {
        this.word = word;
        this.meanMm2 = meanMm2;
        this.spreadMm2 = spreadMm2;
        this.flaws = flaws;
    }

    public String word() {
        return word;
    }

    /** The hides of it, before any has been seen. */
    public Population population() {
        return new Population(meanMm2, spreadMm2, flaws, 0);
    }
}
