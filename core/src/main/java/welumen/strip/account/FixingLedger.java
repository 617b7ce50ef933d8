package welumen.strip.account;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import welumen.cabin.PartId;
import welumen.strip.Bag;
import welumen.strip.Step;
import welumen.strip.StripLog;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.reach.Hold;
import welumen.strip.reach.WhatHolds;

/**
 * Keeps count of the fixings of a part, by kind, size and colour of the head: how many places there are, how many came
 * out, how many of those can go back, and how many are to be bought. A strip is closed only when
 * places = out + missing + never there.
 */
public final class FixingLedger {
    /**
     * One line of the ledger.
     *
     * @param places how many the part has: those known, or those found where more were found
     * @param bags where they are, in the order of their numbers
     * @param unaccounted places of which nobody has said anything yet
     */
    public record Row(
            FixingKind kind,
            String size,
            String colour,
            List<Integer> bags,
            int places,
            int out,
            int usable,
            int unaccounted) {
        public Row {
            bags = List.copyOf(bags);
        }

        /** How many to buy so that all places can be filled, with the spare of their kind, rounded up. */
        public int toBuy() {
            return kind.isBought() ? (int) Math.ceil(shortBy() * (1 + spare(kind)) - 1e-9) : 0;
        }

        /** How many more are needed than can go back: what keeps the part from being signed off. */
        public int shortBy() {
            return Math.max(0, places - unaccounted - usable);
        }
    }

    /** One thing to buy: so many of a kind and size, with heads of a colour. */
    public record ToBuy(FixingKind kind, String size, String colour, int count) {}

    private record Key(FixingKind kind, String size, String colour) {}

    private FixingLedger() {}

    /** Spare on what is bought, as a share: clips break when they go in, bolts do not. */
    static double spare(FixingKind kind) {
        return switch (kind) {
            case TRIM_CLIP, EDGE_CLIP, PUSH_PIN, J_CLIP, TACK, STAPLE, HOG_RING -> 0.10;
            default -> 0;
        };
    }

    /**
     * The ledger of one part, by kind and then size, of the last time that it was taken off. Known places without a size
     * count to the size that was found.
     */
    public static List<Row> of(StripLog log, PartId part) {
        var removals = log.removals(part);
        var isBackIn = !removals.isEmpty() && log.stepsNow(part).isEmpty();
        return of(
                removals.isEmpty() ? List.of() : removals.getLast(),
                isBackIn ? List.of() : WhatHolds.fixingsLeftAfter(log, part, List.of()));
    }

    /** What came out in these steps. */
    public static List<Row> of(List<Step> steps) {
        return of(steps, List.of());
    }

    private static List<Row> of(List<Step> steps, List<Hold.ByFixings> left) {
        var rows = new LinkedHashMap<Key, Row>();
        for (var step : steps) for (var lot : step.fixings()) count(rows, lot, step.bag());
        for (var hold : left) stillOpen(rows, hold);
        return rows.values().stream()
                .sorted(Comparator.comparing(Row::kind).thenComparing(Row::size).thenComparing(Row::colour))
                .toList();
    }

    private static void count(Map<Key, Row> rows, FixingLot lot, Bag bag) {
        var key = new Key(lot.kind(), lot.size(), lot.colour());
        var row = rows.getOrDefault(key, empty(key));
        var bags = new ArrayList<>(row.bags());
        if (bag instanceof Bag.Numbered(var number) && lot.condition().cameOut() && !bags.contains(number))
            bags.add(number);
        bags.sort(null);
        var canGoBack = lot.condition().usable() && lot.kind().isReusable();
        rows.put(
                key,
                new Row(
                        row.kind(),
                        row.size(),
                        row.colour(),
                        bags,
                        row.places() + (lot.condition() == Condition.NEVER_THERE ? 0 : lot.count()),
                        row.out() + (lot.condition().cameOut() ? lot.count() : 0),
                        row.usable() + (canGoBack ? lot.count() : 0),
                        row.unaccounted()));
    }

    private static void stillOpen(Map<Key, Row> rows, Hold.ByFixings hold) {
        var key = new Key(hold.places().kind(), hold.places().size(), "");
        var row = rows.getOrDefault(key, empty(key));
        rows.put(
                key,
                new Row(
                        row.kind(),
                        row.size(),
                        row.colour(),
                        row.bags(),
                        row.places() + hold.left(),
                        row.out(),
                        row.usable(),
                        row.unaccounted() + hold.left()));
    }

    private static Row empty(Key key) {
        return new Row(key.kind(), key.size(), key.colour(), List.of(), 0, 0, 0, 0);
    }

    /**
     * What all parts that are off want bought, by kind, then size, then colour. The spare is on the whole lot, not on each
     * part's: ten parts with one broken clip want eleven clips, not twenty.
     */
    public static List<ToBuy> toBuy(StripLog log) {
        var wanting = new LinkedHashMap<Key, Integer>();
        for (var part : log.off())
            for (var row : of(log, part))
                if (row.shortBy() > 0 && row.kind().isBought())
                    wanting.merge(new Key(row.kind(), row.size(), row.colour()), row.shortBy(), Integer::sum);
        return wanting.entrySet().stream()
                .map(entry -> toBuy(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparing(ToBuy::kind)
                        .thenComparing(ToBuy::size)
                        .thenComparing(ToBuy::colour))
                .toList();
    }

    private static ToBuy toBuy(Key key, int needed) {
        var count = (int) Math.ceil(needed * (1 + spare(key.kind())) - 1e-9);
        return new ToBuy(key.kind(), key.size(), key.colour(), count);
    }
}
