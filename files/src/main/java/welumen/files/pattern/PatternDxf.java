package welumen.files.pattern;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.files.dxf.DxfDrawing;
import welumen.files.dxf.Layer;
import welumen.files.json.BadFile;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Patterns;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.seam.Notches;
import welumen.pattern.surface.SewnLines;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Pieces as DXF: a block each, the cutting line on layer 1, every edge of the finished line on layer 14 with its finish as
 * words of Welumen's own, holes on 11, what is drilled or slit on 13, what must stay free and what is sewn into the face on 8, the grain on 7, the name on 15. A drawing from elsewhere, with a boundary and no such
 * words, is read as a piece with raw edges.
 */
public final class PatternDxf {
    private static final double GRAIN_MM = 80;
    private static final double SAG_MM = 0.005;
    private static final double SMALL_MM = 3;
    private static final int MOST_ENTITIES = 200_000;

    private PatternDxf() {}

    public static String write(List<Piece> pieces) {
        return write(pieces, Patterns.EMPTY);
    }

    /** @param patterns whose seams say where notches lie */
    public static String write(List<Piece> pieces, Patterns patterns) {
        var drawing = new DxfDrawing();
        for (var piece : pieces) {
            var block = drawing.block(piece.id());
            block.ring(Layer.BOUNDARY, CuttingLine.of(piece).corners());
            for (var i = 0; i < piece.edges().size(); i++)
                block.run(Layer.SEW, piece.run(i))
                        .with(EdgeWords.of(piece.edges().get(i)));
            for (var hole : piece.holes()) block.ring(Layer.CUT_OUT, hole.corners());
            for (var piercing : piece.inside().piercings()) piercing(block, piercing);
            for (var keepOut : piece.inside().keepOuts())
                block.ring(Layer.INTERNAL, keepOut.room().corners()).with(InsideWords.of(keepOut));
            for (var row : SewnLines.of(piece).rows()) block.line(Layer.INTERNAL, row.from(), row.to());
            for (var notch : Notches.of(piece, patterns.seams(), patterns))
                block.line(Layer.NOTCHES, notch.outer(), notch.inner());
            var box = piece.net().box();
            var middle = new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
            piece.grain().way().ifPresent(degrees -> {
                var along = new Point(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)));
                block.line(Layer.GRAIN, middle.minus(along.times(GRAIN_MM)), middle.plus(along.times(GRAIN_MM)));
            });
            block.text(Layer.ANNOTATION, middle, piece.name()).with(PieceWords.of(piece));
            block.done();
        }
        return drawing.text();
    }

    private static void piercing(DxfDrawing.Block block, Piercing piercing) {
        if (piercing.kind().isRound()) block.circle(Layer.DRILL, piercing.at(), piercing.sizeMm() / 2);
        else
            block.line(
                    Layer.DRILL,
                    piercing.at().minus(piercing.halfSlit()),
                    piercing.at().plus(piercing.halfSlit()));
        block.with(InsideWords.of(piercing));
    }

    /**
     * @param part what pieces are for that do not say
     * @throws BadFile if it is no such drawing, or too large; with the line of what is wrong
     */
    public static List<Piece> read(String text, PartId part) throws BadFile {
        var pieces = new ArrayList<Piece>();
        for (var block : DxfBlocks.read(text, MOST_ENTITIES)) {
            if (block.entities().stream().noneMatch(entity -> entity.layer() == 1 || entity.layer() == 14)) continue;
            pieces.add(piece(block, part, pieces.size() + 1));
        }
        if (pieces.isEmpty()) throw new BadFile("No piece is drawn in it: nothing lies on layer 1 or 14.");
        return pieces;
    }

    private static Piece piece(DxfBlocks.Block block, PartId part, int number) throws BadFile {
        var words = new LinkedHashMap<String, String>();
        var edges = new ArrayList<Edge>();
        var boundary = new ArrayList<List<Point>>();
        var inside = Inside.NOTHING;
        for (var entity : block.entities()) {
            words.putAll(entity.layer() == 15 ? entity.words() : Map.of());
            var points = entity.points(SAG_MM);
            switch (entity.layer()) {
                case 14 -> {
                    if (points.size() > 1)
                        edges.add(EdgeWords.edge(entity.words(), points.subList(0, points.size() - 1)));
                }
                case 1 -> boundary.add(points);
                case 11 -> {
                    if (points.size() > 2 && Outline.ofRing(points) instanceof Understood<Outline>(var hole))
                        inside = inside.withHoles(with(inside.holes(), hole));
                }
                case 13 -> {
                    if (piercing(entity) instanceof Piercing piercing) inside = inside.with(piercing);
                    else if (points.size() > 2 && Outline.ofRing(points) instanceof Understood<Outline>(var hole))
                        inside = inside.withHoles(with(inside.holes(), hole));
                }
                case 8 -> {
                    if (InsideWords.isKeepOut(entity.words())
                            && Outline.ofRing(points) instanceof Understood<Outline>(var room))
                        inside = inside.with(InsideWords.keepOut(entity.words(), room));
                }
                default -> {}
            }
        }
        var usual = new PieceWords.Usual(part, block.name().isBlank() ? "piece " + number : block.name());
        var isOurs = edges.stream().mapToInt(edge -> edge.line().size()).sum() > 2;
        return PieceWords.piece(words, usual, isOurs ? edges : fromBoundary(boundary, usual.name()), inside);
    }

    private static List<Outline> with(List<Outline> holes, Outline hole) {
        return Stream.concat(holes.stream(), Stream.of(hole)).toList();
    }

    /** A circle is as large as it is drawn, a slit as long; a point without words is a small hole. */
    private static @Nullable Piercing piercing(DxfBlocks.Entity entity) {
        if (entity.vertices().isEmpty()) return null;
        var first = entity.vertices().getFirst();
        var last = entity.vertices().getLast();
        var size = entity.radius() > 0 ? 2 * entity.radius() : first.equals(last) ? SMALL_MM : first.to(last);
        return InsideWords.piercing(entity.words(), first.plus(last).times(0.5), size)
                .orElse(null);
    }

    /** The boundary's lines and arcs one after the other, as they meet. */
    private static List<Edge> fromBoundary(List<List<Point>> runs, String name) throws BadFile {
        var ring = Chain.closed(runs);
        return switch (Outline.ofRing(ring)) {
            case Refused<Outline>(var why) -> throw new BadFile("The boundary of “%s” %s.".formatted(name, why));
            case Understood<Outline>(var outline) ->
                Corners.edges(outline.corners()).stream()
                        .map(line -> new Edge("", line, EdgeFinish.RAW, 0))
                        .toList();
        };
    }
}
