package welumen.strip.reach;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.strip.StripLog;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.reach.LeastRemoval.Answer;
import welumen.strip.reach.LeastRemoval.Problem;

/**
 * Says what must come off to reach a part with the least work, in what order, given what is off already. Every rule is
 * obeyed in a route; nothing stands in it that the target does not need. A circle in the rules is shown as the circle it
 * is. Where each part comes free in one way only, time grows with the rules; see {@link LeastRemoval} for the rest.
 */
public final class ReachPlanner {
    /** Branchings after which the best so far is given with its bound: some 100 ms with 200 parts. */
    private static final int PATIENCE = 600;

    /** The way to a part. */
    public sealed interface Reach {
        /**
         * @param parts what comes off, in order; the target is last, unless it is off already
         * @param time the usual time for all of it
         * @param atLeast no way takes less; equal to {@code time} where this one is proven the least
         * @param tools what is needed, in the order of first use
         * @param bags how many bags the known fixings will fill, one a part
         */
        record Route(List<PartId> parts, Duration time, Duration atLeast, List<String> tools, int bags)
                implements Reach {
            public boolean isProvenLeast() {
                return atLeast.equals(time);
            }
        }

        /** The rules wait for each other: each part for the next, the last for the first. */
        record Circle(List<PartId> parts) implements Reach {}
    }

    private ReachPlanner() {}

    /** By the usual times. */
    public static Reach plan(Cabin cabin, StripLog log, PartId target) {
        return plan(cabin, log, target, part -> part.kind().takesOff());
    }

    /**
     * @param times how long each part takes to come off
     * @throws IllegalArgumentException if the car has no such part
     */
    public static Reach plan(Cabin cabin, StripLog log, PartId target, Function<Part, Duration> times) {
        cabin.one(target);
        if (log.isOff(target)) return new Reach.Route(List.of(), Duration.ZERO, Duration.ZERO, List.of(), 0);
        var stillOn = new StillOn(cabin, log);
        var seconds = stillOn.parts().stream()
                .mapToLong(part -> times.apply(part).toSeconds())
                .toArray();
        var answer = LeastRemoval.of(new Problem(seconds, stillOn.clauses(), stillOn.index(target)), PATIENCE);
        return answer.<Reach>map(found -> route(stillOn, found, target))
                .orElseGet(() -> new Reach.Circle(stillOn.circle(target)));
    }

    /** What one would get at behind a part: the furthest that it keeps covered, or the part itself. */
    public static PartId behind(StripLog log, PartId part) {
        var behind = new LinkedHashSet<>(Set.of(part));
        var grew = true;
        while (grew) {
            grew = false;
            for (var rule : log.rules())
                if (rule.reason() != StripReason.BUILT_INTO
                        && rule.byAnyOf().stream().anyMatch(behind::contains)
                        && !log.isOff(rule.part())) grew |= behind.add(rule.part());
        }
        return behind.stream().reduce(part, (_, last) -> last);
    }

    private static Reach.Route route(StillOn stillOn, Answer found, PartId target) {
        var order = stillOn.order(found.parts());
        check(stillOn, order, target);
        return new Reach.Route(
                order,
                Duration.ofSeconds(found.cost()),
                Duration.ofSeconds(found.bound()),
                tools(stillOn.log(), order),
                (int) order.stream()
                        .filter(part -> !stillOn.log().placesOf(part).isEmpty())
                        .count());
    }

    /** Walks the order once more, by the rules alone. */
    private static void check(StillOn stillOn, List<PartId> order, PartId target) {
        var gone = new LinkedHashSet<>(stillOn.log().off());
        for (var part : order) {
            for (var rule : stillOn.log().rules())
                if (rule.part().equals(part)
                        && stillOn.knows(rule)
                        && rule.byAnyOf().stream().noneMatch(gone::contains))
                    throw new IllegalStateException(
                            "The route takes [%s] off before [%s].".formatted(part, rule.byAnyOf()));
            gone.add(part);
        }
        if (!gone.contains(target)) throw new IllegalStateException("The route does not reach [%s].".formatted(target));
    }

    private static List<String> tools(StripLog log, List<PartId> order) {
        return order.stream()
                .flatMap(id -> WhatHolds.of(log, id).stream())
                .filter(Hold.ByFixings.class::isInstance)
                .map(hold -> ((Hold.ByFixings) hold).places().kind().tool())
                .distinct()
                .toList();
    }

    /** The parts that are still on, numbered, with what holds each. */
    private static final class StillOn {
        private final StripLog log;
        private final List<Part> parts;
        private final Map<PartId, Integer> numbers = new TreeMap<>();
        private final List<List<BitSet>> clauses = new ArrayList<>();

        StillOn(Cabin cabin, StripLog log) {
            this.log = log;
            var off = log.off();
            this.parts = cabin.parts().stream()
                    .filter(part -> !off.contains(part.id()))
                    .toList();
            for (var part : parts) {
                numbers.put(part.id(), numbers.size());
                clauses.add(new ArrayList<>());
            }
            for (var rule : log.rules())
                if (numbers.containsKey(rule.part()) && knows(rule)) {
                    var ways = new BitSet();
                    for (var by : rule.byAnyOf()) ways.set(index(by));
                    clauses.get(index(rule.part())).add(ways);
                }
        }

        /** Whether all its parts are on the car: what is off, or was struck off the list, holds nothing. */
        boolean knows(StripRule rule) {
            return numbers.keySet().containsAll(rule.byAnyOf());
        }

        StripLog log() {
            return log;
        }

        List<Part> parts() {
            return parts;
        }

        List<List<BitSet>> clauses() {
            return clauses;
        }

        int index(PartId part) {
            return Objects.requireNonNull(numbers.get(part));
        }

        /** Those of the set in an order in which they come off; of those free at once, what is nearest comes next. */
        List<PartId> order(BitSet set) {
            var gone = new BitSet();
            var order = new ArrayList<PartId>();
            Optional<Part> last = Optional.empty();
            while (gone.cardinality() < set.cardinality()) {
                var here = last;
                var next = set.stream()
                        .filter(part ->
                                !gone.get(part) && clauses.get(part).stream().allMatch(gone::intersects))
                        .boxed()
                        .min(Comparator.comparingInt(part -> distance(here, parts.get(part))))
                        .orElseThrow();
                gone.set(next);
                last = Optional.of(parts.get(next));
                order.add(parts.get(next).id());
            }
            return order;
        }

        private static int distance(Optional<Part> from, Part to) {
            if (from.isEmpty() || from.get().spot() == to.spot()) return 0;
            return from.get().spot().zone() == to.spot().zone() ? 1 : 2;
        }

        /** A circle that the target runs into: from what cannot come free to what it waits for, until one comes round. */
        List<PartId> circle(PartId target) {
            var free = LeastRemoval.free(clauses);
            var path = new ArrayList<Integer>();
            var at = index(target);
            while (!path.contains(at)) {
                path.add(at);
                at = clauses.get(at).stream()
                        .filter(ways -> !ways.intersects(free))
                        .findFirst()
                        .orElseThrow()
                        .nextSetBit(0);
            }
            return path.subList(path.indexOf(at), path.size()).stream()
                    .map(part -> parts.get(part).id())
                    .toList();
        }
    }
}
