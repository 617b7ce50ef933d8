package welumen.files.outline;

import java.util.ArrayList;
import welumen.files.json.BadFile;
import welumen.files.json.JsonPlace;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Outline;
import welumen.shape.Point;

/** A ring of points [x, y] in a file from outside, which may run either way. */
public final class PointRing {
    private PointRing() {}

    /** @throws BadFile with the pointer of what is wrong */
    public static Outline read(JsonPlace place) throws BadFile {
        var points = new ArrayList<Point>();
        for (var corner : place.items()) points.add(point(corner));
        return switch (Outline.ofRing(points)) {
            case Understood<Outline>(var outline) -> outline;
            case Refused<Outline>(var why) -> throw place.wrong(why + ".");
        };
    }

    private static Point point(JsonPlace place) throws BadFile {
        var pair = place.items();
        if (pair.size() != 2) throw place.wrong("has %d numbers; a point has two.".formatted(pair.size()));
        return new Point(pair.get(0).number(), pair.get(1).number());
    }
}
