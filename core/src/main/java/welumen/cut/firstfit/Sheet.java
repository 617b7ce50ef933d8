package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.stock.Stock;
import welumen.shape.Point;

/** A stock on which pieces are being laid, and the search for the next one's place. Used by one thread. */
final class Sheet {
    /** Where a piece can lie, and how good that is: less is better. */
    record Place(Attitude attitude, double dx, double dy, double badness) {}

    private record Laid(Attitude attitude, Rings rings, double dx, double dy) {}

    private static final double[] STEPS = {64, 16, 4, 1, 0.25, 0.0625};

    final PreparedStock ground;
    private final double gap;
    private final Taste taste;
    private final List<Laid> laid = new ArrayList<>();
    private final List<Point> anchors;
    private final Raster taken;
    private double[] box = {
        Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
    };

    Sheet(PreparedStock ground, double gap, Taste taste) {
        this.ground = ground;
        this.gap = gap;
        this.taste = taste;
        this.anchors = new ArrayList<>(ground.anchors);
        this.taken = ground.emptyRaster();
    }

    /** With what lies on it in a plan. */
    static Sheet of(CutProblem problem, Stock stock, List<Placement> placements) {
        var sheet = new Sheet(new PreparedStock(stock, problem.gap()), problem.gap(), Taste.BOX);
        for (var placement : placements)
            if (placement.stock().equals(stock.id()))
                sheet.lay(
                        attitude(problem, placement),
                        placement.pose().x(),
                        placement.pose().y());
        return sheet;
    }

    /** With what lies on it, only to be asked whether it takes something: no place can be looked for. */
    static Sheet asked(PreparedStock ground, CutProblem problem, List<Placement> placements) {
        var sheet = new Sheet(ground, problem.gap(), Taste.BOX);
        for (var placement : placements)
            if (placement.stock().equals(ground.stock.id())) {
                var attitude = attitude(problem, placement);
                sheet.laid.add(new Laid(
                        attitude,
                        attitude.tested,
                        placement.pose().x(),
                        placement.pose().y()));
            }
        return sheet;
    }

    private static Attitude attitude(CutProblem problem, Placement placement) {
        return Attitude.of(
                problem.piece(placement.piece()),
                placement.pose().turnDegrees(),
                placement.pose().flipped());
    }

    boolean isEmpty() {
        return laid.isEmpty();
    }

    /** The best place for a piece in one of these attitudes, of those tried until it is stopped; empty if it has none. */
    Optional<Place> placeFor(List<Attitude> attitudes, StopSignal stop) {
        return attitudes.stream()
                .takeWhile(_ -> !stop.stopRequested())
                .flatMap(attitude -> placeFor(attitude, stop).stream())
                .min(Comparator.comparingDouble(Place::badness));
    }

    void lay(Attitude attitude, double dx, double dy) {
        laid.add(new Laid(attitude, attitude.tested, dx, dy));
        taken.take(attitude.tested, dx, dy);
        for (var point : PreparedStock.grown(attitude.shape.outline(), gap)) anchors.add(point.plus(new Point(dx, dy)));
        for (var hole : attitude.shape.holes())
            for (var point : hole.corners()) anchors.add(point.plus(new Point(dx, dy)));
        box = joined(attitude.box(dx, dy));
    }

    boolean takes(Attitude attitude, double dx, double dy) {
        for (var other : laid)
            if (other.rings().meets(attitude.tested, dx - other.dx(), dy - other.dy(), gap)) return false;
        return ground.takes(attitude, dx, dy, gap);
    }

    /** A first glance: whether no point well inside the piece lies on what is taken. */
    private boolean mayTake(Attitude attitude, double dx, double dy) {
        var poor = ground.raster(attitude.piece.grade());
        for (var point : attitude.inner)
            if (taken.isTaken(point.x() + dx, point.y() + dy) || poor.isTaken(point.x() + dx, point.y() + dy))
                return false;
        return true;
    }

    /**
     * Offers every corner of the piece, and of the box round it, up to every corner that is there, and the piece as a
     * whole up to a coarse grid, the most promising first.
     */
    private Optional<Place> placeFor(Attitude attitude, StopSignal stop) {
        var offers = new ArrayList<Place>();
        offers(attitude, attitude.corners, anchors, offers);
        offers(attitude, attitude.corners, ground.anchorsOfPoor(attitude.piece.grade()), offers);
        offers(attitude, attitude.lowest, ground.grid, offers);
        offers.sort(Comparator.comparingDouble(Place::badness));
        for (var offer : offers) {
            if (!mayTake(attitude, offer.dx(), offer.dy())) continue;
            if (takes(attitude, offer.dx(), offer.dy())) return Optional.of(pushed(offer));
            if (stop.stopRequested()) return Optional.empty();
        }
        return Optional.empty();
    }

    private void offers(Attitude attitude, List<Point> corners, List<Point> at, List<Place> offers) {
        for (var anchor : at)
            for (var own : corners) {
                var dx = anchor.x() - own.x();
                var dy = anchor.y() - own.y();
                if (attitude.tested.minX + dx < ground.edge.minX
                        || attitude.tested.maxX + dx > ground.edge.maxX
                        || attitude.tested.minY + dy < ground.edge.minY
                        || attitude.tested.maxY + dy > ground.edge.maxY) continue;
                offers.add(new Place(attitude, dx, dy, badness(attitude, dx, dy)));
            }
    }

    /** Pushes a piece toward the corner, as far as it goes. */
    private Place pushed(Place place) {
        var dx = place.dx();
        var dy = place.dy();
        for (var step : STEPS) {
            var moved = true;
            while (moved) {
                moved = false;
                if (takes(place.attitude(), dx - step, dy)) {
                    dx -= step;
                    moved = true;
                }
                if (takes(place.attitude(), dx, dy - step)) {
                    dy -= step;
                    moved = true;
                }
            }
        }
        return new Place(place.attitude(), dx, dy, badness(place.attitude(), dx, dy));
    }

    private double badness(Attitude attitude, double dx, double dy) {
        var own = attitude.box(dx, dy);
        return switch (ground.stock) {
            case Stock.Roll roll -> own[2] + 1e-3 * taste.distance(own, ground.edge) / roll.width();
            case Stock.Hide _ -> {
                var all = joined(own);
                yield taste.badness(
                        taste.distance(own, ground.edge),
                        (all[2] - all[0]) * (all[3] - all[1]),
                        (own[2] - own[0]) * (own[3] - own[1]) * onBetterThanNeeded(attitude, dx, dy));
            }
        };
    }

    /** The share of a piece's inner points that lie on leather good enough for a finer grade. */
    private double onBetterThanNeeded(Attitude attitude, double dx, double dy) {
        if (attitude.piece.grade() == 1 || attitude.inner.isEmpty()) return 0;
        var finer = ground.raster(attitude.piece.grade() - 1);
        var better = 0;
        for (var point : attitude.inner) if (!finer.isTaken(point.x() + dx, point.y() + dy)) better++;
        return (double) better / attitude.inner.size();
    }

    private double[] joined(double[] other) {
        return new double[] {
            Math.min(box[0], other[0]),
            Math.min(box[1], other[1]),
            Math.max(box[2], other[2]),
            Math.max(box[3], other[3])
        };
    }
}
