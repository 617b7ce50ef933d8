package welumen.standins.demo;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.piece.Under;
import welumen.pattern.surface.Crown;
import welumen.shape.Point;

/** The pieces of the seats' covers in the Varrow Selkie. */
final class SeatPattern {
    private static final double FLUTE_MM = 42;
    private static final double FLUTE_PADDING_MM = 8;

    private final PartId part;
    private final String prefix;
    private final List<Piece> pieces = new ArrayList<>();

    private SeatPattern(PartId part, String prefix) {
        this.part = part;
        this.prefix = prefix;
    }

    static List<Piece> frontSeat(String side) {
        var seat = new SeatPattern(SelkieParts.id(side + " front seat"), side + "-");
        seat.add("cushion centre", Pairing.ONE, 1, Under.FOAM, panel(380, 360, 470, 24));
        seat.add("backrest centre", Pairing.ONE, 1, Under.FOAM, panel(370, 330, 520, 28));
        seat.pieces.replaceAll(SeatPattern::fluted);
        seat.add("cushion bolster", Pairing.LEFT_AND_RIGHT, 1, Under.FOAM, bolster(469.2, 150, 118));
        seat.add("backrest bolster", Pairing.LEFT_AND_RIGHT, 2, Under.FOAM, bolster(519.5, 140, 96));
        seat.add("front facing", Pairing.ONE, 2, Under.NOTHING, panel(600, 580, 150, -14));
        seat.add("cushion side", Pairing.LEFT_AND_RIGHT, 2, Under.NOTHING, side(520, 170));
        seat.add("back of the backrest", Pairing.ONE, 3, Under.BOARD, panel(500, 440, 560, 36));
        seat.add("pull-down flap", Pairing.ONE, 4, Under.NOTHING, panel(420, 420, 90, 0));
        return seat.pieces;
    }

    static List<Piece> rearSeat() {
        var cushion = new SeatPattern(SelkieParts.id("rear cushion"), "");
        cushion.add("rear cushion panel", Pairing.TWO_ALIKE, 2, Under.FOAM, panel(500, 480, 440, 18));
        cushion.add("rear cushion facing", Pairing.TWO_ALIKE, 2, Under.NOTHING, panel(510, 510, 160, -10));
        var back = new SeatPattern(SelkieParts.id("rear backrest"), "");
        back.add("rear backrest panel", Pairing.LEFT_AND_RIGHT, 2, Under.FOAM, panel(500, 470, 500, 22));
        cushion.pieces.addAll(back.pieces);
        return cushion.pieces;
    }

    private void add(String name, Pairing pairing, int grade, Under under, List<Edge> edges) {
        var id = prefix + name.replace(' ', '-');
        pieces.add(new Piece(id, part, name, SelkieJob.HIDE, pairing, grade, new Grain.StretchAlong(0), under, edges));
    }

    /** A panel wider below than above, its top edge an arch of so many mm. */
    private static List<Edge> panel(double below, double above, double high, double arch) {
        var inset = (below - above) / 2;
        var hem = arch == 0 ? EdgeFinish.CUFF : EdgeFinish.SEWN;
        return List.of(
                edge("front", hem, List.of(new Point(0, 0))),
                edge("right, to the bolster", EdgeFinish.PIPED, List.of(new Point(below, 0))),
                edge("back", EdgeFinish.SEWN, arched(new Point(below - inset, high), new Point(inset, high), arch)),
                edge("left, to the bolster", EdgeFinish.PIPED, List.of(new Point(inset, high))));
    }

    private static List<Edge> bolster(double length, double wide, double narrow) {
        return List.of(
                edge("inner, to the centre", EdgeFinish.PIPED, arched(new Point(0, 0), new Point(length, 0), -12)),
                edge("front", EdgeFinish.SEWN, List.of(new Point(length, 0))),
                edge("outer, to the side", EdgeFinish.SEWN, arched(new Point(length, wide), new Point(0, narrow), 16)),
                edge("rear", EdgeFinish.CUFF, List.of(new Point(0, narrow))));
    }

    private static List<Edge> side(double length, double high) {
        return List.of(
                edge("bottom", EdgeFinish.CUFF, List.of(new Point(0, 0))),
                edge("front", EdgeFinish.SEWN, arched(new Point(length, 0), new Point(length - 30, high), -18)),
                edge(
                        "top, to the bolster",
                        EdgeFinish.SEWN,
                        arched(new Point(length - 30, high), new Point(20, high - 24), 14)),
                edge("rear", EdgeFinish.HEM, List.of(new Point(20, high - 24))));
    }

    /** Flutes from front to back, as the car had them. */
    private static Piece fluted(Piece piece) {
        return piece.with(
                piece.inside().with(new Surface.Fluted(FLUTE_MM, 90, Crown.takeUp(FLUTE_MM, FLUTE_PADDING_MM))));
    }

    private static Edge edge(String name, EdgeFinish finish, List<Point> line) {
        return new Edge(name, line, finish, finish.allowanceMm());
    }

    /** From a up to but without b, bulging to the right of the way by so many mm. */
    private static List<Point> arched(Point a, Point b, double bulge) {
        if (bulge == 0) return List.of(a);
        var steps = 12;
        var along = b.minus(a);
        var out = new Point(along.y(), -along.x()).times(1 / a.to(b));
        var line = new ArrayList<Point>();
        for (var i = 0; i < steps; i++) {
            var t = (double) i / steps;
            line.add(a.plus(along.times(t)).plus(out.times(4 * bulge * t * (1 - t))));
        }
        return line;
    }
}
