package welumen.cut;

import java.util.random.RandomGenerator;

/**
 * What one way of laying out calls a good place on a hide.
 *
 * @param x −1 to fill from the left, +1 from the right
 * @param y −1 to fill from below, +1 from above
 * @param across how a mm away from that corner across the hide counts against one along it
 * @param box what the box round all pieces counts, for each mm² of it
 * @param leather what better leather than is needed counts, for each mm² of a piece
 */
record Taste(int x, int y, double across, double box, double leather) {
    /** Fills row by row from the corner, and spares good leather. */
    static final Taste ROWS = new Taste(-1, -1, 0.25, 0, 0.4);

    /** Keeps the box round all pieces small. */
    static final Taste BOX = new Taste(-1, -1, 1, 1, 0.4);

    /** What a mm away from the corner counts, in mm². */
    private static final double AWAY = 1000;

    /** Some taste or other. */
    static Taste any(RandomGenerator random) {
        return new Taste(
                random.nextBoolean() ? -1 : 1,
                random.nextBoolean() ? -1 : 1,
                Math.pow(2, random.nextInt(7) - 3),
                random.nextInt(3) == 0 ? 1 : 0,
                random.nextInt(4) * 0.4);
    }

    /** How far the box of a piece reaches away from the corner, in mm as this taste counts them. */
    double distance(double[] piece, Rings edge) {
        var along = x < 0 ? piece[2] - edge.minX : edge.maxX - piece[0];
        var up = y < 0 ? piece[3] - edge.minY : edge.maxY - piece[1];
        return across * along + up;
    }

    /** The badness of a place in mm². */
    double badness(double distance, double boxArea, double onBetterLeather) {
        return AWAY * distance + box * boxArea + leather * onBetterLeather;
    }
}
