package welumen.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.hide.DrawnHide;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;
import welumen.standins.hide.TrimShape;

/** Made-up cases: jigsaws cut from a rectangle, trim pieces on rolls, interior sets on graded hides. */
public final class NestCases {
    private NestCases() {}

    /**
     * @param kind “roll”, “hides” or “jigsaw”
     * @param number the seed of the case
     */
    static CutProblem of(String kind, long number) {
        return switch (kind) {
            case "roll" -> roll(number);
            case "hides" -> hides(number);
            case "jigsaw" -> jigsaw(number);
            default -> throw new IllegalArgumentException("There are no cases of [%s].".formatted(kind));
        };
    }

    /** A rectangle cut by straight lines, each through one of its parts, until there are 20 to 54. */
    static CutProblem jigsaw(long number) {
        var random = new SplittableRandom(number);
        var wide = 900 + random.nextInt(900);
        var high = 600 + random.nextInt(500);
        var count = 20 + random.nextInt(35);
        List<Geometry> parts = new ArrayList<>(List.of(Planar.polygon(Outline.rectangle(wide, high))));
        while (parts.size() < count) {
            var largest = 0;
            for (var i = 1; i < parts.size(); i++)
                if (parts.get(i).getArea() > parts.get(largest).getArea()) largest = i;
            var part = random.nextInt(3) == 0 ? random.nextInt(parts.size()) : largest;
            var middle = parts.get(part).getCentroid().getCoordinate();
            var angle = random.nextDouble() * Math.PI;
            var far = 5000;
            var along = new Point(Math.cos(angle) * far, Math.sin(angle) * far);
            var across = new Point(-along.y(), along.x());
            var half = Planar.FACTORY.createPolygon(new Coordinate[] {
                new Coordinate(middle.x - along.x(), middle.y - along.y()),
                new Coordinate(middle.x + along.x(), middle.y + along.y()),
                new Coordinate(middle.x + along.x() + across.x(), middle.y + along.y() + across.y()),
                new Coordinate(middle.x - along.x() + across.x(), middle.y - along.y() + across.y()),
                new Coordinate(middle.x - along.x(), middle.y - along.y())
            });
            var whole = parts.remove(part);
            parts.add(whole.intersection(half));
            parts.add(whole.difference(half));
        }
        var turns = switch (random.nextInt(3)) {
            case 0 -> new Turns.Free();
            case 1 -> new Turns.Half();
            default -> new Turns.AsDrawn();
        };
        var pieces = new ArrayList<CutPiece>();
        for (var part : parts)
            pieces.add(piece(
                    "p" + pieces.size(),
                    new Shape(Planar.outline(Planar.polygons(part).getFirst())),
                    turns,
                    4));
        return new CutProblem(0, pieces, List.of(new Stock.Roll("roll", "", high, 4.0 * wide, 10, 0, 0)), List.of());
    }

    /** Panels, bolsters, facings and bands, some with holes. */
    static CutProblem roll(long number) {
        var random = new SplittableRandom(1000 + number);
        var count = 18 + random.nextInt(73);
        var turns = random.nextBoolean() ? new Turns.Half() : new Turns.AsDrawn();
        var pieces = new ArrayList<CutPiece>();
        for (var left = count; left > 0; ) {
            var copies = Math.min(left, 1 + random.nextInt(2));
            var shape = TrimShape.any(random);
            pieces.add(new CutPiece("p" + pieces.size(), shape, copies, "", turns, false, 4, new Stretch.Any(), ""));
            left -= copies;
        }
        return new CutProblem(
                2 + random.nextInt(3),
                pieces,
                List.of(new Stock.Roll("roll", "", 1370 + random.nextInt(200), 60_000, 30, 0, 0)),
                List.of());
    }

    /** An interior of 40 to 120 pieces on more hides than it wants. */
    static CutProblem hides(long number) {
        var random = new SplittableRandom(2000 + number);
        var count = 40 + random.nextInt(81);
        var pieces = new ArrayList<CutPiece>();
        for (var left = count; left > 0; ) {
            var copies = Math.min(left, 1 + random.nextInt(2));
            pieces.add(new CutPiece(
                    "p" + pieces.size(),
                    TrimShape.any(random),
                    copies,
                    "",
                    new Turns.Free(),
                    false,
                    1 + random.nextInt(4),
                    new Stretch.Any(),
                    ""));
            left -= copies;
        }
        var stock = new ArrayList<Stock>();
        for (var i = 0; i < 8; i++)
            stock.add(DrawnHide.hide(
                    "hide " + (i + 1),
                    "",
                    (4.2 + 1.2 * random.nextDouble()) * 1e6,
                    5 + random.nextInt(12),
                    300,
                    random.nextLong()));
        return new CutProblem(3, pieces, stock, List.of());
    }

    private static CutPiece piece(String id, Shape shape, Turns turns, int grade) {
        return new CutPiece(id, shape, 1, "", turns, false, grade, new Stretch.Any(), "");
    }
}
