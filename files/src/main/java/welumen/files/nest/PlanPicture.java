package welumen.files.nest;

import java.util.Locale;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** A plan as an SVG picture in mm, the opened sheets one above the other. */
public final class PlanPicture {
    private static final double MARGIN = 40;

    private PlanPicture() {}

    public static String svg(CutProblem problem, CutPlan plan) {
        var body = new StringBuilder();
        var top = MARGIN;
        var width = 0.0;
        for (var use : plan.sheets()) {
            var stock = problem.stock(use.stock());
            var box = stock.shape().outline().box();
            var length = use.usedLength() > 0 ? use.usedLength() + MARGIN : box.width();
            body.append(String.format(
                    Locale.ROOT,
                    "<g transform=\"translate(%.3f %.3f) scale(1 -1)\">%n",
                    MARGIN - box.minX(),
                    top + box.maxY()));
            sheet(body, problem, plan, stock);
            body.append("</g>\n");
            width = Math.max(width, length);
            top += box.height() + MARGIN;
        }
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.3f %.3f\">%n%s</svg>%n",
                width + 2 * MARGIN,
                top,
                width + 2 * MARGIN,
                top,
                body);
    }

    private static void sheet(StringBuilder body, CutProblem problem, CutPlan plan, Stock stock) {
        path(body, stock.id(), stock.shape(), "#24433B", "#B4C3BA");
        for (var zone : stock.zones())
            path(body, "grade " + zone.grade(), new Shape(zone.outline()), "none", "#B4C3BA");
        for (var placement : plan.on(stock.id()))
            path(
                    body,
                    problem.piece(placement.piece()).nameOf(placement.copy()),
                    placement.pose().apply(problem.piece(placement.piece()).shape()),
                    "#F3EFE4",
                    "#22272B");
    }

    private static void path(StringBuilder body, String title, Shape shape, String fill, String line) {
        var d = new StringBuilder(ring(shape.outline()));
        for (var hole : shape.holes()) d.append(ring(hole));
        body.append(
                "<path fill-rule=\"evenodd\" fill=\"%s\" stroke=\"%s\" stroke-width=\"2\" d=\"%s\"><title>%s</title></path>%n"
                        .formatted(fill, line, d, escaped(title)));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String ring(Outline outline) {
        var d = new StringBuilder();
        for (Point corner : outline.corners())
            d.append(d.isEmpty() ? "M" : "L").append(String.format(Locale.ROOT, "%.3f %.3f ", corner.x(), corner.y()));
        return d.append("Z ").toString();
    }
}
