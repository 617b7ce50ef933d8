package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Match;
import welumen.pattern.piece.Piece;
import welumen.shape.Run;

/**
 * How two edges part while one is walked along the other, from place to place that meet: where a seam says which, there;
 * else at their corners, where both edges have as many; else at the ends alone.
 *
 * <p>Linear in the points of both edges; exact for edges of straight sides, and to the sag of a drawn curve, {@value
 * welumen.pattern.piece.EdgeCurve#SAG_MM} mm, else.
 *
 * @param places from the beginning of the first edge to its end
 */
public record Divergence(List<Place> places) {
    private static final double CORNER = Math.toRadians(15);
    /** Length in mm within which a line turns at a corner. */
    private static final double WITHIN_MM = 6;

    private static final double LEAST_MM = 2;
    private static final double SHARE = 0.005;

    /**
     * A place that meets its fellow.
     *
     * @param atMm along the first edge
     * @param offMm by how much the other edge is longer up to here than it should be, its share of the ease taken off
     */
    public record Place(double atMm, double offMm) {}

    /** From one place to the next. */
    public record Stretch(double fromMm, double toMm, double offMm, double toleranceMm) {
        public boolean walks() {
            return Math.abs(offMm) <= toleranceMm;
        }
    }

    public Divergence {
        places = List.copyOf(places);
    }

    /** @throws NoSuchElementException if one of its pieces is gone; patterns keep no such seam */
    public static Divergence of(Patterns patterns, Seam seam) {
        var one = patterns.findOne(seam.one().piece()).orElseThrow();
        var other = patterns.findOne(seam.other().piece()).orElseThrow();
        var oneMm = one.lengthMm(seam.one().edge());
        var otherMm = other.lengthMm(seam.other().edge());
        var places = new ArrayList<Place>();
        places.add(new Place(0, 0));
        for (var match : matches(one, other, seam))
            if (match.oneMm() < oneMm && match.otherMm() < otherMm)
                places.add(new Place(match.oneMm(), off(match, seam, oneMm)));
        places.add(new Place(oneMm, off(new Match(oneMm, otherMm), seam, oneMm)));
        return new Divergence(places);
    }

    private static double off(Match match, Seam seam, double oneMm) {
        return match.otherMm() - match.oneMm() * (1 + seam.easeMm() / oneMm);
    }

    private static List<Match> matches(Piece one, Piece other, Seam seam) {
        if (!seam.matches().isEmpty()) return seam.matches();
        var here = corners(new Run(one.run(seam.one().edge())));
        var there = corners(new Run(other.run(seam.other().edge())).reversed());
        if (here.size() != there.size()) return List.of();
        var matches = new ArrayList<Match>();
        for (var i = 0; i < here.size(); i++) matches.add(new Match(here.get(i), there.get(i)));
        return matches;
    }

    /** Where a line turns sharply, in mm along it. */
    private static List<Double> corners(Run run) {
        var corners = new ArrayList<Double>();
        var gone = 0.0;
        var points = run.points();
        for (var i = 1; i + 1 < points.size(); i++) {
            gone += points.get(i - 1).to(points.get(i));
            if (Math.abs(points.get(i).turn(points.get(i - 1), points.get(i + 1))) >= CORNER
                    && (corners.isEmpty() || gone - corners.getLast() > WITHIN_MM)) corners.add(gone);
        }
        return corners;
    }

    public List<Stretch> stretches() {
        var stretches = new ArrayList<Stretch>();
        for (var i = 1; i < places.size(); i++) {
            var from = places.get(i - 1);
            var to = places.get(i);
            stretches.add(new Stretch(
                    from.atMm(),
                    to.atMm(),
                    to.offMm() - from.offMm(),
                    Math.max(LEAST_MM, SHARE * (to.atMm() - from.atMm()))));
        }
        return stretches;
    }

    /** The one that is farthest out. */
    public Stretch worst() {
        return stretches().stream()
                .max(Comparator.comparingDouble(stretch -> Math.abs(stretch.offMm())))
                .orElseThrow();
    }

    public boolean walks() {
        return stretches().stream().allMatch(Stretch::walks);
    }
}
