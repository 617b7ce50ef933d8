package welumen.refit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.strip.FixingKind;
import welumen.strip.FixingLedger;
import welumen.strip.FixingLot;
import welumen.strip.StripLog;

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
        for (var part : strip.off()) {
            var rows = FixingLedger.of(strip, part);
            for (var row : rows) add(lines, row);
            refit.findOne(part).ifPresent(back -> backIn(back, rows).forEach((key, count) -> add(lines, key, count)));
        }
        return lines.values().stream()
                .sorted(Comparator.comparing(Line::kind)
                        .thenComparing(Line::size)
                        .thenComparing(Line::colour))
                .toList();
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
        var line = lines.getOrDefault(key, new Line(row.kind(), row.size(), row.colour(), 0, 0, 0, 0, List.of()));
        var bags = new ArrayList<>(line.bags());
        for (var bag : row.bags()) if (!bags.contains(bag)) bags.add(bag);
        bags.sort(null);
        lines.put(
                key,
                new Line(
                        row.kind(),
                        row.size(),
                        row.colour(),
                        line.out() + row.out(),
                        line.usable() + row.usable(),
                        line.backIn(),
                        line.unaccounted() + row.unaccounted(),
                        bags));
    }

    private static void add(Map<Key, Line> lines, Key key, int in) {
        var line = lines.getOrDefault(key, new Line(key.kind(), key.size(), key.colour(), 0, 0, 0, 0, List.of()));
        lines.put(
                key,
                new Line(
                        line.kind(),
                        line.size(),
                        line.colour(),
                        line.out(),
                        line.usable(),
                        line.backIn() + in,
                        line.unaccounted(),
                        line.bags()));
    }
}
