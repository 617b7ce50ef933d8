package welumen.cut.leather;

/** How leather is sold, with the hides one can expect of it before any has been seen. */
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

    /** Of a hide, on the mean. */
    public double meanMm2() {
        return meanMm2;
    }

    /** The standard deviation. */
    public double spreadMm2() {
        return spreadMm2;
    }

    /** Of a hide, on the mean. */
    public double flaws() {
        return flaws;
    }
}
