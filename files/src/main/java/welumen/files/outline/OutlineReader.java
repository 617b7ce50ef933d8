package welumen.files.outline;

import java.util.ArrayList;
import java.util.TreeMap;
import welumen.files.json.BadFile;
import welumen.files.json.JsonPlace;
import welumen.shape.Outline;
import welumen.treatment.fit.Needed;

/**
 * Reads an outline file, {@code welumen-outline/1}: its traced ring, in mm. Of the place where something must reach it may
 * say more: {@code "covered": [{"edge": 2, "by": 30}]}, by how much other parts lap its edges, counted from 1, and
 * {@code "keepOuts": [[[x, y], …]]}, what must stay free.
 */
public final class OutlineReader {
    public static final String FORMAT = "welumen-outline/1";

    private OutlineReader() {}

    /** @throws BadFile with the pointer of what is wrong */
    public static Outline read(String text) throws BadFile {
        var file = JsonPlace.of(text);
        var format = file.at("format");
        if (!format.text().equals(FORMAT)) throw format.wrong("is not “%s”.".formatted(FORMAT));
        return PointRing.read(file.at("outline"));
    }

    /** @throws BadFile with the pointer of what is wrong */
    public static Needed needed(String text) throws BadFile {
        var outline = read(text);
        var file = JsonPlace.of(text);
        var covered = new TreeMap<Integer, Double>();
        for (var lap : file.items("covered")) {
            var edge = lap.at("edge").number();
            if (edge != Math.rint(edge) || edge < 1 || edge > outline.corners().size())
                throw lap.at("edge")
                        .wrong("is no edge of it: they run from 1 to %d."
                                .formatted(outline.corners().size()));
            var by = lap.at("by").number();
            if (by < 0) throw lap.at("by").wrong("is below nought.");
            covered.put((int) edge - 1, by);
        }
        var keepOuts = new ArrayList<Outline>();
        for (var one : file.items("keepOuts")) keepOuts.add(PointRing.read(one));
        return new Needed(outline, covered, keepOuts);
    }
}
