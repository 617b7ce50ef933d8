package welumen.trace;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/**
 * Where the upper edge of a thick piece stands over the plane, it is seen farther from the camera's foot than it is. On the
 * side that is turned to the camera its lower edge is seen, and is where it is.
 *
 * @param footX the camera's foot on the plane
 * @param heightMm of the camera over it
 */
record Parallax(double footX, double footY, double heightMm) {
    private static final double USUAL_FOCAL = 1.2;
    private static final double FOCAL_VARIES = 0.35;
    private static final double SURE = 0.004;

    /**
     * The camera's place from the perspective (Zhang, 2000). How long its lens is follows from a tilted view; from straight
     * above it does not, and a usual one is taken.
     */
    static Parallax of(Plane plane) {
        var h = plane.inverse();
        var best = USUAL_FOCAL;
        var least = Double.MAX_VALUE;
        for (var focal = 0.5; focal < 5; focal *= 1.01) {
            var misfit = misfit(h, focal);
            if (misfit < least) {
                least = misfit;
                best = focal;
            }
        }
        return placed(h, best);
    }

    private static double misfit(double[] h, double focal) {
        double[] a = {h[0] / focal, h[3] / focal, h[6]};
        double[] b = {h[1] / focal, h[4] / focal, h[7]};
        var size = (dot(a, a) + dot(b, b)) / 2;
        var skew = dot(a, b) / size / SURE;
        var uneven = (dot(a, a) - dot(b, b)) / size / SURE;
        var unusual = Math.log(focal / USUAL_FOCAL) / FOCAL_VARIES;
        return skew * skew + uneven * uneven + unusual * unusual;
    }

    private static Parallax placed(double[] h, double focal) {
        double[] a = {h[0] / focal, h[3] / focal, h[6]};
        double[] b = {h[1] / focal, h[4] / focal, h[7]};
        double[] t = {h[2] / focal, h[5] / focal, h[8]};
        var size = Math.sqrt(Math.sqrt(dot(a, a) * dot(b, b)));
        for (var i = 0; i < 3; i++) {
            a[i] /= size;
            b[i] /= size;
            t[i] /= size;
        }
        double[] c = {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
        return new Parallax(-dot(a, t), -dot(b, t), Math.abs(dot(c, t)));
    }

    private static double dot(double[] one, double[] other) {
        return one[0] * other[0] + one[1] * other[1] + one[2] * other[2];
    }

    /** How much of what lies on the plane there a wall of that height hides, in mm away from the camera's foot. */
    double hiddenMm(Point at, double thicknessMm) {
        return at.to(new Point(footX, footY)) * thicknessMm / (heightMm - thicknessMm);
    }

    /** @param ring as seen on the plane, with the piece to its left */
    List<Point> corrected(List<Point> ring, double thicknessMm) {
        if (thicknessMm == 0) return ring;
        var normals = Ring.normals(Ring.evened(ring, 2));
        var foot = new Point(footX, footY);
        var shrink = (heightMm - thicknessMm) / heightMm;
        var corrected = new ArrayList<Point>(ring.size());
        for (var i = 0; i < ring.size(); i++) {
            var away = ring.get(i).minus(foot);
            var isFar =
                    away.x() * normals.get(i).x() + away.y() * normals.get(i).y() > 0;
            corrected.add(isFar ? foot.plus(away.times(shrink)) : ring.get(i));
        }
        return corrected;
    }
}
