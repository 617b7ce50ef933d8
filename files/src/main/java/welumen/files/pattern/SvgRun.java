package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.ParseException;
import welumen.shape.Bezier;
import welumen.shape.Point;

/**
 * Draws what a path's data say, one line from its beginning to its end. Curves by our own chords, since an arc of
 * the library's, of radius 50, was seen 0.2 mm off.
 */
final class SvgRun extends DefaultPathHandler {
    private static final double SAG_MM = 0.004;

    private final int most;
    private final List<Point> points = new ArrayList<>();
    /** Where the last curve came from, for one that goes on smoothly. */
    private Point handle = new Point(0, 0);

    private boolean wasCubic;
    private boolean wasQuadratic;

    SvgRun(int most) {
        this.most = most;
    }

    /** In the file's y turned up. */
    List<Point> points() {
        return points.stream()
                .map(point -> new Point(point.x(), -point.y() + 0.0))
                .toList();
    }

    private Point here() {
        return points.isEmpty() ? new Point(0, 0) : points.getLast();
    }

    private Point relative(double x, double y) {
        return here().plus(new Point(x, y));
    }

    private void line(Point to) {
        wasCubic = false;
        wasQuadratic = false;
        add(to);
    }

    private void add(Point to) {
        if (points.size() >= most) throw new ParseException("too many points", 0, 0);
        points.add(to);
    }

    private void begin(Point at) {
        if (!points.isEmpty()) throw new ParseException("a second line", 0, 0);
        line(at);
    }

    private void cubic(Point b, Point c, Point to) {
        var curve = new Bezier(here(), b, c, to).points(SAG_MM);
        for (var point : curve.subList(1, curve.size())) add(point);
        line(to);
        handle = c;
        wasCubic = true;
    }

    private void quadratic(Point through, Point to) {
        var from = here();
        cubic(
                from.plus(through.minus(from).times(2.0 / 3)),
                to.plus(through.minus(to).times(2.0 / 3)),
                to);
        handle = through;
        wasCubic = false;
        wasQuadratic = true;
    }

    private Point mirrored(boolean isSmooth) {
        return isSmooth ? here().times(2).minus(handle) : here();
    }

    /** From the ends to the centre as the SVG specification has it, appendix B.2.4. */
    private void arc(double rx, double ry, double degrees, boolean large, boolean sweep, Point to) {
        var from = here();
        if (from.equals(to)) return;
        rx = Math.abs(rx);
        ry = Math.abs(ry);
        if (rx == 0 || ry == 0) {
            line(to);
            return;
        }
        var cos = Math.cos(Math.toRadians(degrees));
        var sin = Math.sin(Math.toRadians(degrees));
        var half = from.minus(to).times(0.5);
        var x = cos * half.x() + sin * half.y();
        var y = cos * half.y() - sin * half.x();
        var small = Math.sqrt(x * x / (rx * rx) + y * y / (ry * ry));
        if (small > 1) {
            rx *= small;
            ry *= small;
        }
        var below = rx * rx * y * y + ry * ry * x * x;
        var share = Math.sqrt(Math.max(0, (rx * rx * ry * ry - below) / below)) * (large == sweep ? -1 : 1);
        var centreX = share * rx * y / ry;
        var centreY = -share * ry * x / rx;
        var start = Math.atan2((y - centreY) / ry, (x - centreX) / rx);
        var turn = Math.atan2((-y - centreY) / ry, (-x - centreX) / rx) - start;
        if (sweep && turn < 0) turn += 2 * Math.PI;
        if (!sweep && turn > 0) turn -= 2 * Math.PI;
        var middle = from.plus(to).times(0.5);
        var count = (int) Math.ceil(Math.abs(turn)
                / (2 * Math.acos(Math.max(0, 1 - SAG_MM / Math.max(SAG_MM, Math.max(rx, ry))))));
        for (var i = 1; i < count; i++) {
            var angle = start + turn * i / count;
            var ex = centreX + rx * Math.cos(angle);
            var ey = centreY + ry * Math.sin(angle);
            add(middle.plus(new Point(cos * ex - sin * ey, sin * ex + cos * ey)));
        }
        line(to);
    }

    @Override
    public void movetoAbs(float x, float y) {
        begin(new Point(x, y));
    }

    @Override
    public void movetoRel(float x, float y) {
        begin(relative(x, y));
    }

    @Override
    public void linetoAbs(float x, float y) {
        line(new Point(x, y));
    }

    @Override
    public void linetoRel(float x, float y) {
        line(relative(x, y));
    }

    @Override
    public void linetoHorizontalAbs(float x) {
        line(new Point(x, here().y()));
    }

    @Override
    public void linetoHorizontalRel(float x) {
        line(relative(x, 0));
    }

    @Override
    public void linetoVerticalAbs(float y) {
        line(new Point(here().x(), y));
    }

    @Override
    public void linetoVerticalRel(float y) {
        line(relative(0, y));
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float x, float y) {
        cubic(new Point(x1, y1), new Point(x2, y2), new Point(x, y));
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float x, float y) {
        cubic(relative(x1, y1), relative(x2, y2), relative(x, y));
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float x, float y) {
        cubic(mirrored(wasCubic), new Point(x2, y2), new Point(x, y));
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float x, float y) {
        cubic(mirrored(wasCubic), relative(x2, y2), relative(x, y));
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float x, float y) {
        quadratic(new Point(x1, y1), new Point(x, y));
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float x, float y) {
        quadratic(relative(x1, y1), relative(x, y));
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float x, float y) {
        quadratic(mirrored(wasQuadratic), new Point(x, y));
    }

    @Override
    public void curvetoQuadraticSmoothRel(float x, float y) {
        quadratic(mirrored(wasQuadratic), relative(x, y));
    }

    @Override
    public void arcAbs(float rx, float ry, float degrees, boolean large, boolean sweep, float x, float y) {
        arc(rx, ry, degrees, large, sweep, new Point(x, y));
    }

    @Override
    public void arcRel(float rx, float ry, float degrees, boolean large, boolean sweep, float x, float y) {
        arc(rx, ry, degrees, large, sweep, relative(x, y));
    }
}
