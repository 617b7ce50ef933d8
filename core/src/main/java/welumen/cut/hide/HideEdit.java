package welumen.cut.hide;

import java.util.ArrayList;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.Stock;
import welumen.cut.Zone;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/**
 * What is marked on a hide: {@code flaw 40 at -120, 300} is round and 40 mm across; {@code grade 3, 400 x 250 at 600, 900} is
 * a field about that place; {@code grades as usual} proposes all of them anew. Places are from the backbone, up from the butt.
 */
public final class HideEdit {
    private static final int CORNERS = 16;
    private static final double LARGEST_MM = 1000;
    private static final String AT = "\\s+at\\s+(?<x>-?.+?)\\s*,\\s*(?<y>.+)";
    private static final Pattern FLAW = Pattern.compile("flaw\\s+(?<size>\\d.*?)" + AT);
    private static final Pattern GRADE =
            Pattern.compile("grade\\s+(?<grade>[1-4])\\s*,?\\s+(?<wide>\\d.*?)\\s*[x×]\\s*(?<high>\\d.*?)" + AT);

    private HideEdit() {}

    public static Parsed<Stock.Hide> read(String typed, Stock.Hide hide, Point from) {
        var line = typed.strip();
        if (line.equals("grades as usual")) return new Understood<>(usual(hide));
        var flaw = FLAW.matcher(line);
        if (flaw.matches())
            return Length.parse(flaw.group("size"))
                    .flatMap(size ->
                            place(flaw.group("x"), flaw.group("y"), from).flatMap(at -> flawed(hide, at, size.mm())));
        var grade = GRADE.matcher(line);
        if (grade.matches())
            return Length.parse(grade.group("wide"))
                    .flatMap(wide -> Length.parse(grade.group("high"))
                            .flatMap(high -> place(grade.group("x"), grade.group("y"), from)
                                    .map(at -> zoned(
                                            hide, Integer.parseInt(grade.group("grade")), at, wide.mm(), high.mm()))));
        return new Refused<>(
                "Type flaw 40 at -120, 300, or grade 3, 400 x 250 at 600, 900, or grades as usual; left of the backbone is below nought.");
    }

    private static Parsed<Point> place(String x, String y, Point from) {
        var isLeft = x.startsWith("-");
        return Length.parse(isLeft ? x.substring(1) : x)
                .flatMap(across ->
                        Length.parse(y).map(up -> from.plus(new Point(isLeft ? -across.mm() : across.mm(), up.mm()))));
    }

    private static Stock.Hide usual(Stock.Hide hide) {
        return hide.zoned(GradeZones.proposed(hide.shape().outline()));
    }

    /** With a round flaw; what it touches becomes one with it, and what reaches over the rim is left out. */
    public static Parsed<Stock.Hide> flawed(Stock.Hide hide, Point at, double sizeMm) {
        if (!(sizeMm >= 1 && sizeMm <= LARGEST_MM)) return new Refused<>("A flaw is from 1 to 1000 mm large.");
        var ring = IntStream.range(0, CORNERS)
                .mapToObj(i -> at.plus(new Point(
                        sizeMm / 2 * Math.cos(2 * Math.PI * i / CORNERS),
                        sizeMm / 2 * Math.sin(2 * Math.PI * i / CORNERS))))
                .toList();
        var within = Planar.polygon(hide.shape().outline()).buffer(-1);
        Geometry all = OverlayNGRobust.overlay(Planar.polygon(new Outline(ring)), within, OverlayNG.INTERSECTION);
        if (all.isEmpty()) return new Refused<>("That place is not on the %s.".formatted(hide.id()));
        for (var flaw : hide.shape().holes()) all = OverlayNGRobust.overlay(all, Planar.polygon(flaw), OverlayNG.UNION);
        return new Understood<>(hide.flawed(Planar.polygons(all).stream()
                .map(polygon -> Planar.shape(polygon).outline())
                .toList()));
    }

    private static Stock.Hide zoned(Stock.Hide hide, int grade, Point at, double wide, double high) {
        var zones = new ArrayList<>(hide.zones());
        zones.add(new Zone(
                grade, new Box(at.x() - wide / 2, at.y() - high / 2, at.x() + wide / 2, at.y() + high / 2).outline()));
        return hide.zoned(zones);
    }
}
