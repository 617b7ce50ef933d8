package welumen.strip.order;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.strip.RefitLink;
import welumen.strip.StripLog;
import welumen.strip.order.Precedence.Before;

/**
 * The order in which parts go back, by {@link RefitLinks}. Among parts that may go next, those of the side that comes
 * first lead, then those of the place just worked at, so that one does not climb in and out. Parts that go in loose are
 * tightened together once the last of them is in.
 *
 * <p>Kahn's order (1962) with a choice among what is free, O(n²) for n parts; every link is checked again on the
 * result.
 */
public final class RefitOrder {
    /** What became of the order. */
    public sealed interface Result {
        /** @param steps the same order, with what goes in loose and what is tightened when */
        record Ordered(List<PartId> parts, List<RefitStep> steps) implements Result {}

        /** Each of these waits for the next, the last for the first: one must go in loose and be finished later. */
        record Circle(List<PartId> parts) implements Result {}
    }

    private RefitOrder() {}

    /** The order for these parts; all others are taken to be in the car or out of the matter. */
    public static Result of(Cabin cabin, StripLog log, Collection<PartId> parts) {
        var links = RefitLinks.of(log);
        var inCabinOrder = cabin.parts().stream()
                .map(part -> part.id())
                .filter(parts::contains)
                .toList();
        var precedence = new Precedence(inCabinOrder, before(log, links));
        var order = precedence.order((open, last) -> nearest(cabin, log.bonds().firstSide(), open, last));
        if (order.size() < inCabinOrder.size()) return new Result.Circle(precedence.circle(order));
        check(links, order);
        return new Result.Ordered(order, steps(log, order));
    }

    /** What comes after one part of a loose group comes after all of them: they are not fast before. */
    private static List<Before> before(StripLog log, List<RefitLink> links) {
        var before = new ArrayList<Before>();
        for (var link : links) {
            before.add(new Before(link.first(), link.then()));
            for (var group : log.bonds().groups())
                if (group.parts().contains(link.first()))
                    for (var other : group.parts()) before.add(new Before(other, link.then()));
        }
        return before;
    }

    private static List<RefitStep> steps(StripLog log, List<PartId> order) {
        var steps = new ArrayList<RefitStep>();
        for (var i = 0; i < order.size(); i++) {
            var part = order.get(i);
            var groups = log.bonds().groups().stream()
                    .filter(group -> group.parts().contains(part))
                    .toList();
            steps.add(groups.isEmpty() ? new RefitStep.Fit(part) : new RefitStep.FitLoose(part));
            var later = order.subList(i + 1, order.size());
            for (var group : groups)
                if (group.parts().stream().noneMatch(later::contains))
                    steps.add(new RefitStep.TightenTogether(group.parts()));
        }
        return List.copyOf(steps);
    }

    private static PartId nearest(Cabin cabin, Side firstSide, List<PartId> open, Optional<PartId> last) {
        Comparator<PartId> bySide = Comparator.comparing((PartId id) -> waitsForOtherSide(firstSide, cabin, id));
        if (last.isEmpty()) return open.stream().min(bySide).orElseThrow();
        var here = cabin.one(last.get());
        return open.stream()
                .min(bySide.thenComparing((PartId id) -> cabin.one(id).spot() != here.spot())
                        .thenComparing(
                                id -> cabin.one(id).spot().zone() != here.spot().zone())
                        .thenComparing(id -> cabin.one(id).side() != here.side()))
                .orElseThrow();
    }

    private static boolean waitsForOtherSide(Side firstSide, Cabin cabin, PartId part) {
        var side = cabin.one(part).side();
        return firstSide != Side.MIDDLE && side != Side.MIDDLE && side != firstSide;
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
}
