package welumen.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.OutlineTest;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** Small cutting problems for tests. */
public final class Cases {
    private Cases() {}

    public static CutPiece rectangle(String id, double width, double height, int quantity) {
        return piece(id, new Shape(Outline.rectangle(width, height)), quantity, 4, new Stretch.Any());
    }

    public static CutPiece piece(String id, Shape shape, int quantity, int grade, Stretch stretch) {
        return new CutPiece(id, shape, quantity, "", new Turns.Free(), false, grade, stretch, "");
    }

    public static CutPiece of(CutPiece piece, String material) {
        return new CutPiece(
                piece.id(),
                piece.shape(),
                piece.quantity(),
                material,
                piece.turns(),
                piece.flip(),
                piece.grade(),
                piece.stretch(),
                piece.pair());
    }

    public static CutPiece turned(CutPiece piece, Turns turns) {
        return piece.turning(turns);
    }

    public static Stock.Hide sheet(String id, double width, double height) {
        return hide(id, new Shape(Outline.rectangle(width, height)), List.of());
    }

    public static Stock.Hide hide(String id, Shape shape, List<GradeZone> zones) {
        return new Stock.Hide(id, "", shape, 1, zones, new Stretch.Any(), 300);
    }

    public static Outline at(double x, double y, Outline outline) {
        return new Pose(x, y, 0, false).apply(outline);
    }

    /** A lumpy hide with flaws and a rim of poor leather, and star-shaped pieces; everything from the seed. */
    public static CutProblem random(long seed) {
        var random = new Random(seed);
        var outline = star(random, 24, 500, 700);
        var flaws = new ArrayList<Outline>();
        for (var i = 0; i < 4; i++) {
            var angle = 2 * Math.PI * i / 4 + random.nextDouble();
            var flaw = star(random, 6, 10, 30);
            flaws.add(at(300 * Math.cos(angle), 300 * Math.sin(angle), flaw));
        }
        var zones = List.of(
                new GradeZone(3, at(-700, -700, Outline.rectangle(1400, 450))),
                new GradeZone(2, at(-100, -700, Outline.rectangle(250, 1400))));
        var hide = new Stock.Hide("hide", "", new Shape(outline, flaws), 1, zones, new Stretch.Along(90, 0), 300);
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < 8; i++) {
            var stretch = random.nextBoolean() ? new Stretch.Any() : new Stretch.Along(random.nextInt(180), 20);
            var piece = piece(
                    "p" + i,
                    new Shape(star(random, 5 + random.nextInt(8), 40, 130)),
                    1 + random.nextInt(2),
                    1 + random.nextInt(4),
                    stretch);
            pieces.add(random.nextInt(3) == 0 ? turned(piece, new Turns.Listed(List.of(30.0, 120.0, 275.5))) : piece);
        }
        return new CutProblem(random.nextInt(2) * 3.0, pieces, List.of(hide), List.of());
    }

    public static Outline star(Random random, int corners, double least, double most) {
        var radii = random.doubles(corners, least, most).boxed().toList();
        return OutlineTest.star(radii, 0, 0);
    }

    public static Shape ell() {
        return new Shape(new Outline(List.of(
                new Point(0, 0),
                new Point(200, 0),
                new Point(200, 100),
                new Point(100, 100),
                new Point(100, 200),
                new Point(0, 200))));
    }
}
