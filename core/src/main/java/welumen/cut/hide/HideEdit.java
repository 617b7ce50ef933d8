package welumen.cut.hide;

import java.util.ArrayList;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.Stock;
import welumen.cut.Stretch;
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
 * a field about that place; {@code grades as usual} proposes all of them anew; {@code stretches 20} says that all of it stretches
 * most so, in degrees from straight across, and {@code stretches as usual} that it does as it grew. Places are from the backbone,
 * up from the butt.
 */
public final class HideEdit {
    private static final int CORNERS = 16;
    private static final double LARGEST_MM = 1000;
    private static final String AT = "\\s+at\\s+(?<x>-?.+?)\\s*,\\s*(?<y>.+)";
    private static final Pattern FLAW = Pattern.compile("flaw\\s+(?<size>\\d.*?)" + AT);
    private static final Pattern GRADE =
            Pattern.compile("grade\\s+(?<grade>[1-4])\\s*,?\\s+(?<wide>\\d.*?)\\s*[x×]\\s*(?<high>\\d.*?)" + AT);

    private static final Pattern STRETCH = Pattern.compile("stretch(?:es)?\\s+(?<degrees>-?\\d{1,3}(?:\\.\\d)?)\\s*°?");

    private HideEdit() {}

    public static Parsed<Stock.Hide> read(String typed, Stock.Hide hide, Point from) {
        var line = typed.strip();
        if (line.equals("grades as usual")) return new Understood<>(usual(hide));
        if (line.equals("stretches as usual")) return asGrown(hide);
        var stretch = STRETCH.matcher(line);
        if (stretch.matches()) return stretching(hide, Double.parseDouble(stretch.group("degrees")));
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
                "Type flaw 40 at -120, 300, or grade 3, 400 x 250 at 600, 900, or grades as usual, or stretches 20, or stretches as usual; left of the backbone is below nought.");
    }

    private static Parsed<Point> place(String x, String y, Point from) {
        var isLeft = x.startsWith("-");
        return Length.parse(isLeft ? x.substring(1) : x)
                .flatMap(across ->
                        Length.parse(y).map(up -> from.plus(new Point(isLeft ? -across.mm() : across.mm(), up.mm()))));
    }

    private static Parsed<Stock.Hide> asGrown(Stock.Hide hide) {
        return hide.kind() == Stock.Kind.HIDE
                ? new Understood<>(hide.stretching(new Stretch.AsGrown()))
                : new Refused<>(
                        "Only a whole hide stretches as it grew; say which way this one does, as stretches 20.");
    }

    private static Parsed<Stock.Hide> stretching(Stock.Hide hide, double degrees) {
        if (Math.abs(degrees) > 90)
            return new Refused<>(
                    "A hide stretches at most 90° from straight across its backbone, one way or the other.");
        return new Understood<>(hide.stretching(new Stretch.Along(degrees, 0)));
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
        var flaw = within(hide, new Outline(ring));
        return flaw.isEmpty()
                ? new Refused<>("That place is not on the %s.".formatted(hide.id()))
                : new Understood<>(with(hide, flaw));
    }

    /** Without what was cut out of it; nothing can be cut from there any more. */
    public static Stock.Hide cutOut(Stock.Hide hide, Outline piece) {
        return with(hide, within(hide, piece));
    }

    private static Geometry within(Stock.Hide hide, Outline flaw) {
        var whole = Planar.polygon(hide.shape().outline()).buffer(-1);
        return OverlayNGRobust.overlay(Planar.polygon(flaw), whole, OverlayNG.INTERSECTION);
    }

    private static Stock.Hide with(Stock.Hide hide, Geometry flaw) {
        var all = flaw;
        for (var known : hide.shape().holes())
            all = OverlayNGRobust.overlay(all, Planar.polygon(known), OverlayNG.UNION);
        return hide.flawed(Planar.polygons(all).stream()
                .map(polygon -> Planar.shape(polygon).outline())
                .toList());
    }

    private static Stock.Hide zoned(Stock.Hide hide, int grade, Point at, double wide, double high) {
        var zones = new ArrayList<>(hide.zones());
        zones.add(new Zone(
                grade, new Box(at.x() - wide / 2, at.y() - high / 2, at.x() + wide / 2, at.y() + high / 2).outline()));
        return hide.zoned(zones);
    }
}
