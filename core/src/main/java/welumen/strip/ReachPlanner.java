package welumen.strip;

import java.time.Duration;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.Precedence.Before;

/**
 * Says what must come off to reach a part, in what order, given what is off already. Every rule is obeyed in a route;
 * nothing stands in it that the target does not need. A circle in the rules is shown as the circle it is.
 */
public final class ReachPlanner {
    /** The way to a part. */
    public sealed interface Reach {
        /**
         * @param parts what comes off, in order; the target is last, unless it is off already
         * @param time the usual time for all of it
         * @param tools what is needed, in the order of first use
         */
        record Route(List<PartId> parts, Duration time, List<String> tools) implements Reach {}

        /** The rules wait for each other: each part for the next, the last for the first. */
        record Circle(List<PartId> parts) implements Reach {}
    }

    private ReachPlanner() {}

    /** @throws IllegalArgumentException if the car has no such part */
    public static Reach plan(Cabin cabin, StripLog log, PartId target) {
        cabin.one(target);
        var needed = needed(log, target);
        var inCabinOrder = cabin.parts().stream()
                .map(part -> part.id())
                .filter(needed::contains)
                .toList();
        var precedence = new Precedence(
                inCabinOrder,
                log.rules().stream()
                        .map(rule -> new Before(rule.by(), rule.part()))
                        .toList());
        var order = precedence.order((open, _) -> open.getFirst());
        if (order.size() < inCabinOrder.size()) return new Reach.Circle(precedence.circle(order));
        check(log, order);
        return new Reach.Route(order, time(cabin, order), tools(log, order));
    }

    /** What one would get at behind a part: the furthest that it keeps covered, or the part itself. */
    public static PartId behind(StripLog log, PartId part) {
        var behind = new LinkedHashSet<>(Set.of(part));
        var grew = true;
        while (grew) {
            grew = false;
            for (var rule : log.rules())
                if (behind.contains(rule.by()) && !log.isOff(rule.part())) grew |= behind.add(rule.part());
        }
        return behind.stream().reduce(part, (_, last) -> last);
    }

    private static Set<PartId> needed(StripLog log, PartId target) {
        var needed = new LinkedHashSet<PartId>();
        if (log.isOff(target)) return needed;
        needed.add(target);
        var grew = true;
        while (grew) {
            grew = false;
            for (var rule : log.rules())
                if (needed.contains(rule.part()) && !log.isOff(rule.by())) grew |= needed.add(rule.by());
        }
        return needed;
    }

    /** Walks the order once more, by the rules alone. */
    private static void check(StripLog log, List<PartId> order) {
        for (var rule : log.rules()) {
            var part = order.indexOf(rule.part());
            if (part >= 0
                    && !log.isOff(rule.by())
                    && !(order.indexOf(rule.by()) >= 0 && order.indexOf(rule.by()) < part))
                throw new IllegalStateException(
                        "The route takes [%s] off before [%s].".formatted(rule.part(), rule.by()));
        }
    }

    private static Duration time(Cabin cabin, List<PartId> order) {
        return order.stream().map(id -> cabin.one(id).kind().takesOff()).reduce(Duration.ZERO, Duration::plus);
    }

    private static List<String> tools(StripLog log, List<PartId> order) {
        return order.stream()
                .flatMap(id -> WhatHolds.of(log, id).stream())
                .filter(Hold.ByFixings.class::isInstance)
                .map(hold -> ((Hold.ByFixings) hold).places().kind().tool())
                .distinct()
                .toList();
    }
}
