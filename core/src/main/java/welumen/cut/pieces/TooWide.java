package welumen.cut.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import welumen.cut.stock.Stock;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.Patterns;
import welumen.pattern.draft.Divided;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Piece;
import welumen.pattern.surface.Blank;
import welumen.shape.Point;
import welumen.shape.Run;

/**
 * A piece that is wider across its nap than the roll it is cut from is made of strips that are sewn together along the nap.
 * Some trimmers join once, in the middle, where a seat or a hump hides it; others keep the middle whole, as wide as the roll
 * gives, and join twice, the same on either side.
 *
 * <p>Closed form; strips are as wide as the roll gives, none narrower than {@value #NARROWEST_MM} mm.
 */
public final class TooWide {
    /** Width in mm below which a strip is hard to sew straight. */
    private static final double NARROWEST_MM = 80;

    private final Patterns patterns;
    private final Piece piece;
    private final double alongX;
    private final double alongY;
    private final double low;
    private final double high;
    private final double usableMm;

    private TooWide(Patterns patterns, Piece piece, double usableMm) {
        this.patterns = patterns;
        this.piece = piece;
        this.usableMm = usableMm;
        var blank = Blank.of(piece);
        var box = blank.box();
        var degrees = piece.grain() instanceof Grain.NapToward(var nap) ? nap : box.width() >= box.height() ? 0 : 90;
        alongX = Math.cos(Math.toRadians(degrees));
        alongY = Math.sin(Math.toRadians(degrees));
        low = least(blank.corners(), this::across);
        high = -least(blank.corners(), corner -> -across(corner));
    }

    /** How the strips are joined. */
    public enum Join {
        ONCE("one join in the middle"),
        TWICE("two joins, the middle whole");

        private final String word;

        Join(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** @param changes what happens to the pattern */
    public record Offer(Piece piece, Join join, List<PatternChange> changes) {
        public Offer {
            changes = List.copyOf(changes);
        }
    }

    /** How a piece can be made of strips; empty where a roll is wide enough for it, or joining does not help. */
    public static List<Offer> offers(Patterns patterns, Piece piece, List<Stock> stock, double gapMm) {
        var usable = stock.stream()
                .filter(one -> one.material().equals(piece.material()))
                .mapToDouble(one -> one instanceof Stock.Roll roll ? roll.usableWidth() - 2 * gapMm : 0)
                .max();
        return usable.isEmpty() || usable.getAsDouble() <= 0
                ? List.of()
                : new TooWide(patterns, piece, usable.getAsDouble()).offers();
    }

    private List<Offer> offers() {
        if (high - low <= usableMm) return List.of();
        var offers = new ArrayList<Offer>();
        if ((high - low) / 2 + EdgeFinish.SEWN.allowanceMm() <= usableMm)
            joined(List.of((low + high) / 2)).ifPresent(changes -> offers.add(new Offer(piece, Join.ONCE, changes)));
        var whole = Math.min(usableMm - 2 * EdgeFinish.SEWN.allowanceMm(), high - low - 2 * NARROWEST_MM);
        var side = (high - low - whole) / 2;
        if (whole >= NARROWEST_MM && side + EdgeFinish.SEWN.allowanceMm() <= usableMm)
            joined(List.of(low + side, high - side))
                    .ifPresent(changes -> offers.add(new Offer(piece, Join.TWICE, changes)));
        return offers;
    }

    /** Parted at one place across after the other. */
    private Optional<List<PatternChange>> joined(List<Double> places) {
        var changes = new ArrayList<PatternChange>();
        var now = patterns;
        var left = piece;
        for (var i = 0; i < places.size(); i++) {
            var line = line(left, places.get(i));
            var isLast = i == places.size() - 1;
            var rest = isLast ? strip(i + 2) : piece.name() + ", the rest";
            var names = new Divided.Names(strip(i + 1), rest, new Point(-alongY, alongX));
            if (line.isEmpty()
                    || !(Divided.along(now, left, line.get(), Optional.of(names))
                            instanceof Understood<List<PatternChange>>(var parted))) return Optional.empty();
            changes.addAll(parted);
            for (var change : parted) now = now.after(change);
            left = now.findOne(Piece.idOf(piece.part(), rest)).orElseThrow();
        }
        return Optional.of(changes);
    }

    private String strip(int number) {
        return piece.name() + ", strip " + number;
    }

    /** Where a line along the nap crosses the finished line, if it does so twice. */
    private Optional<Divided.Line> line(Piece one, double at) {
        var edges = new ArrayList<Integer>();
        var shares = new ArrayList<Double>();
        for (var edge = 0; edge < one.edges().size(); edge++) {
            var run = one.run(edge);
            var length = new Run(run).lengthMm();
            var gone = 0.0;
            for (var i = 1; i < run.size(); i++) {
                var from = across(run.get(i - 1)) - at;
                var to = across(run.get(i)) - at;
                var step = run.get(i - 1).to(run.get(i));
                if (from < 0 != to < 0) {
                    edges.add(edge);
                    shares.add((gone + step * from / (from - to)) / length);
                }
                gone += step;
            }
        }
        return edges.size() == 2
                ? Optional.of(new Divided.Line(edges.getFirst(), shares.getFirst(), edges.getLast(), shares.getLast()))
                : Optional.empty();
    }

    private double across(Point point) {
        return -alongY * point.x() + alongX * point.y();
    }

    private static double least(List<Point> points, ToDoubleFunction<Point> of) {
        return points.stream().mapToDouble(of).min().orElseThrow();
    }
}
