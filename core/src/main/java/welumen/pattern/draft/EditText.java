package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.Patterns;
import welumen.pattern.ReadyToCut;
import welumen.pattern.draft.Divided.Line;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Face;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Axes;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

/**
 * What is done to a piece or to one edge of it, from one typed line. Places are from the corner in which the edge begins, x
 * along it and y inward; lengths as {@link Length} reads them.
 *
 * <ul>
 *   <li>{@code bow 12}, {@code bow in 8}, {@code out 5}, {@code in 5}, {@code fuller 40}, {@code fuller 40 through}
 *   <li>{@code split at 150}, {@code notch 40 x 25 at 150}, {@code cut from 150 to edge 3 at 200}
 *   <li>{@code left long 30}, {@code confirmed}, {@code named rear edge}
 *   <li>{@code punched 5 at 40, 60 for trim screw}, {@code cross slit 24 at 40, 60 in the car}
 *   <li>{@code free 60 x 40 at 100, 80 for the lever}, {@code open 60 x 40 at 100, 80}
 *   <li>{@code stretch 90}, {@code nap 90}, {@code any way}, {@code face down}, {@code pair}, {@code waits for the bezel},
 *       {@code comes}, {@code drop}
 * </ul>
 */
public final class EditText {
    private static final String AT = "\\s+at\\s+(?<x>[^,]+?)\\s*,\\s*(?<y>[^,]+?)";

    private final Patterns patterns;
    private final Piece piece;
    private final int edge;

    private EditText(Patterns patterns, Piece piece, int edge) {
        this.patterns = patterns;
        this.piece = piece;
        this.edge = edge;
    }

    /** A form of line, and what it means. */
    private record Form(Pattern pattern, Function<Matcher, Parsed<List<PatternChange>>> meaning) {}

    /** What happens to the pattern; refused with what is wrong and examples. */
    public static Parsed<List<PatternChange>> read(String typed, Patterns patterns, Piece piece, int edge) {
        var line = typed.strip();
        for (var form : new EditText(patterns, piece, edge).forms()) {
            var matcher = form.pattern().matcher(line);
            if (matcher.matches()) return form.meaning().apply(matcher);
        }
        return new Refused<>("“%s” is nothing that can be done to an edge or a piece. %s".formatted(line, examples()));
    }

    private static Form form(String pattern, Function<Matcher, Parsed<List<PatternChange>>> meaning) {
        return new Form(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), meaning);
    }

    private List<Form> forms() {
        return List.of(
                form("bow(?:\\s+(?<in>in))?\\s+(?<mm>.+)", this::bowed),
                form("(?<way>out|in)\\s+(?<mm>.+)", this::moved),
                form("fuller\\s+(?<mm>.+?)(?<through>\\s+through)?", this::fuller),
                form("split\\s+at\\s+(?<mm>.+)", this::split),
                form("notch\\s+(?<wide>.+?)\\s*[x×]\\s*(?<deep>.+?)\\s+at\\s+(?<mm>.+)", this::notched),
                form("cut\\s+from\\s+(?<mm>.+?)\\s+to\\s+(?:edge\\s+)?(?<edge>.+?)\\s+at\\s+(?<to>.+)", this::divided),
                form("left\\s+long\\s+(?<mm>.+)", this::leftLong),
                form("confirmed", _ -> confirmed()),
                form("named\\s+(?<name>.+)", line -> named(line.group("name"))),
                form(
                        "(?<kind>drilled|punched|melted|slit|cross\\s+slit)\\s+(?<mm>.+?)" + AT
                                + "(?:\\s+turned\\s+(?<turn>-?\\d{1,3}))?(?<car>\\s+in\\s+the\\s+car)?(?:\\s+for\\s+(?<what>.+))?",
                        this::pierced),
                form("free\\s+(?<wide>.+?)\\s*[x×]\\s*(?<high>.+?)" + AT + "\\s+for\\s+(?<what>.+)", this::keptFree),
                form("open\\s+(?<wide>.+?)\\s*[x×]\\s*(?<high>.+?)" + AT, this::opened),
                form("(?<way>stretch|nap)\\s+(?<degrees>-?\\d{1,3})\\s*°?", this::grained),
                form("any\\s+way", _ -> drawn(piece.with(new Grain.AnyWay()))),
                form("face\\s+(?<way>up|down)", this::faced),
                form("one|single", _ -> drawn(piece.with(Pairing.ONE))),
                form("two\\s+alike", _ -> drawn(piece.with(Pairing.TWO_ALIKE))),
                form("pair|left\\s+and\\s+right", _ -> drawn(piece.with(Pairing.LEFT_AND_RIGHT))),
                form("waits\\s+for\\s+(?<what>.+)", line -> of(new CutHeld(piece.id(), line.group("what")))),
                form("comes|has\\s+come", _ -> of(new CutFreed(piece.id()))),
                form("drop", _ -> of(new PieceDropped(piece.id()))));
    }

    private static Parsed<List<PatternChange>> of(PatternChange change) {
        return new Understood<>(List.of(change));
    }

    private static Parsed<List<PatternChange>> drawn(Piece drawn) {
        return of(new PieceDrawn(drawn));
    }

    private static Parsed<List<PatternChange>> drawn(Parsed<Piece> answer) {
        return answer.flatMap(EditText::drawn);
    }

    private Parsed<List<PatternChange>> with(
            Matcher line, String group, Function<Double, Parsed<List<PatternChange>>> then) {
        return Length.parse(line.group(group)).flatMap(length -> then.apply(length.mm()));
    }

    private Parsed<List<PatternChange>> bowed(Matcher line) {
        var sign = line.group("in") == null ? 1 : -1;
        return with(line, "mm", mm -> drawn(EdgeCurve.bowed(piece, edge, sign * mm)));
    }

    private Parsed<List<PatternChange>> moved(Matcher line) {
        var sign = line.group("way").equalsIgnoreCase("out") ? 1 : -1;
        return with(line, "mm", mm -> drawn(EdgeEdit.moved(piece, edge, sign * mm)));
    }

    /** What it is sewn to is then shorter than it by as much, which is wanted. */
    private Parsed<List<PatternChange>> fuller(Matcher line) {
        var reach = line.group("through") == null ? Fullness.Reach.FANNED : Fullness.Reach.THROUGH;
        return with(
                line,
                "mm",
                mm -> Fullness.along(piece, edge, mm, reach).map(full -> Gathered.after(patterns, full, edge, mm)));
    }

    private Parsed<List<PatternChange>> split(Matcher line) {
        return with(line, "mm", mm -> within(mm, edge).flatMap(share -> drawn(EdgeEdit.split(piece, edge, share))));
    }

    /** The share of an edge at which a place on it lies. */
    private Parsed<Double> within(double mm, int which) {
        var length = piece.lengthMm(which);
        if (mm > 0 && mm < length) return new Understood<>(mm / length);
        return new Refused<>("%s does not lie within %s, which is %s long."
                .formatted(Lengths.near(mm), piece.edgeWord(which), Lengths.near(length)));
    }

    private Parsed<List<PatternChange>> notched(Matcher line) {
        return with(
                line,
                "wide",
                wide -> with(
                        line,
                        "deep",
                        deep -> with(line, "mm", at -> drawn(EdgeEdit.notched(piece, edge, at, wide, deep)))));
    }

    private Parsed<List<PatternChange>> divided(Matcher line) {
        var other = edgeCalled(line.group("edge"));
        if (other < 0)
            return new Refused<>("No edge of the %s is called “%s”.".formatted(piece.name(), line.group("edge")));
        return with(
                line,
                "mm",
                from -> with(
                        line,
                        "to",
                        to -> within(from, edge)
                                .flatMap(share -> within(to, other)
                                        .flatMap(otherShare -> Divided.along(
                                                patterns, piece, new Line(edge, share, other, otherShare))))));
    }

    /** By its number from 1, or by its name. */
    private int edgeCalled(String word) {
        if (word.matches("\\d{1,3}")) {
            var number = Integer.parseInt(word) - 1;
            return number >= 0 && number < piece.edges().size() ? number : -1;
        }
        for (var i = 0; i < piece.edges().size(); i++)
            if (piece.edgeWord(i).toLowerCase(Locale.ROOT).startsWith(word.toLowerCase(Locale.ROOT))) return i;
        return -1;
    }

    private Parsed<List<PatternChange>> leftLong(Matcher line) {
        return with(
                line,
                "mm",
                mm -> mm > 300
                        ? new Refused<>("An edge is left long by 300 mm at the most.")
                        : of(new EdgeLeftLong(piece.id(), edge, mm)));
    }

    private Parsed<List<PatternChange>> confirmed() {
        return ReadyToCut.confirming(patterns, piece)
                .<Parsed<List<PatternChange>>>map(Refused::new)
                .orElseGet(() -> of(new EdgeLeftLong(piece.id(), edge, 0)));
    }

    private Parsed<List<PatternChange>> named(String name) {
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, edges.get(edge).named(name));
        return drawn(piece.withEdges(edges));
    }

    private Parsed<List<PatternChange>> pierced(Matcher line) {
        var kind = switch (line.group("kind").toLowerCase(Locale.ROOT).replaceAll("\\s+", " ")) {
            case "drilled" -> Piercing.Kind.DRILLED;
            case "punched" -> Piercing.Kind.PUNCHED;
            case "melted" -> Piercing.Kind.MELTED;
            case "slit" -> Piercing.Kind.SLIT;
            default -> Piercing.Kind.CROSS_SLIT;
        };
        var made = line.group("car") == null ? Piercing.Made.ON_THE_BENCH : Piercing.Made.IN_THE_CAR;
        var what = line.group("what") == null ? "" : line.group("what");
        var turn = line.group("turn") == null ? 0 : Integer.parseInt(line.group("turn"));
        return with(
                line,
                "mm",
                size -> at(line, at -> {
                    if (!(size > 0 && size <= Piercing.LARGEST_MM))
                        return new Refused<>(
                                "A hole is up to 200 mm; a larger opening is typed as open 260 x 80 at 40, 60.");
                    if (!piece.net().contains(at)) return outside(at);
                    return drawn(piece.with(piece.inside().with(new Piercing(what, kind, at, size, turn, made))));
                }));
    }

    private static String examples() {
        return Lengths.example(
                "Type it as bow 12, out 5, fuller 40, notch 40 x 25 at 150, punched 5 at 40, 60, or left long 30.",
                "Type it as bow 1/2, out 3/16, fuller 1 1/2, notch 1 1/2 x 1 at 6, punched 1/4 at 1 1/2, 2 1/2, or left long 1.");
    }

    private Refused<List<PatternChange>> outside(Point at) {
        return new Refused<>("That lies outside the %s. Places are from the beginning of %s, along it and inward."
                .formatted(piece.name(), piece.edgeWord(edge)));
    }

    private Parsed<List<PatternChange>> keptFree(Matcher line) {
        return room(line, room -> drawn(piece.with(piece.inside().with(new KeepOut(line.group("what"), room)))));
    }

    private Parsed<List<PatternChange>> opened(Matcher line) {
        return room(line, room -> {
            var holes = new ArrayList<>(piece.holes());
            holes.add(room);
            try {
                return drawn(piece.with(piece.inside().withHoles(holes)));
            } catch (IllegalArgumentException outside) {
                return new Refused<>(
                        "So wide and high, the opening would not lie within the %s.".formatted(piece.name()));
            }
        });
    }

    /** A rectangle along the edge, its middle at a place. */
    private Parsed<List<PatternChange>> room(Matcher line, Function<Outline, Parsed<List<PatternChange>>> then) {
        return with(
                line,
                "wide",
                wide -> with(
                        line,
                        "high",
                        high -> at(line, at -> {
                            if (!(wide > 0 && high > 0)) return new Refused<>("A room has two sizes, as in 60 x 40.");
                            var turned =
                                    new Pose(0, 0, Axes.along(piece.run(edge)).degrees(), false);
                            var shift = at.minus(turned.apply(new Point(wide / 2, high / 2)));
                            return then.apply(turned.at(shift.x(), shift.y()).apply(Outline.rectangle(wide, high)));
                        })));
    }

    private Parsed<List<PatternChange>> at(Matcher line, Function<Point, Parsed<List<PatternChange>>> then) {
        return with(
                line,
                "x",
                x -> with(line, "y", y -> {
                    return then.apply(Axes.along(piece.run(edge)).out(new Point(x, y)));
                }));
    }

    private Parsed<List<PatternChange>> grained(Matcher line) {
        var degrees = Double.parseDouble(line.group("degrees"));
        return drawn(piece.with(
                line.group("way").equalsIgnoreCase("nap")
                        ? new Grain.NapToward(degrees)
                        : new Grain.StretchAlong(degrees)));
    }

    private Parsed<List<PatternChange>> faced(Matcher line) {
        return drawn(piece.with(line.group("way").equalsIgnoreCase("up") ? Face.UP : Face.DOWN));
    }
}
