package welumen.refit;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;

/**
 * The fixings of the whole job from strip to refit, by kind, size and colour: out, usable, back in, and what is left
 * over or not accounted for. At the end both are nought, or explained.
 */
public final class FixingAccount {
    /**
     * One line of the account.
     *
     * @param out how many came out of parts
     * @param usable how many of them can go back
     * @param backIn how many went back in, bought ones included
     * @param unaccounted places of which nobody has said anything, on parts that are off
     * @param bags where they are, in the order of their numbers
     */
    public record Line(
            FixingKind kind,
            String size,
            String colour,
            int out,
            int usable,
            int backIn,
            int unaccounted,
            List<Integer> bags) {
        public Line {
            bags = List.copyOf(bags);
        }

        private static Line empty(Key key) {
            return new Line(key.kind(), key.size(), key.colour(), 0, 0, 0, 0, List.of());
        }

        /** With so many more. */
        private Line and(int moreOut, int moreUsable, int moreIn, int moreUnaccounted, List<Integer> moreBags) {
            var all = Stream.concat(bags.stream(), moreBags.stream())
                    .distinct()
                    .sorted()
                    .toList();
            return new Line(
                    kind,
                    size,
                    colour,
                    out + moreOut,
                    usable + moreUsable,
                    backIn + moreIn,
                    unaccounted + moreUnaccounted,
                    all);
        }

        /** How many usable ones still lie in bags: what is left over once every part is back. */
        public int inHand() {
            return Math.max(0, usable - backIn);
        }
    }

    private record Key(FixingKind kind, String size, String colour) {}

    private FixingAccount() {}

    /** One line a kind, size and colour, over all parts that are off or were. */
    public static List<Line> of(StripLog strip, RefitLog refit) {
        var lines = new LinkedHashMap<Key, Line>();
        for (var part : strip.everOff()) {
            var rows = FixingLedger.of(strip, part);
            for (var row : rows) add(lines, row);
            refit.findOne(part).ifPresent(back -> backIn(back, rows).forEach((key, count) -> add(lines, key, count)));
            leftFromBefore(strip, refit, part).forEach((key, count) -> left(lines, key, count));
        }
        return lines.values().stream()
                .sorted(Comparator.comparing(Line::kind)
                        .thenComparing(Line::size)
                        .thenComparing(Line::colour))
                .toList();
    }

    /** What lay over after the part had gone in, the times before the last on which it was off. */
    private static Map<Key, Integer> leftFromBefore(StripLog strip, RefitLog refit, PartId part) {
        var left = new LinkedHashMap<Key, Integer>();
        var removals = strip.removals(part);
        var times = refit.timesOf(part);
        for (var i = 0; i < Math.min(removals.size() - 1, times.size()); i++) {
            var rows = FixingLedger.of(removals.get(i));
            var in = backIn(times.get(i), rows);
            for (var row : rows) {
                var key = new Key(row.kind(), row.size(), row.colour());
                var over = row.usable() - in.getOrDefault(key, 0);
                if (over > 0) left.merge(key, over, Integer::sum);
            }
        }
        return left;
    }

    /** What went in where it was named; else every usable fixing, as far as their number goes. */
    private static Map<Key, Integer> backIn(PutBack back, List<FixingLedger.Row> rows) {
        var in = new LinkedHashMap<Key, Integer>();
        for (FixingLot lot : back.fixings())
            in.merge(new Key(lot.kind(), lot.size(), lot.colour()), lot.count(), Integer::sum);
        if (!back.fixings().isEmpty()) return in;
        var left = back.fixingsIn();
        for (var row : rows) {
            var here = Math.min(left, row.usable());
            if (here > 0) in.merge(new Key(row.kind(), row.size(), row.colour()), here, Integer::sum);
            left -= here;
        }
        return in;
    }

    private static void add(Map<Key, Line> lines, FixingLedger.Row row) {
        var key = new Key(row.kind(), row.size(), row.colour());
        lines.put(key, at(lines, key).and(row.out(), row.usable(), 0, row.unaccounted(), row.bags()));
    }

    private static void add(Map<Key, Line> lines, Key key, int in) {
        lines.put(key, at(lines, key).and(0, 0, in, 0, List.of()));
    }

    private static void left(Map<Key, Line> lines, Key key, int over) {
        lines.put(key, at(lines, key).and(over, over, 0, 0, List.of()));
    }

    private static Line at(Map<Key, Line> lines, Key key) {
        return lines.getOrDefault(key, Line.empty(key));
    }
}
