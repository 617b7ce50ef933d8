package welumen.files.pattern;

import java.io.StringReader;
import java.util.List;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import welumen.files.json.BadFile;
import welumen.shape.Point;

/** The line of a path's data, y up; its curves as chords that keep close to them. */
final class SvgPath {
    private static final double FARTHEST_MM = 100_000;
    private static final int LONGEST = 4_000_000;
    private static final int MOST = 200_000;

    private SvgPath() {}

    /** A closed path does not repeat its first point. */
    static List<Point> points(String data, int line) throws BadFile {
        if (data.length() > LONGEST) throw new BadFile("line %d: the path has too many points.".formatted(line));
        var run = new SvgRun(MOST);
        var parser = new PathParser();
        parser.setPathHandler(run);
        parser.setErrorHandler(wrong -> {
            throw wrong;
        });
        try {
            parser.parse(new StringReader(data));
        } catch (ParseException | IllegalArgumentException wrong) {
            throw new BadFile(
                    "line %d: the path's data “%s” cannot be read. Save it again as plain SVG, a path for each line."
                            .formatted(line, data.substring(0, Math.min(data.length(), 20))));
        }
        for (var point : run.points())
            if (!(Math.abs(point.x()) <= FARTHEST_MM && Math.abs(point.y()) <= FARTHEST_MM))
                throw new BadFile("line %d: (%s, %s) is no place on a pattern.".formatted(line, point.x(), point.y()));
        return run.points();
    }
}
