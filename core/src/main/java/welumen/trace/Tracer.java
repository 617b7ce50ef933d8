package welumen.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * Traces the outline of one flat piece from one photo; refuses what it cannot see, and says what makes it less sure.
 *
 * <p>In order: targets found (Olson, 2011), the plane with its lens (Zhang, 2000; Brown, 1971), the floor laid flat,
 * the piece told from the ground (Meyer's watershed, 1991), its edge sought to a share of a pixel, cleaned into lines
 * and arcs. Linear in the pixels, about two seconds for twelve million. Where nothing is warned of, the outline kept
 * within 0.15 mm on the mean and 0.45 mm over 95 % of its length on photos drawn for it; see {@code docs/figures.md}.
 */
public final class Tracer {
    private static final double BLURRED_MM = 2;
    private static final double HOPELESS_MM = 6;
    private static final double HOPELESS_PIXELS = 4.5;
    private static final double POOR_FIT_MM = 0.5;
    private static final double SAG_MM = 0.02;
    /** Sag in mm of a hole's chords, so that even a small one keeps its width. */
    private static final double HOLE_SAG_MM = 0.005;

    private static final double ROUND_MM = 0.3;
    /** Tolerance of a round hole in a soft photo, as a share of an edge's width. */
    private static final double ROUND_IN_BLUR = 0.15;

    /** Share of a small hole's points that must be seen: they are few, and the odd one is missing. */
    private static final double FILLED = 0.65;

    /** Shares of the whole work, as they were on photos of twelve megapixels. */
    private static final double TARGETS_FOUND = 0.3;

    private static final double PLANE_FITTED = 0.4;
    private static final double FLOOR_LAID = 0.55;
    private static final double PIECE_SEEN = 0.75;
    private static final Parsed<Traced> STOPPED = new Refused<>("The trace was stopped.");

    private static final int FEWEST_POINTS = 8;
    /** Share of a hole's width that may be hidden. */
    private static final double MOST_HIDDEN = 0.25;

    private final Picture picture;
    private final TraceOptions options;
    private final TraceWatch watch;
    private final List<String> warnings = new ArrayList<>();

    private Tracer(Picture picture, TraceOptions options, TraceWatch watch) {
        this.picture = picture;
        this.options = options;
        this.watch = watch;
    }

    /** The piece, or in words why it cannot be seen and what to do. */
    public static Parsed<Traced> trace(Picture picture, TraceOptions options) {
        return trace(picture, options, _ -> true);
    }

    /** The same, watched: between its steps it tells how far it is, and ends where it is not wanted any more. */
    public static Parsed<Traced> trace(Picture picture, TraceOptions options, TraceWatch watch) {
        return new Tracer(picture, options, watch).traced();
    }

    private Parsed<Traced> traced() {
        var targets = TargetFinder.in(picture);
        if (!watch.goesOn(TARGETS_FOUND)) return STOPPED;
        var sides = targets.parallelStream()
                .map(target -> TargetSides.of(picture, target))
                .flatMap(Optional::stream)
                .toList();
        if (sides.size() < PlaneFit.FEWEST) return new Refused<>(tooFew(targets, sides));
        var fit = PlaneFit.of(picture.width(), picture.height(), sides, options.targetMm());
        var width = sides.stream()
                .mapToDouble(TargetSides::width)
                .sorted()
                .skip(sides.size() / 2)
                .findFirst()
                .orElseThrow();
        var blurMm = width * fit.plane().millimetresPerPixel();
        if (blurMm > HOPELESS_MM && width > HOPELESS_PIXELS)
            return new Refused<>(
                    ("The photo is blurred: an edge of a target is %.0f pixels wide. Hold the camera still,"
                                    + " focus on the piece, and take it again.")
                            .formatted(width));
        warnAboutTargets(fit, blurMm);
        if (!watch.goesOn(PLANE_FITTED)) return STOPPED;
        var floor = FloorRaster.of(picture, fit);
        if (!watch.goesOn(FLOOR_LAID)) return STOPPED;
        var mask = PieceMask.of(floor, fit, options.targetMm());
        if (mask.isEmpty())
            return new Refused<>("No piece was found between the targets: nothing there differs from the ground. Lay it"
                    + " on a ground of another brightness or colour.");
        if (mask.get().isCut())
            return new Refused<>(
                    "The piece runs out of the picture, or out of what the targets cover. Step back, so that"
                            + " all of it and the targets round it are seen.");
        var rings = mask.get().rings(floor);
        return watch.goesOn(PIECE_SEEN) ? drawn(fit, rings, blurMm) : STOPPED;
    }

    private static String tooFew(List<Target> targets, List<TargetSides> sides) {
        var numbers = targets.stream()
                .map(target -> Integer.toString(target.number()))
                .collect(Collectors.joining(", "));
        return "%s found%s, and %d are needed. Lay more targets round the piece, flat, whole in the picture, with their white rim."
                        .formatted(
                                targets.isEmpty()
                                        ? "No target was"
                                        : targets.size() == 1
                                                ? "Only one target was"
                                                : "Only %d targets were".formatted(targets.size()),
                                targets.isEmpty() ? "" : " (" + numbers + ")",
                                PlaneFit.FEWEST)
                + (sides.size() < targets.size() ? " Some were found whose sides can hardly be seen." : "");
    }

    private void warnAboutTargets(PlaneFit fit, double blurMm) {
        for (var number : fit.left())
            warnings.add("Target %d was left out: it does not fit the others. It may be creased or half covered."
                    .formatted(number));
        if (fit.residual() > POOR_FIT_MM)
            warnings.add("The targets fit each other to %s only: see that they lie flat and are all of %s."
                    .formatted(Lengths.said(fit.residual()), Lengths.said(options.targetMm())));
        if (blurMm > BLURRED_MM)
            warnings.add("The photo is not sharp: an edge is %s wide.".formatted(Lengths.said(blurMm)));
    }

    private Parsed<Traced> drawn(PlaneFit fit, List<List<Point>> rings, double blurMm) {
        var seeker = new EdgeSeeker(picture, fit.plane(), blurMm);
        var parallax = Parallax.of(fit.plane());
        var found = new ArrayList<List<Point>>();
        for (var ring : rings) {
            if (!watch.goesOn(PIECE_SEEN + (1 - PIECE_SEEN) * found.size() / rings.size())) return STOPPED;
            var measured = seeker.sought(ring);
            if (measured.size() >= FEWEST_POINTS) found.add(parallax.corrected(measured, options.thicknessMm()));
            else if (found.isEmpty())
                return new Refused<>("The piece's edge cannot be told from the ground. Lay it on another ground.");
            else warnOfLostHole();
        }
        warnWhereOutside(fit, Box.of(found.getFirst()));
        var clean = clean(found.getFirst());
        if (clean.isEmpty())
            return new Refused<>(
                    "The piece's edge is too uneven to be drawn. Lay it flat on a ground of another colour.");
        var straight = Straight.of(clean.get(), found.getFirst());
        var segments = clean.get().stream().map(straight::laid).toList();
        var outline = Outline.ofRing(points(segments)).orThrow();
        var holes = new ArrayList<Outline>();
        var circles = new ArrayList<Traced.Circle>();
        var gauge = new HoleGauge(picture, fit.plane(), blurMm);
        for (var hole : found.subList(1, found.size())) {
            warnWhereHidden(hole, parallax);
            hole(hole, straight, gauge, holes, circles);
        }
        if (Planar.fault(new Shape(outline, holes)).isPresent())
            return new Refused<>(
                    "A hole runs into the piece's edge or into another hole there. Lay the piece flat, take off"
                            + " what lies on it, and take the photo again.");
        return new Understood<>(new Traced(
                new Shape(outline, holes),
                segments,
                circles,
                fit.used().size(),
                fit.residual(),
                fit.plane().millimetresPerPixel(),
                warnings));
    }

    /** Of a small hole through a thick piece little is seen but its wall. */
    private void warnWhereHidden(List<Point> hole, Parallax parallax) {
        var wide = 2 * Math.sqrt(Math.abs(Ring.area(hole)) / Math.PI);
        if (parallax.hiddenMm(mean(hole), options.thicknessMm()) > MOST_HIDDEN * wide)
            warnings.add("A hole of about %s is partly hidden by the piece's own thickness: measure it by hand."
                    .formatted(Lengths.near(wide)));
    }

    private void warnOfLostHole() {
        warnings.add("A hole was seen whose edge cannot be measured: it is left out. Measure it by hand.");
    }

    private void warnWhereOutside(PlaneFit fit, Box piece) {
        var targets = Box.of(fit.squares().stream().flatMap(List::stream).toList());
        var beyond = Math.max(
                Math.max(targets.minX() - piece.minX(), piece.maxX() - targets.maxX()),
                Math.max(targets.minY() - piece.minY(), piece.maxY() - targets.maxY()));
        if (beyond > options.targetMm())
            warnings.add("The piece reaches %s beyond the targets: measures there are less sure. Lay targets round it."
                    .formatted(Lengths.near(beyond)));
    }

    /** Lines and arcs; where those cross each other, the measured points themselves; empty where they do too. */
    private static Optional<List<Segment>> clean(List<Point> measured) {
        var clean = CleanLines.of(measured);
        return Stream.of(clean, chords(Ring.evened(measured, 1)))
                .filter(segments -> Outline.ofRing(points(segments)) instanceof Understood)
                .findFirst();
    }

    private static List<Point> points(List<Segment> segments) {
        return segments.stream()
                .flatMap(segment -> segment.points(SAG_MM).stream())
                .toList();
    }

    private static List<Segment> chords(List<Point> ring) {
        return IntStream.range(0, ring.size())
                .<Segment>mapToObj(i -> new Segment.Line(ring.get(i), ring.get((i + 1) % ring.size())))
                .toList();
    }

    private void hole(
            List<Point> seen, Straight straight, HoleGauge gauge, List<Outline> holes, List<Traced.Circle> circles) {
        var small = options.thicknessMm() > 0
                ? Optional.<Fitted.Round>empty()
                : gauge.small(mean(seen), Math.sqrt(Math.abs(Ring.area(seen)) / Math.PI));
        if (small.isPresent()) {
            round(straight.laid(small.get().centre()), small.get().radius(), holes, circles);
            return;
        }
        var round = Fitted.circle(seen);
        if (round.isPresent() && isRound(seen, round.get(), gauge.blurMm())) {
            // a thick piece hides part of its holes, whose light then says nothing
            var radius = options.thicknessMm() > 0
                    ? round.get().radius()
                    : gauge.radius(round.get().centre(), round.get().radius());
            round(straight.laid(round.get().centre()), radius, holes, circles);
            return;
        }
        clean(straight.laid(seen.reversed()))
                .ifPresentOrElse(segments -> holes.add(new Outline(points(segments))), this::warnOfLostHole);
    }

    private static Point mean(List<Point> points) {
        return points.stream().reduce(new Point(0, 0), Point::plus).times(1.0 / points.size());
    }

    private static void round(Point centre, double radius, List<Outline> holes, List<Traced.Circle> circles) {
        holes.add(new Outline(new Segment.Arc(centre, radius, 0, 2 * Math.PI).points(HOLE_SAG_MM)));
        circles.add(new Traced.Circle(centre, 2 * radius));
    }

    /** Its points lie on the circle, and all round it. */
    private static boolean isRound(List<Point> measured, Fitted.Round round, double blurMm) {
        var filled = Math.abs(Ring.area(measured)) / (Math.PI * round.radius() * round.radius());
        if (filled < FILLED || filled > 1 / FILLED) return false;
        var sum = measured.stream()
                .mapToDouble(point -> Math.pow(round.off(point), 2))
                .sum();
        return Math.sqrt(sum / measured.size())
                < Math.max(Math.max(ROUND_MM, ROUND_IN_BLUR * blurMm), 0.02 * round.radius());
    }
}
