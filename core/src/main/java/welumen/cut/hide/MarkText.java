package welumen.cut.hide;

import java.util.ArrayList;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.measure.Size;
import welumen.shape.Box;
import welumen.shape.Point;

/**
 * What is marked on what came in, as one line: {@code flaw 40 at -120, 300} is round and 40 mm across, {@code flaw 60 x 1300 at
 * 1200, 700} a rectangle; on a hide {@code grade 3, 400 x 250 at 600, 900} is a field about that place; {@code grades as usual}
 * proposes all of them anew; {@code stretches 20} says that all of it stretches most so, in degrees from straight across, and
 * {@code stretches as usual} that it does as it grew. Places are from the backbone and up from the butt, on a roll from its cut
 * end and up from the lower selvedge.
 */
public final class MarkText {
    private static final String AT = "\\s+at\\s+(?<x>-?.+?)\\s*,\\s*(?<y>.+)";
    private static final Pattern FLAW = Pattern.compile("flaw\\s+(?<size>\\d.*?)(?:\\s*[x×]\\s*(?<high>\\d.*?))?" + AT);
    private static final Pattern GRADE =
            Pattern.compile("grade\\s+(?<grade>[1-4])\\s*,?\\s+(?<wide>\\d.*?)\\s*[x×]\\s*(?<high>\\d.*?)" + AT);

    private static final Pattern STRETCH = Pattern.compile("stretch(?:es)?\\s+(?<degrees>-?\\d{1,3}(?:\\.\\d)?)\\s*°?");

    private MarkText() {}

    public static Parsed<Stock> read(String typed, Stock stock, Point from) {
        var line = typed.strip();
        var flaw = FLAW.matcher(line);
        if (flaw.matches()) return place(flaw, from).flatMap(at -> flawed(stock, flaw, at));
        return switch (stock) {
            case Stock.Hide hide -> read(line, hide, from).map(marked -> marked);
            case Stock.Roll _ ->
                new Refused<>(
                        "Type flaw 40 at 1200, 300, or flaw 60 x 1300 at 1200, 700: along from the cut end, and up from the lower selvedge.");
        };
    }

    private static Parsed<Stock> flawed(Stock stock, Matcher flaw, Point at) {
        return flaw.group("high") == null
                ? Length.parse(flaw.group("size")).flatMap(round -> Flaws.round(stock, at, round.mm()))
                : Size.of(flaw.group("size"), flaw.group("high"))
                        .flatMap(size -> Flaws.oblong(stock, at, size.oneMm(), size.otherMm()));
    }

    private static Parsed<Stock.Hide> read(String line, Stock.Hide hide, Point from) {
        if (line.equals("grades as usual")) return new Understood<>(usual(hide));
        if (line.equals("stretches as usual")) return asGrown(hide);
        var stretch = STRETCH.matcher(line);
        if (stretch.matches()) return stretching(hide, Double.parseDouble(stretch.group("degrees")));
        var grade = GRADE.matcher(line);
        if (grade.matches())
            return Size.of(grade.group("wide"), grade.group("high"))
                    .flatMap(size -> place(grade, from)
                            .map(at -> zoned(
                                    hide, Integer.parseInt(grade.group("grade")), at, size.oneMm(), size.otherMm())));
        return new Refused<>(
                "Type flaw 40 at -120, 300, or grade 3, 400 x 250 at 600, 900, or grades as usual, or stretches 20, or stretches as usual; left of the backbone is below nought.");
    }

    private static Parsed<Point> place(Matcher typed, Point from) {
        var x = typed.group("x");
        var isLeft = x.startsWith("-");
        return Length.parse(isLeft ? x.substring(1) : x)
                .flatMap(across -> Length.parse(typed.group("y"))
                        .map(up -> from.plus(new Point(isLeft ? -across.mm() : across.mm(), up.mm()))));
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

    private static Stock.Hide zoned(Stock.Hide hide, int grade, Point at, double wide, double high) {
        var zones = new ArrayList<>(hide.zones());
        zones.add(new GradeZone(
                grade, new Box(at.x() - wide / 2, at.y() - high / 2, at.x() + wide / 2, at.y() + high / 2).outline()));
        return hide.zoned(zones);
    }
}
