package welumen.standins.demo;

import java.util.List;
import welumen.cabin.PartId;
import welumen.cut.stock.Stock;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

/** What of the Varrow Selkie is cut from rolls: its carpet, whose pile lies toward the front, and its striped door inserts. */
final class FloorAndDoors {
    private static final String CARPET = "sage carpet";
    private static final String WOOL = "striped wool";
    /** Along the roll, as it lies in the car: toward the front, or upward on a door. */
    private static final Grain TOWARD = new Grain.NapToward(90);

    private FloorAndDoors() {}

    static List<Piece> pieces() {
        return List.of(
                piece("front carpet", "left front carpet", CARPET, EdgeFinish.BOUND, 4, tapered(560, 470, 640)),
                piece("rear carpet", "left rear carpet", CARPET, EdgeFinish.BOUND, 4, tapered(540, 540, 430)),
                piece("front door insert", "left front door card", WOOL, EdgeFinish.SEWN, 1, tapered(620, 560, 300)),
                piece("rear door insert", "left rear door card", WOOL, EdgeFinish.SEWN, 1, tapered(480, 390, 300)));
    }

    static List<Stock> rolls() {
        return List.of(
                new Stock.Roll("carpet roll", CARPET, 1370, 3200, 48, 0, 0),
                new Stock.Roll("wool roll", WOOL, 1400, 2400, 62, 0, 76));
    }

    private static Piece piece(
            String name, String part, String material, EdgeFinish finish, int grade, List<Point> corners) {
        var edges = corners.stream()
                .map(corner -> new Edge("", List.of(corner), finish, finish.allowanceMm()))
                .toList();
        return new Piece(
                name.replace(' ', '-'),
                PartId.named(part),
                name,
                material,
                Pairing.LEFT_AND_RIGHT,
                grade,
                TOWARD,
                Under.NOTHING,
                edges);
    }

    private static List<Point> tapered(double below, double above, double high) {
        return List.of(new Point(0, 0), new Point(below, 0), new Point(above, high), new Point(0, high));
    }
}
