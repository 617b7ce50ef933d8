package welumen.pattern.hole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import welumen.pattern.hole.HoleMap.Hole;
import welumen.shape.Point;

/**
 * The holes of two pieces, old part and new, or part and body: each with its fellow, or without, and how far they are apart as
 * measured from the two maps' datums. Which holes are fellows is found with the maps laid so that the squares of what is between
 * them are least (Umeyama, 1991, without a change of size); how they lie by that best fit is a second reading, since it
 * shares one hole's error out over its neighbours.
 *
 * <p>Pairs are found in {@value #ROUNDS} rounds of nearest fellow and best fit (iterated closest points: Besl and
 * McKay, 1992), O(n²) for n holes.
 *
 * @param onlyOne holes of the first that the other does not have
 * @param onlyOther the other way round
 */
public record HolesCompared(List<Pair> pairs, List<Hole> onlyOne, List<Hole> onlyOther) {
    /** Distance in mm beyond which two holes are not the same. */
    private static final double SAME_MM = 15;

    /** Distance in mm at which a screw still finds a hole that is as much larger. */
    public static final double FINDS_MM = 1.5;

    private static final int ROUNDS = 8;

    /**
     * Two holes that are the same.
     *
     * @param by from the one to the other, in the axes of the datum, in mm
     * @param bestFitMm how far they lie apart once all are laid over each other
     * @param largerMm by how much the other is larger
     */
    public record Pair(Hole one, Hole other, Point by, double bestFitMm, double largerMm) {
        /** How far apart they are, from the datum. */
        public double offMm() {
            return Math.hypot(by.x(), by.y());
        }

        public boolean meets() {
            return offMm() <= FINDS_MM && Math.abs(largerMm) <= FINDS_MM;
        }
    }

    public HolesCompared {
        pairs = List.copyOf(pairs);
        onlyOne = List.copyOf(onlyOne);
        onlyOther = List.copyOf(onlyOther);
    }

    public static HolesCompared of(HoleMap one, HoleMap other) {
        var pairs = Stream.of(new Lay(0, new Point(0, 0)), middleOnMiddle(one, other))
                .map(lay -> paired(one, other, lay))
                .max(Comparator.comparingInt((List<Pair> found) -> found.size())
                        .thenComparingDouble(found ->
                                -found.stream().mapToDouble(Pair::bestFitMm).sum()))
                .orElseThrow();
        return new HolesCompared(
                pairs,
                one.holes().stream()
                        .filter(hole -> pairs.stream().noneMatch(pair -> pair.one() == hole))
                        .toList(),
                other.holes().stream()
                        .filter(hole -> pairs.stream().noneMatch(pair -> pair.other() == hole))
                        .toList());
    }

    private static List<Pair> paired(HoleMap one, HoleMap other, Lay start) {
        var lay = start;
        var pairs = pairs(one, other, lay);
        for (var round = 0; round < ROUNDS && pairs.size() >= 2; round++) {
            lay = best(pairs);
            pairs = pairs(one, other, lay);
        }
        return pairs;
    }

    /** Where every hole is off by the same, none would find its fellow from the datum. */
    private static Lay middleOnMiddle(HoleMap one, HoleMap other) {
        if (one.holes().isEmpty() || other.holes().isEmpty()) return new Lay(0, new Point(0, 0));
        return new Lay(
                0,
                middle(other.holes().stream().map(Hole::at).toList())
                        .minus(middle(one.holes().stream().map(Hole::at).toList())));
    }

    public boolean agree() {
        return onlyOne.isEmpty() && onlyOther.isEmpty() && pairs.stream().allMatch(Pair::meets);
    }

    /** How the first map lies on the other. */
    private record Lay(double turn, Point shift) {
        Point of(Point point) {
            return new Point(
                            point.x() * Math.cos(turn) - point.y() * Math.sin(turn),
                            point.x() * Math.sin(turn) + point.y() * Math.cos(turn))
                    .plus(shift);
        }
    }

    /** The nearest first, each hole once. */
    private static List<Pair> pairs(HoleMap one, HoleMap other, Lay lay) {
        var near = new ArrayList<Pair>();
        for (var hole : one.holes())
            for (var fellow : other.holes()) {
                var off = lay.of(hole.at()).to(fellow.at());
                if (off <= SAME_MM)
                    near.add(
                            new Pair(hole, fellow, fellow.at().minus(hole.at()), off, fellow.sizeMm() - hole.sizeMm()));
            }
        near.sort(Comparator.comparingDouble(Pair::bestFitMm));
        var pairs = new ArrayList<Pair>();
        for (var pair : near)
            if (pairs.stream().noneMatch(taken -> taken.one() == pair.one() || taken.other() == pair.other()))
                pairs.add(pair);
        return pairs;
    }

    private static Lay best(List<Pair> pairs) {
        var here = middle(pairs.stream().map(pair -> pair.one().at()).toList());
        var there = middle(pairs.stream().map(pair -> pair.other().at()).toList());
        double dot = 0, cross = 0;
        for (var pair : pairs) {
            var a = pair.one().at().minus(here);
            var b = pair.other().at().minus(there);
            dot += a.x() * b.x() + a.y() * b.y();
            cross += a.x() * b.y() - a.y() * b.x();
        }
        var turn = Math.atan2(cross, dot);
        var turned = new Lay(turn, new Point(0, 0)).of(here);
        return new Lay(turn, there.minus(turned));
    }

    private static Point middle(List<Point> points) {
        return points.stream().reduce(new Point(0, 0), Point::plus).times(1.0 / points.size());
    }
}
