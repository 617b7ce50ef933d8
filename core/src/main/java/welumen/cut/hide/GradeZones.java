package welumen.cut.hide;

import java.util.List;
import welumen.cut.stock.GradeZone;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * The grades of a hide's places as they usually are, to be drawn better where the trimmer sees it otherwise: firm along the
 * back and over the butt, then shoulders, flanks, and loose at belly and shanks. The hide lies with its backbone upright and
 * the butt below.
 */
public final class GradeZones {
    private GradeZones() {}

    /** From the rim inward: 4 all over, then 3, 2, and 1 along the back. Later ones lie over earlier ones. */
    public static List<GradeZone> proposed(Outline outline) {
        return List.of(
                new GradeZone(4, outline),
                new GradeZone(3, shrunk(outline, 0.90, 0.95)),
                new GradeZone(2, shrunk(outline, 0.80, 0.90)),
                new GradeZone(1, back(outline)));
    }

    /** Whether its inner zones are outlines too, and do not cross themselves. */
    public static boolean canBeDrawn(Outline outline) {
        return Outline.ofRing(shrunk(outline, 0.80, 0.90).corners())
                .understood()
                .isPresent();
    }

    private static Outline shrunk(Outline outline, double wide, double high) {
        var middle = (outline.box().minY() + outline.box().maxY()) / 2;
        return new Outline(outline.corners().stream()
                .map(corner -> DrawnHide.measured(new Point(corner.x() * wide, middle + (corner.y() - middle) * high)))
                .toList());
    }

    private static Outline back(Outline outline) {
        var box = outline.box();
        var half = box.width() * 0.30;
        var low = box.minY() + box.height() * 0.07;
        var high = box.minY() + box.height() * 0.80;
        return new Outline(List.of(
                new Point(-half * 0.8, low),
                new Point(half * 0.8, low),
                new Point(half, low + 150),
                new Point(half, high - 150),
                new Point(half * 0.6, high),
                new Point(-half * 0.6, high),
                new Point(-half, high - 150),
                new Point(-half, low + 150)));
    }
}
