package welumen.cut.forecast;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutPiece;
import welumen.cut.StopSignal;
import welumen.shape.Box;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * A change to the job, and what it buys.
 *
 * @param words what would be done
 * @param before in how many of the deliveries the hides were enough
 * @param after how many with the change, on the very same deliveries
 */
public record WhatIf(String words, int hides, double before, double after) {
    private static final int DELIVERIES = 40;
    private static final int MOST = 3;
    private static final double LARGE_MM2 = 0.12e6;
    private static final double SEAM_MM = 10;
    /** Area in mm² of the largest piece that may come from scrap. */
    private static final double SCRAP_MM2 = 0.02e6;

    /** The best buy first. */
    public double buys() {
        return after - before;
    }

    /** What might be done about the pieces that decide, each reckoned for one hide fewer than is recommended. */
    public static List<WhatIf> of(Forecast forecast, StopSignal stop) {
        var hides = Math.max(1, forecast.recommended() - 1);
        var question = forecast.question();
        var before = Forecaster.quick(question, DELIVERIES, stop)
                .corrected(forecast)
                .enough(hides)
                .likely();
        var found = new ArrayList<WhatIf>();
        for (var change : changes(forecast)) {
            if (stop.stopRequested()) break;
            var after = Forecaster.quick(question.about(change.pieces()), DELIVERIES, stop)
                    .corrected(forecast)
                    .enough(hides)
                    .likely();
            found.add(new WhatIf(change.words(), hides, before, after));
        }
        found.sort((one, other) -> Double.compare(other.buys(), one.buys()));
        return List.copyOf(found);
    }

    private record Change(String words, List<CutPiece> pieces) {}

    private static List<Change> changes(Forecast forecast) {
        var pieces = forecast.question().pieces();
        var changes = new ArrayList<Change>();
        var deciding = forecast.deciding().stream()
                .limit(MOST)
                .map(entry -> pieces.stream()
                        .filter(piece -> piece.id().equals(entry.getKey()))
                        .findFirst()
                        .orElseThrow())
                .toList();
        for (var piece : deciding) {
            var name = piece.id().replace('-', ' ');
            if (piece.shape().area() > LARGE_MM2)
                changes.add(new Change("A seam let into the %s".formatted(name), with(pieces, piece, halves(piece))));
            if (piece.grade() < 4)
                changes.add(new Change(
                        "The %s on grade %d".formatted(name, piece.grade() + 1),
                        with(pieces, piece, List.of(piece.graded(piece.grade() + 1)))));
        }
        var large = pieces.stream()
                .filter(piece -> piece.shape().area() > SCRAP_MM2)
                .toList();
        if (large.size() < pieces.size() && !large.isEmpty())
            changes.add(new Change("What is smaller than 2 dm² from scrap", large));
        return changes;
    }

    private static List<CutPiece> with(List<CutPiece> all, CutPiece gone, List<CutPiece> instead) {
        return all.stream()
                .flatMap(piece -> piece.equals(gone) ? instead.stream() : Stream.of(piece))
                .toList();
    }

    /** Across the middle of its longer way, with an allowance on both sides; the piece as it was where that parts it oddly. */
    static List<CutPiece> halves(CutPiece piece) {
        var box = piece.shape().outline().box();
        var middle = box.middle();
        var isWide = box.width() >= box.height();
        var near = isWide
                ? new Box(box.minX(), box.minY(), middle.x() + SEAM_MM, box.maxY())
                : new Box(box.minX(), box.minY(), box.maxX(), middle.y() + SEAM_MM);
        var far = isWide
                ? new Box(middle.x() - SEAM_MM, box.minY(), box.maxX(), box.maxY())
                : new Box(box.minX(), middle.y() - SEAM_MM, box.maxX(), box.maxY());
        var halves = new ArrayList<CutPiece>();
        for (var half : List.of(near, far)) {
            var cut = OverlayNGRobust.overlay(
                    Planar.polygon(piece.shape()), Planar.polygon(half.outline()), OverlayNG.INTERSECTION);
            var parts = Planar.polygons(cut);
            if (parts.size() != 1) return List.of(piece);
            halves.add(half(piece, Planar.shape(parts.getFirst()), halves.isEmpty() ? "-near" : "-far"));
        }
        return halves;
    }

    private static CutPiece half(CutPiece piece, Shape shape, String which) {
        return new CutPiece(
                piece.id() + which,
                shape,
                piece.quantity(),
                piece.material(),
                piece.turns(),
                piece.flip(),
                piece.grade(),
                piece.stretch(),
                "");
    }
}
