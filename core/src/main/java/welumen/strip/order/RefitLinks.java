package welumen.strip.order;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.StripLog;

/**
 * Every reason that binds the order of two parts on their way back. It begins from the strip's rules and the cover map and
 * is never taken for their mere reverse: a noted link replaces what the strip said of the same two parts, and parts that
 * go in loose together do not bind each other.
 */
public final class RefitLinks {
    private RefitLinks() {}

    public static List<RefitLink> of(StripLog log) {
        var seen = Stream.concat(
                        log.rules().stream()
                                .flatMap(rule -> rule.byAnyOf().stream()
                                        .map(by -> new RefitLink(
                                                rule.part(), rule.reason().refit(), by))),
                        log.laps().stream().map(lap -> new RefitLink(lap.under(), RefitReason.OVERLAPS, lap.over())))
                .filter(link -> log.refitNotes().stream().noneMatch(note -> samePair(note, link)));
        var links = new ArrayList<RefitLink>();
        Stream.concat(seen, log.refitNotes().stream())
                .filter(link -> !inOneGroup(log, link))
                .filter(link -> links.stream().noneMatch(known -> sameOrder(known, link)))
                .forEach(links::add);
        return List.copyOf(links);
    }

    /** The links that keep a part waiting, given which parts are in place. */
    public static List<RefitLink> waitsFor(StripLog log, PartId part, Collection<PartId> stillOut) {
        return of(log).stream()
                .filter(link -> link.then().equals(part) && stillOut.contains(link.first()))
                .toList();
    }

    /** The parts that go in after one, whatever of them is out. */
    public static List<PartId> laterThan(StripLog log, PartId first) {
        return of(log).stream()
                .filter(link -> link.first().equals(first))
                .map(RefitLink::then)
                .distinct()
                .toList();
    }

    private static boolean inOneGroup(StripLog log, RefitLink link) {
        return log.bonds().groups().stream()
                .anyMatch(group ->
                        group.parts().contains(link.first()) && group.parts().contains(link.then()));
    }

    private static boolean samePair(RefitLink one, RefitLink other) {
        return sameOrder(one, other)
                || one.first().equals(other.then()) && one.then().equals(other.first());
    }

    private static boolean sameOrder(RefitLink one, RefitLink other) {
        return one.first().equals(other.first()) && one.then().equals(other.then());
    }
}
