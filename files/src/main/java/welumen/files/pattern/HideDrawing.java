package welumen.files.pattern;

import java.nio.file.Path;
import java.util.ArrayList;
import welumen.cabin.PartId;
import welumen.files.json.BadFile;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** A hide as a scanner or a drawing program wrote it, in DXF or SVG: its rim, and its flaws as holes or drillings in it. */
public final class HideDrawing {
    private static final PartId NOBODYS = new PartId("hide");

    private HideDrawing() {}

    /**
     * @throws BadFile if it cannot be read, is no drawing, or holds more than one outline
     */
    public static Shape read(Path file) throws BadFile {
        var pieces = DrawingFormat.read(file, NOBODYS);
        if (pieces.size() != 1)
            throw new BadFile("It holds %d outlines; a hide's drawing holds one.".formatted(pieces.size()));
        var hide = pieces.getFirst();
        var flaws = new ArrayList<>(hide.holes());
        for (var mark : hide.inside().piercings()) if (mark.kind().isRound()) flaws.add(new Outline(mark.ring()));
        return new Shape(hide.net(), flaws);
    }
}
