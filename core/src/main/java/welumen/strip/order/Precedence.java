package welumen.strip.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import welumen.cabin.PartId;

/**
 * Puts parts in an order that obeys “this one before that one” (Kahn, Communications of the ACM 5, 1962), or names a
 * circle. Time grows with parts squared times the choice's cost; a car has a hundred or two.
 */
final class Precedence {
    /** {@code first} before {@code then}. */
    record Before(PartId first, PartId then) {}

    /** Which of the parts that may come next does: given the last one placed, if any. */
    interface Choice {
        PartId next(List<PartId> open, Optional<PartId> last);
    }

    private final Map<PartId, Set<PartId>> waitsFor = new LinkedHashMap<>();

    Precedence(List<PartId> parts, List<Before> rules) {
        parts.forEach(part -> waitsFor.put(part, new LinkedHashSet<>()));
        for (var rule : rules)
            if (waitsFor.containsKey(rule.first()) && waitsFor.containsKey(rule.then()))
                waitsFor.get(rule.then()).add(rule.first());
    }

    /** All parts in order, or fewer where a circle holds the rest up. */
    List<PartId> order(Choice choice) {
        var placed = new LinkedHashSet<PartId>();
        Optional<PartId> last = Optional.empty();
        while (true) {
            var open = waitsFor.keySet().stream()
                    .filter(part -> !placed.contains(part) && placed.containsAll(waitsFor.get(part)))
                    .toList();
            if (open.isEmpty()) return List.copyOf(placed);
            last = Optional.of(choice.next(open, last));
            placed.add(last.get());
        }
    }

    /** A shortest circle through the parts that an order had to leave out: each waits for the next, the last for the first. */
    List<PartId> circle(List<PartId> ordered) {
        var stuck = new ArrayList<>(waitsFor.keySet());
        stuck.removeAll(ordered);
        return stuck.stream()
                .map(part -> circleThrough(part, stuck))
                .filter(circle -> !circle.isEmpty())
                .min(Comparator.comparingInt(List::size))
                .orElse(List.of());
    }

    private List<PartId> circleThrough(PartId start, List<PartId> among) {
        var cameFrom = new LinkedHashMap<PartId, PartId>();
        var queue = new ArrayDeque<>(List.of(start));
        while (!queue.isEmpty()) {
            var part = queue.poll();
            for (var earlier : Objects.requireNonNull(waitsFor.get(part))) {
                if (earlier.equals(start)) return path(cameFrom, start, part);
                if (among.contains(earlier) && cameFrom.putIfAbsent(earlier, part) == null) queue.add(earlier);
            }
        }
        return List.of();
    }

    private static List<PartId> path(Map<PartId, PartId> cameFrom, PartId start, PartId end) {
        var path = new ArrayList<PartId>(List.of(end));
        while (!path.getLast().equals(start)) path.add(cameFrom.get(path.getLast()));
        return path.reversed();
    }
}
