package welumen.trace;

import java.util.stream.IntStream;

/**
 * Small holes in a photo whose pixels are nearly as large: there the piece's tone falls toward the ground's without ever
 * reaching it. Each is a cell that is lowest among its neighbours and less than half piece, with nothing but piece all round.
 */
final class Dips {
    private static final float LESS_THAN_HALF = 0.42f;
    private static final float ALL_PIECE = 0.8f;
    /** Radius in mm that lies farther out than the edge of a hole that can be seen so. */
    private static final double ROUND_MM = 11;

    private static final int ROUND = 24;
    private static final int NEIGHBOURS = 2;

    private Dips() {}

    /** @param share how far each cell is on the way from ground to piece, 0 to 1 */
    static IntStream of(FloorRaster floor, float[] share) {
        var rim = (int) Math.ceil(ROUND_MM / floor.cell()) + 1;
        return IntStream.range(rim, floor.rows() - rim)
                .parallel()
                .flatMap(row -> IntStream.range(row * floor.columns() + rim, (row + 1) * floor.columns() - rim)
                        .filter(at -> share[at] < LESS_THAN_HALF)
                        .filter(at -> isLowest(share, at, floor.columns()) && isInPiece(share, at, floor)));
    }

    private static boolean isLowest(float[] share, int at, int columns) {
        for (var up = -NEIGHBOURS; up <= NEIGHBOURS; up++)
            for (var across = -NEIGHBOURS; across <= NEIGHBOURS; across++)
                if (share[at + up * columns + across] < share[at]) return false;
        return true;
    }

    private static boolean isInPiece(float[] share, int at, FloorRaster floor) {
        for (var i = 0; i < ROUND; i++) {
            var angle = 2 * Math.PI * i / ROUND;
            var across = (int) Math.round(ROUND_MM / floor.cell() * Math.cos(angle));
            var up = (int) Math.round(ROUND_MM / floor.cell() * Math.sin(angle));
            if (share[at + up * floor.columns() + across] < ALL_PIECE) return false;
        }
        return true;
    }
}
