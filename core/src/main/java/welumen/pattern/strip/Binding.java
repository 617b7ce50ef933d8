package welumen.pattern.strip;

import java.util.List;
import welumen.pattern.strip.StripRuns.Run;

/**
 * How wide the strip is cut that binds an edge.
 *
 * <p>Exact for flat cloth; a bend tighter than {@value #TIGHTEST} widths wants bias.
 */
public enum Binding {
    /** Laid round the edge, its back left open. */
    LAPPED("lapped", 2),
    /** Sewn face down and turned over. */
    TURNED("sewn and turned", 3);

    /** Width in mm that goes round the edge and is trimmed behind: 6 to 10. */
    private static final double BEHIND_MM = 8;

    /** Radius, in strip widths, of the tightest bend that a straight strip goes round. */
    private static final double TIGHTEST = 1.5;

    private final String word;
    private final int times;

    Binding(String word, int times) {
        this.word = word;
        this.times = times;
    }

    public String word() {
        return word;
    }

    /**
     * The width of the strip in mm.
     *
     * @param offsetMm from the edge to the stitches
     * @param edgeMm how thick the bound edge is
     */
    public double widthMm(double offsetMm, double edgeMm) {
        if (!(offsetMm > 0 && edgeMm >= 0))
            throw new IllegalArgumentException(
                    "A binding [%s mm] in on an edge of [%s mm] is none.".formatted(offsetMm, edgeMm));
        return times * offsetMm + edgeMm + BEHIND_MM;
    }

    /** Those runs that bend more tightly than a straight strip goes round. */
    public List<Run> bent(List<Run> runs, double offsetMm, double edgeMm) {
        var smallest = smallestRadiusMm(offsetMm, edgeMm);
        return runs.stream().filter(run -> run.tightestMm() < smallest).toList();
    }

    /** The smallest radius of a curve that takes a straight strip; tighter ones want one on the bias or a nicked edge. */
    public double smallestRadiusMm(double offsetMm, double edgeMm) {
        return TIGHTEST * widthMm(offsetMm, edgeMm);
    }
}
