package welumen.strip;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.cabin.PartId;

/**
 * Keeps count of the fixings of a part, by kind and size: how many places there are, how many came out, how many of
 * those can go back, and how many are to be bought. A strip is closed only when places = out + missing + never there.
 */
public final class FixingLedger {
    /** Spare on what is bought, by kind: clips break when they go in, bolts do not. */
    private static final Map<FixingKind, Double> SPARE = Map.of(
            FixingKind.TRIM_CLIP, 0.10, FixingKind.EDGE_CLIP, 0.10, FixingKind.PUSH_PIN, 0.10, FixingKind.J_CLIP, 0.10);

    /**
     * One line of the ledger.
     *
     * @param places how many the part has: those known, or those found where more were found
     * @param unaccounted places of which nobody has said anything yet
     */
    public record Row(FixingKind kind, String size, int places, int out, int usable, int unaccounted) {
        /** How many to buy so that all places can be filled, with the spare of their kind, rounded up. */
        public int toBuy() {
            var needed = places - unaccounted - usable;
            return needed <= 0 ? 0 : (int) Math.ceil(needed * (1 + SPARE.getOrDefault(kind, 0.0)) - 1e-9);
        }

        /** How many more are needed than can go back: what keeps the part from being signed off. */
        public int shortBy() {
            return Math.max(0, places - unaccounted - usable);
        }
    }

    /** One thing to buy: so many of a kind and size. */
    public record ToBuy(FixingKind kind, String size, int count) {}

    private record Key(FixingKind kind, String size) {}

    private FixingLedger() {}

    /** The ledger of one part, by kind and then size. Known places without a size count to the size that was found. */
    public static List<Row> of(StripLog log, PartId part) {
        var rows = new LinkedHashMap<Key, Row>();
        for (var lot : log.foundOn(part)) {
            var key = new Key(lot.kind(), lot.size());
            var row = rows.getOrDefault(key, new Row(lot.kind(), lot.size(), 0, 0, 0, 0));
            rows.put(
                    key,
                    new Row(
                            lot.kind(),
                            lot.size(),
                            row.places() + (lot.condition() == Condition.NEVER_THERE ? 0 : lot.count()),
                            row.out() + (lot.condition().cameOut() ? lot.count() : 0),
                            row.usable() + (lot.condition().usable() ? lot.count() : 0),
                            0));
        }
        for (var hold : WhatHolds.fixingsLeftAfter(log, part, List.of())) {
            var key = new Key(hold.places().kind(), hold.places().size());
            var row = rows.getOrDefault(key, new Row(key.kind(), key.size(), 0, 0, 0, 0));
            rows.put(
                    key,
                    new Row(
                            row.kind(),
                            row.size(),
                            row.places() + hold.left(),
                            row.out(),
                            row.usable(),
                            row.unaccounted() + hold.left()));
        }
        return rows.values().stream()
                .sorted(Comparator.comparing(Row::kind).thenComparing(Row::size))
                .toList();
    }

    /** What all parts that are off want bought, with the spare of their kind on each, by kind and then size. */
    public static List<ToBuy> toBuy(StripLog log) {
        var counts = new LinkedHashMap<Key, Integer>();
        for (var part : log.off())
            for (var row : of(log, part))
                if (row.toBuy() > 0) counts.merge(new Key(row.kind(), row.size()), row.toBuy(), Integer::sum);
        return counts.entrySet().stream()
                .map(entry -> new ToBuy(entry.getKey().kind(), entry.getKey().size(), entry.getValue()))
                .sorted(Comparator.comparing(ToBuy::kind).thenComparing(ToBuy::size))
                .toList();
    }
}
