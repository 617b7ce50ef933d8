package welumen.trace;

import boofcv.factory.fiducial.ConfigHammingMarker;
import boofcv.factory.fiducial.HammingDictionary;

/** What a target looks like: the markers of the family AprilTag 36h11 (Olson, 2011), eight cells by eight with their rim. */
public final class TargetCode {
    /** Cells to a side, the black rim of one cell with them. */
    public static final int CELLS = 8;

    static final ConfigHammingMarker FAMILY = ConfigHammingMarker.loadDictionary(HammingDictionary.APRILTAG_36h11);

    private TargetCode() {}

    /** How many there are; they are numbered from 0. */
    public static int count() {
        return FAMILY.encoding.size();
    }

    /** Whether a cell is black; rows from the top, columns from the left. */
    public static boolean[][] black(int number) {
        var pattern = FAMILY.encoding.get(number).pattern;
        var inner = FAMILY.gridWidth;
        var black = new boolean[CELLS][CELLS];
        for (var row = 0; row < CELLS; row++)
            for (var column = 0; column < CELLS; column++) {
                var isRim = row == 0 || column == 0 || row == CELLS - 1 || column == CELLS - 1;
                black[row][column] = isRim || pattern.get((inner - row) * inner + inner - column) == 0;
            }
        return black;
    }
}
