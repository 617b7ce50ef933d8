package welumen.finish.coat;

/** What is coated. */
public enum Ground {
    HARD_PLASTIC("hard plastic", false, 400),
    SOFT_PLASTIC("soft plastic", true, 800),
    VINYL("vinyl", true, 800),
    LEATHER("leather", true, 600),
    METAL("metal", false, 320),
    WOOD("wood", false, 240);

    private final String word;
    private final boolean bends;
    private final int grit;

    Ground(String word, boolean bends, int grit) {
        this.word = word;
        this.bends = bends;
        this.grit = grit;
    }

    public String word() {
        return word;
    }

    /** Whether it bends, and wants a system that bends with it. */
    public boolean bends() {
        return bends;
    }

    /** The grit that keys it. */
    public int grit() {
        return grit;
    }
}
