package welumen.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.shape.Point;

class PlaneTest {
    /** Aslant, in mm by half diagonals. */
    private static Plane plane(double... bend) {
        return new Plane(4000, 3000, new double[] {1200, 60, 15, -80, -1300, 7, 0.05, 0.12}, bend);
    }

    /** There and back, from corner to corner, through a barrel and through a cushion. */
    @ParameterizedTest
    @ValueSource(doubles = {0, -0.12, 0.05})
    void whatIsSeenIsSeenWhereItWas(double bend) {
        var plane = plane(bend, bend * bend);
        for (var x = 50; x < 4000; x += 390)
            for (var y = 50; y < 3000; y += 290) {
                var at = plane.toPlane(x, y);
                var back = plane.toPicture(at.x(), at.y());
                assertThat(back.x()).isCloseTo(x, within(1e-6));
                assertThat(back.y()).isCloseTo(y, within(1e-6));
            }
    }

    /** In the middle a pixel is about 1,200 by 1,300 mm over 2,500 pixels wide. */
    @Test
    void aPixelHasASize() {
        assertThat(plane(0, 0).millimetresPerPixel()).isCloseTo(Math.sqrt(1200 * 1300) / 2500, within(0.01));
    }

    /**
     * A camera 1,500 mm over the floor, 20° off straight down, its lens as long as 1.2 half diagonals: its foot and height
     * are found again from the perspective alone.
     */
    @Test
    void theCamerasFootIsFoundFromTheView() {
        var tilt = Math.toRadians(20);
        var high = 1500.0;
        var focal = 1.2;
        // floor (x, y) to lens-free picture, looking along +y
        double cos = Math.cos(tilt), sin = Math.sin(tilt);
        double[] h = {focal, 0, 0, 0, -focal * cos, focal * sin * high, 0, sin, cos * high};
        var plane = new Plane(4000, 3000, inverse(h), new double[] {0, 0});
        var parallax = Parallax.of(plane);
        assertThat(parallax.heightMm()).isCloseTo(high, within(15.0));
        assertThat(parallax.footX()).isCloseTo(0, within(1.0));
        assertThat(parallax.footY()).isCloseTo(0, within(15.0));
    }

    /** Of a map given by rows, so that its last term is one. */
    private static double[] inverse(double[] h) {
        double[] adjugate = {
            h[4] * h[8] - h[5] * h[7], h[2] * h[7] - h[1] * h[8], h[1] * h[5] - h[2] * h[4],
            h[5] * h[6] - h[3] * h[8], h[0] * h[8] - h[2] * h[6], h[2] * h[3] - h[0] * h[5],
            h[3] * h[7] - h[4] * h[6], h[1] * h[6] - h[0] * h[7], h[0] * h[4] - h[1] * h[3]
        };
        var terms = new double[8];
        for (var i = 0; i < 8; i++) terms[i] = adjugate[i] / adjugate[8];
        return terms;
    }

    /** 10 mm thick, 1,000 mm under the camera: an edge seen 300 mm from its foot lies 3 mm nearer, on the far side alone. */
    @Test
    void aThickPiecesFarEdgeIsNearerThanItLooks() {
        var parallax = new Parallax(0, 0, 1000);
        var square = Ring.every(
                List.of(new Point(100, -100), new Point(300, -100), new Point(300, 100), new Point(100, 100)), 1);
        var corrected = parallax.corrected(square, 10);
        assertThat(corrected.stream().mapToDouble(Point::x).max().orElseThrow()).isCloseTo(297, within(0.05));
        assertThat(corrected.stream().mapToDouble(Point::x).min().orElseThrow()).isCloseTo(100, within(1.1));
        assertThat(parallax.corrected(square, 0)).isEqualTo(square);
    }
}
