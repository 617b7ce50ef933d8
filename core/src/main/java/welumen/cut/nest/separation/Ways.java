package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.CutPiece;
import welumen.cut.Turns;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;

/**
 * How a piece may lie on a stock: ranges of turns, in radians, each plain or flipped.
 *
 * @param ranges none where it may not lie there at all; turns that are not fixed are from the way in which the stock stretches
 *     there, where that is not the same everywhere
 * @param curved how the piece stretches, if its stock stretches otherwise here than there and it minds
 */
public record Ways(List<Range> ranges, @Nullable Stretch curved) {
    private static final double FULL = 2 * Math.PI;

    /** @param to the same as from where there is one turn only */
    public record Range(double from, double to, boolean flipped) {
        public boolean isOne() {
            return from == to;
        }

        double width() {
            return to - from;
        }

        public boolean isWhole() {
            return width() >= FULL - 1e-9;
        }

        /** The nearest turn that is allowed. */
        public double within(double turn) {
            if (isOne()) return from;
            if (isWhole()) return turn;
            var middle = (from + to) / 2;
            var off = Math.IEEEremainder(turn - middle, FULL);
            return middle + Math.clamp(off, -width() / 2, width() / 2);
        }

        boolean has(double turn) {
            if (isWhole()) return true;
            return Math.abs(Math.IEEEremainder(turn - (from + to) / 2, FULL)) <= width() / 2 + 1e-9;
        }
    }

    public Ways {
        ranges = List.copyOf(ranges);
    }

    static Ways of(CutPiece piece, Stock stock) {
        var ranges = new ArrayList<Range>();
        var onTheWhole = Stretch.onTheWhole(stock.stretch());
        var isCurved = stock.stretch() instanceof Stretch.AsGrown;
        for (var flipped : piece.flip() ? new boolean[] {false, true} : new boolean[] {false})
            for (var range : turns(piece.turns())) {
                if (!(piece.stretch() instanceof Stretch.Along along)
                        || onTheWhole.isEmpty()
                        || isCurved && range.isOne()) {
                    ranges.add(new Range(range.from(), range.to(), flipped));
                    continue;
                }
                var own = Math.toRadians(flipped ? -along.degrees() : along.degrees());
                for (var way = 0; way < 2; way++) {
                    var middle = Math.toRadians(onTheWhole.getAsDouble()) - own + way * Math.PI;
                    var half = Math.toRadians(Math.min(90, along.within()));
                    if (!range.isOne()) ranges.add(new Range(middle - half, middle + half, flipped));
                    else if (new Range(middle - half, middle + half, flipped).has(range.from()))
                        ranges.add(new Range(range.from(), range.to(), flipped));
                }
            }
        return new Ways(
                ranges.stream().distinct().toList(),
                isCurved && piece.stretch() instanceof Stretch.Along along ? along : null);
    }

    private static List<Range> turns(Turns turns) {
        return switch (turns) {
            case Turns.Free() -> List.of(new Range(0, FULL, false));
            case Turns.Half() -> List.of(new Range(0, 0, false), new Range(Math.PI, Math.PI, false));
            case Turns.AsDrawn() -> List.of(new Range(0, 0, false));
            case Turns.Listed(var degrees) ->
                degrees.stream()
                        .map(Math::toRadians)
                        .map(turn -> new Range(turn, turn, false))
                        .toList();
        };
    }

    boolean goByCourse() {
        return curved != null;
    }

    /** The turn at a share of a range. @param course which way the stock stretches there, in radians; nought where nobody minds */
    public double turned(Range range, double share, double course) {
        return range.isOne() ? range.from() : range.from() + share * range.width() + course;
    }

    /** The nearest turn that is allowed where the stock stretches so. */
    double settled(Range range, double turn, double course) {
        return range.isOne() || course == 0 ? range.within(turn) : course + range.within(turn - course);
    }

    /** Whether a piece turned so stretches as its stock does there. */
    public boolean suit(double turn, boolean flipped, double course) {
        return curved == null || Stretch.agree(curved, Item.degrees(turn), flipped, Math.toDegrees(course));
    }

    public boolean none() {
        return ranges.isEmpty();
    }

    public Range any(RandomGenerator random) {
        return ranges.get(ranges.size() == 1 ? 0 : random.nextInt(ranges.size()));
    }

    /** The range in which a piece lies that is turned so where its stock stretches so. */
    Range at(double turn, boolean flipped, double course) {
        for (var range : ranges)
            if (range.flipped() == flipped && range.has(range.isOne() ? turn : turn - course)) return range;
        return ranges.getFirst();
    }
}
