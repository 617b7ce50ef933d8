package welumen.pattern;

import java.util.NoSuchElementException;
import welumen.pattern.piece.Piece;

/**
 * Two edges that are sewn to each other, compared along the stitch line.
 *
 * @param oneMm the length of one
 * @param otherMm the length of the other
 * @param easeMm by how much the other is wanted longer, to be eased or gathered in
 */
public record SeamWalk(double oneMm, double otherMm, double easeMm) {
    private static final double LEAST_MM = 2;
    private static final double SHARE = 0.005;

    /** @throws NoSuchElementException if one of its pieces is gone; patterns keep no such seam */
    public static SeamWalk of(Patterns patterns, Seam seam) {
        return of(
                patterns.findOne(seam.one().piece()).orElseThrow(),
                seam.one().edge(),
                patterns.findOne(seam.other().piece()).orElseThrow(),
                seam.other().edge(),
                seam.easeMm());
    }

    public static SeamWalk of(Piece one, int edge, Piece other, int otherEdge, double easeMm) {
        return new SeamWalk(one.lengthMm(edge), other.lengthMm(otherEdge), easeMm);
    }

    /** By how much the other edge is too long, in mm; below nought where it is too short. */
    public double offMm() {
        return otherMm - oneMm - easeMm;
    }

    /** How much may be off: 2 mm, or half a per cent where that is more. */
    public double toleranceMm() {
        return Math.max(LEAST_MM, SHARE * Math.max(oneMm, otherMm));
    }

    public boolean walks() {
        return Math.abs(offMm()) <= toleranceMm();
    }
}
