package welumen.pattern;

import java.util.List;

/**
 * An edge of one piece sewn to an edge of another, or to another edge of the same piece.
 *
 * @param easeMm by how much the other edge is wanted longer, to be eased or gathered in
 * @param isTopstitched whether a row that shows is sewn beside it once it is joined
 * @param matches places that are brought together, in the order of the way along the first edge; none where every share of
 *     the one meets the same share of the other
 */
public record Seam(
        Side one, Side other, double easeMm, boolean isTopstitched, List<Match> matches, Stitching stitching) {
    /**
     * @param edge which one of the piece, from 0
     * @param copy which of the two that are cut of it, 0 or 1: of a handed pair 0 is the left one; 0 where one is cut
     */
    public record Side(String piece, int edge, int copy) {
        public Side(String piece, int edge) {
            this(piece, edge, 0);
        }

        /** Whether it is the same edge as it is drawn, of whichever copy. */
        public boolean isDrawnAs(Side another) {
            return piece.equals(another.piece) && edge == another.edge;
        }
    }

    /**
     * Two places that are brought together.
     *
     * @param oneMm along the first edge, from its beginning
     * @param otherMm along the other edge, from its end, since they lie face to face
     */
    public record Match(double oneMm, double otherMm) {}

    /** @throws IllegalArgumentException if an edge is sewn to itself, or its matches run back */
    public Seam {
        matches = List.copyOf(matches);
        if (one.equals(other)) throw new IllegalArgumentException("An edge is not sewn to itself.");
        for (var i = 1; i < matches.size(); i++)
            if (!(matches.get(i).oneMm() > matches.get(i - 1).oneMm()
                    && matches.get(i).otherMm() > matches.get(i - 1).otherMm()))
                throw new IllegalArgumentException("The places of a seam that meet do not follow each other.");
    }

    public Seam(Side one, Side other, double easeMm, boolean isTopstitched) {
        this(one, other, easeMm, isTopstitched, List.of(), Stitching.USUAL);
    }

    public Seam eased(double mm) {
        return new Seam(one, other, mm, isTopstitched, matches, stitching);
    }

    public Seam matched(List<Match> others) {
        return new Seam(one, other, easeMm, isTopstitched, others, stitching);
    }

    /** The same seam between other edges. */
    public Seam between(Side a, Side b) {
        return new Seam(a, b, easeMm, isTopstitched, matches, stitching);
    }

    public Seam stitched(Stitching so) {
        return new Seam(one, other, easeMm, isTopstitched, matches, so);
    }

    /** Whether it is that seam, however it is eased or sewn now. */
    public boolean isOfTheSameEdges(Seam seam) {
        return one.equals(seam.one) && other.equals(seam.other);
    }

    public boolean touches(String piece) {
        return one.piece().equals(piece) || other.piece().equals(piece);
    }

    /** Whether both have an edge in common. */
    boolean meets(Seam another) {
        return one.equals(another.one)
                || one.equals(another.other)
                || other.equals(another.one)
                || other.equals(another.other);
    }
}
