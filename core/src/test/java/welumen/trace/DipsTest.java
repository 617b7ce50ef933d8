package welumen.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Fields of sixty by sixty cells of a mm, all piece but for what is put into them. */
class DipsTest {
    private static final int SIDE = 60;
    private static final int MIDDLE = 30 * SIDE + 30;

    private static float[] piece() {
        var share = new float[SIDE * SIDE];
        Arrays.fill(share, 1);
        return share;
    }

    private static int[] dips(float[] share) {
        return Dips.of(new FloorRaster(0, 0, 1, SIDE, SIDE, new float[3][0], new boolean[0]), share)
                .toArray();
    }

    @Test
    void aHoleThatNeverComesToBeGroundIsOneCell() {
        var share = piece();
        share[MIDDLE] = 0.31f;
        for (var beside : new int[] {1, -1, SIDE, -SIDE}) share[MIDDLE + beside] = 0.4f;
        assertThat(dips(share)).containsExactly(MIDDLE);
    }

    @Test
    void grainIsNoHole() {
        var share = piece();
        share[MIDDLE] = 0.5f;
        assertThat(dips(share)).isEmpty();
    }

    /** What falls toward the ground beside the piece's own edge is that edge. */
    @Test
    void anEdgeIsNoHole() {
        var share = piece();
        for (var row = 0; row < SIDE; row++) Arrays.fill(share, row * SIDE, row * SIDE + 25, 0);
        share[MIDDLE] = 0.3f;
        assertThat(dips(share)).isEmpty();
    }
}
