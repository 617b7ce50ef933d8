package welumen.pattern.piece;

/** What becomes of an edge, and the allowance it usually gets outside the finished line, in mm. */
public enum EdgeFinish {
    SEWN("sewn seam", 10, 1),
    PIPED("sewn to piping", 10, 2),
    FRENCH("French seam", 13, 3),
    HEM("turned hem", 20, 1),
    BOUND("bound edge", 0, 1),
    WRAPPED("wrapped over board", 25, 0),
    TUCKED("tucked under a lip", 12, 0),
    RAW("raw or butted", 0, 0),
    TRIMMED_IN_PLACE("trimmed in place", 40, 0),
    CUFF("listing cuff", 40, 1);

    private final String word;
    private final double allowanceMm;
    private final int rows;

    EdgeFinish(String word, double allowanceMm, int rows) {
        this.word = word;
        this.allowanceMm = allowanceMm;
        this.rows = rows;
    }

    public String word() {
        return word;
    }

    public double allowanceMm() {
        return allowanceMm;
    }

    /** How many rows of stitches run along such an edge. */
    public int rows() {
        return rows;
    }

    /** Whether another piece is sewn on here, so that two pieces share its rows. */
    public boolean isShared() {
        return this == SEWN || this == PIPED || this == FRENCH;
    }
}
