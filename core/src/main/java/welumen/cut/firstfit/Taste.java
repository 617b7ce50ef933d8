package welumen.cut.firstfit;

/**
 * What one way of laying out calls a good place on a hide.
 *
 * @param across how a mm away from that corner across the hide counts against one along it
 * @param box what the box round all pieces counts, for each mm² of it
 * @param leather what better leather than is needed counts, for each mm² of a piece
 */
record Taste(double across, double box, double leather) {
    /** Taste that fills row by row from the corner, and spares good leather. */
    static final Taste ROWS = new Taste(0.25, 0, 0.4);

    /** Taste that keeps the box round all pieces small. */
    static final Taste BOX = new Taste(1, 1, 0.4);

    /** Area in mm² that a mm away from the corner counts as. */
    private static final double AWAY = 1000;

    /** How far the box of a piece reaches away from the corner, in mm as this taste counts them. */
    double distance(double[] piece, Rings edge) {
        return across * (piece[2] - edge.minX) + (piece[3] - edge.minY);
    }

    /** The badness of a place in mm². */
    double badness(double distance, double boxArea, double onBetterLeather) {
        return AWAY * distance + box * boxArea + leather * onBetterLeather;
    }
}
