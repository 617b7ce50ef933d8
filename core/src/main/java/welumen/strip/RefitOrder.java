package welumen.strip;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.Precedence.Before;

/**
 * The order in which parts go back. It begins from the strip's rules and is never taken for their mere reverse: a
 * noted link replaces what the strip said of the same two parts. Among parts that may go next, those of the place just
 * worked at come first, so that one does not climb in and out.
 */
public final class RefitOrder {
    /** What became of the order. */
    public sealed interface Result {
        record Ordered(List<PartId> parts) implements Result {}

        /** Each of these waits for the next, the last for the first: one must go in loose and be finished later. */
        record Circle(List<PartId> parts) implements Result {}
    }

    private RefitOrder() {}

    /** Every reason that binds the order of two parts. */
    public static List<RefitLink> links(StripLog log) {
        var fromStrip = log.rules().stream()
                .map(rule -> new RefitLink(rule.part(), rule.reason().refit(), rule.by()))
                .filter(link -> log.refitNotes().stream().noneMatch(note -> samePair(note, link)));
        return Stream.concat(fromStrip, log.refitNotes().stream()).toList();
    }

    /** The order for these parts; all others are taken to be in the car or out of the matter. */
    public static Result of(Cabin cabin, StripLog log, Collection<PartId> parts) {
        var links = links(log);
        var inCabinOrder = cabin.parts().stream()
                .map(part -> part.id())
                .filter(parts::contains)
                .toList();
        var precedence = new Precedence(
                inCabinOrder,
                links.stream()
                        .map(link -> new Before(link.first(), link.then()))
                        .toList());
        var order = precedence.order((open, last) -> nearest(cabin, open, last));
        if (order.size() < inCabinOrder.size()) return new Result.Circle(precedence.circle(order));
        check(links, order);
        return new Result.Ordered(order);
    }

    /** The links that keep a part waiting, given which parts are in place. */
    public static List<RefitLink> waitsFor(StripLog log, PartId part, Collection<PartId> stillOut) {
        return links(log).stream()
                .filter(link -> link.then().equals(part) && stillOut.contains(link.first()))
                .toList();
    }

    private static PartId nearest(Cabin cabin, List<PartId> open, Optional<PartId> last) {
        if (last.isEmpty()) return open.getFirst();
        var here = cabin.one(last.get());
        return open.stream()
                .min(Comparator.comparing((PartId id) -> cabin.one(id).spot() != here.spot())
                        .thenComparing(id -> cabin.one(id).side() != here.side()))
                .orElseThrow();
    }

    private static void check(List<RefitLink> links, List<PartId> order) {
        for (var link : links) {
            var first = order.indexOf(link.first());
            var then = order.indexOf(link.then());
            if (then >= 0 && first > then)
                throw new IllegalStateException(
                        "The order puts [%s] in before [%s].".formatted(link.then(), link.first()));
        }
    }

    private static boolean samePair(RefitLink one, RefitLink other) {
        return one.first().equals(other.first()) && one.then().equals(other.then())
                || one.first().equals(other.then()) && one.then().equals(other.first());
    }
}
