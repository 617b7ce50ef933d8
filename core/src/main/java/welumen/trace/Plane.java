package welumen.trace;

import welumen.shape.Point;
import welumen.trace.Target.Pixel;

/**
 * How a photo shows one plane: a perspective map after a radial lens term (Brown, 1971) about the photo's middle. The plane
 * is in mm, y up as one looks at it from the camera.
 *
 * @param terms the perspective from lens-free places, in half diagonals of the photo from its middle, to mm: eight terms
 * @param bend the lens: a place at radius r is seen at r·(1 + bend[0]·r² + bend[1]·r⁴)
 */
record Plane(int width, int height, double[] terms, double[] bend) {
    private static final int ROUNDS = 30;

    private double radius() {
        return Math.sqrt((double) width * width + (double) height * height)
                / 2; // asked for every place that is looked at
    }

    /** Where a place in the photo lies on the plane. */
    Point toPlane(double x, double y) {
        var u = (x - width / 2.0) / radius();
        var v = (y - height / 2.0) / radius();
        var shrink = unbent(Math.hypot(u, v));
        return flat(u * shrink, v * shrink);
    }

    private Point flat(double u, double v) {
        var t = terms;
        var w = t[6] * u + t[7] * v + 1;
        return new Point((t[0] * u + t[1] * v + t[2]) / w, (t[3] * u + t[4] * v + t[5]) / w);
    }

    /** By what a radius as seen is to be multiplied to be that without the lens. */
    private double unbent(double seen) {
        var r = seen;
        for (var i = 0; i < ROUNDS; i++) {
            var r2 = r * r;
            var off = r * (1 + bend[0] * r2 + bend[1] * r2 * r2) - seen;
            var slope = 1 + 3 * bend[0] * r2 + 5 * bend[1] * r2 * r2;
            if (Math.abs(off) < 1e-12 || slope < 0.05) break;
            r -= off / slope;
        }
        return seen == 0 ? 1 : r / seen;
    }

    /** Where a place of the plane is seen in the photo. */
    Pixel toPicture(double x, double y) {
        var inverse = inverse();
        return toPicture(x, y, inverse);
    }

    Pixel toPicture(double x, double y, double[] inverse) {
        var w = inverse[6] * x + inverse[7] * y + inverse[8];
        var u = (inverse[0] * x + inverse[1] * y + inverse[2]) / w;
        var v = (inverse[3] * x + inverse[4] * y + inverse[5]) / w;
        var r2 = u * u + v * v;
        var grow = radius() * (1 + bend[0] * r2 + bend[1] * r2 * r2);
        return new Pixel(width / 2.0 + u * grow, height / 2.0 + v * grow);
    }

    /** The perspective the other way, by its adjugate. */
    double[] inverse() {
        var t = terms;
        return new double[] {
            t[4] - t[5] * t[7],
            t[2] * t[7] - t[1],
            t[1] * t[5] - t[2] * t[4],
            t[5] * t[6] - t[3],
            t[0] - t[2] * t[6],
            t[2] * t[3] - t[0] * t[5],
            t[3] * t[7] - t[4] * t[6],
            t[1] * t[6] - t[0] * t[7],
            t[0] * t[4] - t[1] * t[3]
        };
    }

    /** How many mm a pixel covers about the photo's middle. */
    double millimetresPerPixel() {
        var a = toPlane(width / 2.0 - 1, height / 2.0);
        var b = toPlane(width / 2.0 + 1, height / 2.0);
        var c = toPlane(width / 2.0, height / 2.0 - 1);
        var d = toPlane(width / 2.0, height / 2.0 + 1);
        var e = b.minus(a);
        var f = d.minus(c);
        return Math.sqrt(Math.abs(e.x() * f.y() - e.y() * f.x()) / 4);
    }
}
