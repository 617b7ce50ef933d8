package welumen.treatment.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.survey.Station;

/**
 * A bought outline laid over the needed one: moved and turned so that as little as can be is short and shows, then as
 * little as can be is over. Found by a pattern search (Hooke and Jeeves, 1961) from several starts; the same for the same
 * outlines.
 *
 * @param bought as it lies
 * @param stations along the needed edge, named by its edges in their order, each with its place in {@code places}
 * @param entered the keep-outs, by their place in the list, into which it reaches
 */
public record LaidOver(Outline bought, List<Station> stations, List<Point> places, List<Integer> entered) {
    private static final double EVERY_MM = 25;
    private static final double STEP_MM = 24;
    private static final double FINEST_MM = 0.02;
    private static final List<Double> STARTS = List.of(0.0, 0.05, -0.05, Math.PI);

    public LaidOver {
        stations = List.copyOf(stations);
        places = List.copyOf(places);
        entered = List.copyOf(entered);
    }

    /** A shift in mm and a turn in radians about the needed outline's middle. */
    private record Pose(double x, double y, double turn) {}

    public static LaidOver best(Needed where, Outline bought) {
        var needed = where.outline();
        var coveredMm = where.coveredMm();
        var keepOuts = where.keepOuts();
        var places = places(needed, coveredMm);
        var middle = middle(needed);
        var from = middle(bought);
        var best = new Pose(0, 0, 0);
        var least = Double.MAX_VALUE;
        for (var turn : STARTS) {
            var pose = search(needed, bought, places, middle, from, new Pose(0, 0, turn));
            var cost = cost(placed(bought, from, middle, pose), places);
            if (cost < least - 1e-9) {
                least = cost;
                best = pose;
            }
        }
        var laid = placed(bought, from, middle, best);
        var stations = new ArrayList<Station>();
        for (var place : places) stations.add(station(laid, place));
        var entered = new ArrayList<Integer>();
        for (var i = 0; i < keepOuts.size(); i++) if (enters(laid, keepOuts.get(i))) entered.add(i);
        return new LaidOver(
                new Outline(laid), stations, places.stream().map(Place::at).toList(), entered);
    }

    /** @param coveredMm by how much a lap reaches beyond it */
    private record Place(Point at, int edge, double coveredMm) {}

    private static List<Place> places(Outline needed, Map<Integer, Double> coveredMm) {
        var places = new ArrayList<Place>();
        var corners = needed.corners();
        for (var i = 0; i < corners.size(); i++) {
            var from = corners.get(i);
            var to = corners.get((i + 1) % corners.size());
            var parts = Math.max(1, (int) Math.round(from.to(to) / EVERY_MM));
            for (var j = 0; j < parts; j++) {
                var at = from.plus(to.minus(from).times((j + 0.5) / parts));
                places.add(new Place(at, i, covered(needed, at, coveredMm)));
            }
        }
        return places;
    }

    /** A lap covers what lies near its edge, whichever edge that belongs to. */
    private static double covered(Outline needed, Point at, Map<Integer, Double> coveredMm) {
        var corners = needed.corners();
        return coveredMm.entrySet().stream()
                .mapToDouble(lap -> lap.getValue()
                        - SignedDistance.toSegment(
                                at, corners.get(lap.getKey()), corners.get((lap.getKey() + 1) % corners.size())))
                .filter(reach -> reach > 0)
                .max()
                .orElse(0);
    }

    private static Pose search(
            Outline needed, Outline bought, List<Place> places, Point middle, Point from, Pose start) {
        var radius = Math.max(1, needed.perimeter() / 6);
        var at = start;
        var cost = cost(placed(bought, from, middle, at), places);
        for (var step = STEP_MM; step > FINEST_MM; ) {
            var moved = false;
            for (var next : around(at, step, radius)) {
                var there = cost(placed(bought, from, middle, next), places);
                if (there >= cost - 1e-12) continue;
                at = next;
                cost = there;
                moved = true;
                break;
            }
            if (!moved) step /= 2;
        }
        return at;
    }

    private static List<Pose> around(Pose at, double step, double radius) {
        var turn = step / radius;
        return List.of(
                new Pose(at.x() + step, at.y(), at.turn()),
                new Pose(at.x() - step, at.y(), at.turn()),
                new Pose(at.x(), at.y() + step, at.turn()),
                new Pose(at.x(), at.y() - step, at.turn()),
                new Pose(at.x(), at.y(), at.turn() + turn),
                new Pose(at.x(), at.y(), at.turn() - turn));
    }

    /** What shows counts far more than what is hidden, and that more than what a knife takes off. */
    private static double cost(List<Point> laid, List<Place> places) {
        var sum = 0.0;
        for (var place : places) {
            var station = station(laid, place);
            var shows = station.showsMm();
            var missing = Math.max(0, -station.overMm());
            var over = Math.max(0, station.overMm());
            sum += shows * shows + 0.01 * missing * missing + 0.001 * over * over;
        }
        return sum / places.size();
    }

    private static Station station(List<Point> laid, Place place) {
        return new Station("edge " + (place.edge() + 1), SignedDistance.inside(laid, place.at()), place.coveredMm());
    }

    private static List<Point> placed(Outline bought, Point from, Point middle, Pose pose) {
        var cos = Math.cos(pose.turn());
        var sin = Math.sin(pose.turn());
        return bought.corners().stream()
                .map(corner -> {
                    var arm = corner.minus(from);
                    return new Point(
                            middle.x() + pose.x() + arm.x() * cos - arm.y() * sin,
                            middle.y() + pose.y() + arm.x() * sin + arm.y() * cos);
                })
                .toList();
    }

    private static Point middle(Outline outline) {
        var box = outline.box();
        return new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
    }

    /** By corners and middles of edges of either in the other: parts and keep-outs are far larger than their notches. */
    private static boolean enters(List<Point> laid, Outline keepOut) {
        return withMiddles(keepOut.corners()).stream().anyMatch(point -> SignedDistance.inside(laid, point) > 0)
                || withMiddles(laid).stream().anyMatch(point -> SignedDistance.inside(keepOut.corners(), point) > 0);
    }

    private static List<Point> withMiddles(List<Point> ring) {
        var points = new ArrayList<>(ring);
        for (var i = 0; i < ring.size(); i++)
            points.add(ring.get(i).plus(ring.get((i + 1) % ring.size())).times(0.5));
        return points;
    }

    /** The worst of each edge: where it is short and shows most; else where it is most over. */
    public List<Station> worstByEdge() {
        var worst = new LinkedHashMap<String, Station>();
        for (var station : stations)
            worst.merge(station.where(), station, (one, other) -> badness(other) > badness(one) ? other : one);
        return List.copyOf(worst.values());
    }

    private static double badness(Station station) {
        return station.showsMm() > 0 ? 1e6 + station.showsMm() : Math.abs(station.overMm());
    }
}
