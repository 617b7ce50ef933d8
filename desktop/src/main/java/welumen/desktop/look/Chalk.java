package welumen.desktop.look;

import java.util.List;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polyline;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * Draws shapes in millimetres, y up, into a pane in pixels, y down.
 *
 * @param scale pixels for a millimetre
 * @param left where x = 0 of the shapes lies, in pixels
 * @param base where y = 0 of the shapes lies, in pixels
 */
public record Chalk(double scale, double left, double base) {

    /** So that a box fills a field of so many pixels, in its middle. */
    public static Chalk fitting(Box box, double x, double y, double width, double height) {
        var scale = Math.min(width / Math.max(1, box.width()), height / Math.max(1, box.height()));
        var left = x + (width - box.width() * scale) / 2 - box.minX() * scale;
        var base = y + (height + box.height() * scale) / 2 + box.minY() * scale;
        return new Chalk(scale, left, base);
    }

    public double x(double mm) {
        return left + mm * scale;
    }

    public double y(double mm) {
        return base - mm * scale;
    }

    /** The place in millimetres under a pixel. */
    public Point at(double x, double y) {
        return new Point((x - left) / scale, (base - y) / scale);
    }

    public Path draw(Shape shape, String style) {
        var path = new Path();
        path.setFillRule(FillRule.EVEN_ODD);
        ring(path, shape.outline());
        for (var hole : shape.holes()) ring(path, hole);
        path.getStyleClass().add(style);
        return path;
    }

    public Path draw(Outline outline, String style) {
        return draw(new Shape(outline), style);
    }

    public Polyline draw(List<Point> line, String style) {
        var polyline = new Polyline();
        for (var point : line) polyline.getPoints().addAll(x(point.x()), y(point.y()));
        polyline.getStyleClass().add(style);
        return polyline;
    }

    private void ring(Path path, Outline outline) {
        var first = outline.corners().getFirst();
        path.getElements().add(new MoveTo(x(first.x()), y(first.y())));
        for (var corner : outline.corners().subList(1, outline.corners().size()))
            path.getElements().add(new LineTo(x(corner.x()), y(corner.y())));
        path.getElements().add(new ClosePath());
    }
}
