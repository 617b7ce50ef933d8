package welumen.strip.order;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.RefitLink;
import welumen.strip.StripLog;

/** Explains an order of putting back: why of any two parts one goes first, and what an order of one's own would cost. */
public final class RefitWhy {
    /** Why a part goes in before another. */
    public sealed interface Why {
        /** By a chain of reasons, the earlier part first. */
        record Bound(List<RefitLink> links) implements Why {}

        /** Nothing binds the two; the order only saves climbing in and out. */
        record ByPlace() implements Why {}
    }

    /**
     * The first place at which an order breaks a rule.
     *
     * @param position of the part that comes too early, from 0
     * @param cost the usual time to take it off again and put it back, with all that was fitted upon it meanwhile
     */
    public record Conflict(RefitLink link, int position, Duration cost) {}

    private RefitWhy() {}

    /** Why {@code first} goes in before {@code then}: a shortest chain of links, where there is one. */
    public static Why of(StripLog log, PartId first, PartId then) {
        var links = RefitLinks.of(log);
        var cameBy = new HashMap<PartId, RefitLink>();
        var queue = new ArrayDeque<>(List.of(first));
        while (!queue.isEmpty()) {
            var part = queue.poll();
            for (var link : links)
                if (link.first().equals(part)
                        && !link.then().equals(first)
                        && cameBy.putIfAbsent(link.then(), link) == null) queue.add(link.then());
        }
        return cameBy.containsKey(then) ? new Why.Bound(chain(cameBy, first, then)) : new Why.ByPlace();
    }

    /** The first conflict of an order that somebody made; empty if it breaks no rule. */
    public static Optional<Conflict> test(Cabin cabin, StripLog log, List<PartId> order) {
        var links = RefitLinks.of(log);
        for (var at = 0; at < order.size(); at++) {
            var later = order.subList(at + 1, order.size());
            for (var link : links)
                if (link.then().equals(order.get(at)) && later.contains(link.first()))
                    return Optional.of(new Conflict(link, at, cost(cabin, links, order, at, link)));
        }
        return Optional.empty();
    }

    /** When the missing part turns up, whatever was fitted upon the early one since must come off with it. */
    private static Duration cost(Cabin cabin, List<RefitLink> links, List<PartId> order, int at, RefitLink broken) {
        var again = new ArrayList<>(List.of(order.get(at)));
        for (var part : order.subList(at + 1, order.indexOf(broken.first())))
            if (links.stream().anyMatch(link -> link.then().equals(part) && again.contains(link.first())))
                again.add(part);
        return again.stream()
                .map(part -> cabin.one(part).kind().takesOff().multipliedBy(2))
                .reduce(Duration.ZERO, Duration::plus);
    }

    private static List<RefitLink> chain(Map<PartId, RefitLink> cameBy, PartId first, PartId then) {
        var chain = new ArrayList<RefitLink>();
        for (var part = then; !part.equals(first); part = chain.getLast().first()) chain.add(cameBy.get(part));
        return List.copyOf(chain.reversed());
    }
}
