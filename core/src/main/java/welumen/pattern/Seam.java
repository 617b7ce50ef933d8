package welumen.pattern;

/**
 * An edge of one piece sewn to an edge of another, or to another edge of the same piece.
 *
 * @param easeMm by how much the other edge is wanted longer, to be eased or gathered in
 * @param isTopstitched whether a row that shows is sewn beside it once it is joined
 */
public record Seam(Side one, Side other, double easeMm, boolean isTopstitched) {
    /** @param edge which one of the piece, from 0 */
    public record Side(String piece, int edge) {}

    /** @throws IllegalArgumentException if an edge is sewn to itself */
    public Seam {
        if (one.equals(other)) throw new IllegalArgumentException("An edge is not sewn to itself.");
    }

    boolean touches(String piece) {
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
