package welumen.cut.nest.separation;

/**
 * How closely circles are fitted into shapes: closely where pieces are to be separated, for those say how deep they lie in each
 * other; coarsely where they are only laid beside each other, which their sides alone decide.
 */
public enum Resolution {
    COARSE(5, 8, 1, 14),
    FINE(10, 90, 6, 36);

    /** At the most, in a piece. */
    final int piecePoles;
    /** In what lies outside a hide. */
    final int rimPoles;

    final int flawPoles;
    /** Places tried along the longer side of a shape. */
    final int across;

    Resolution(int piecePoles, int rimPoles, int flawPoles, int across) {
        this.piecePoles = piecePoles;
        this.rimPoles = rimPoles;
        this.flawPoles = flawPoles;
        this.across = across;
    }
}
