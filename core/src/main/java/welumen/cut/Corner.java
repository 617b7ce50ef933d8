package welumen.cut;

/**
 * The corner from which a sheet is filled.
 *
 * @param x −1 to fill from the left, +1 from the right
 * @param y −1 to fill from below, +1 from above
 * @param weight how much a mm nearer to the corner counts against a mm² of the box round all pieces
 */
record Corner(int x, int y, double weight) {
    static final Corner LOWER_LEFT = new Corner(-1, -1, 100);

    /** How far the box of a piece reaches away from the corner, in mm. */
    double distance(double[] box, Rings edge) {
        var away = x < 0 ? box[2] - edge.minX : edge.maxX - box[0];
        var up = y < 0 ? box[3] - edge.minY : edge.maxY - box[1];
        return away + up;
    }
}
