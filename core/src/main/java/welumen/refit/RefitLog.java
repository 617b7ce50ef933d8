package welumen.refit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.refit.RefitChange.PartPutBack;

/**
 * What went back into the car, each time that it did.
 *
 * @param history in the order in which parts went in; one that came off again and went back stands in it twice
 * @param offAgain the parts that went in once and are off again now
 */
public record RefitLog(List<PutBack> history, Set<PartId> offAgain) {
    public static final RefitLog EMPTY = new RefitLog(List.of(), Set.of());

    public RefitLog {
        history = List.copyOf(history);
        offAgain = Set.copyOf(offAgain);
    }

    public RefitLog after(RefitChange change) {
        return switch (change) {
            case PartPutBack(var putBack) -> {
                var more = new ArrayList<>(history);
                more.add(putBack);
                yield new RefitLog(more, without(putBack.part()));
            }
        };
    }

    /** As the strip now knows of a part: off once more, or after all not. */
    public RefitLog seenOff(PartId part, boolean isOff) {
        if (isOff == offAgain.contains(part) || timesOf(part).isEmpty()) return this;
        var now = without(part);
        if (isOff) now.add(part);
        return new RefitLog(history, now);
    }

    /** What is back in the car now, in the order in which it went in. */
    public List<PutBack> back() {
        var last = new LinkedHashMap<PartId, PutBack>();
        for (var one : history) {
            last.remove(one.part());
            if (!offAgain.contains(one.part())) last.put(one.part(), one);
        }
        return List.copyOf(last.values());
    }

    public Set<PartId> parts() {
        return history.stream()
                .map(PutBack::part)
                .filter(part -> !offAgain.contains(part))
                .collect(Collectors.toUnmodifiableSet());
    }

    public boolean isFitted(PartId part) {
        return findOne(part).isPresent();
    }

    /** How it went in the last time, if it is in now. */
    public Optional<PutBack> findOne(PartId part) {
        return offAgain.contains(part)
                ? Optional.empty()
                : timesOf(part).stream().reduce((_, last) -> last);
    }

    /** Each time that it went in. */
    public List<PutBack> timesOf(PartId part) {
        return history.stream().filter(one -> one.part().equals(part)).toList();
    }

    private TreeSet<PartId> without(PartId part) {
        var fewer = new TreeSet<>(offAgain);
        fewer.remove(part);
        return fewer;
    }
}
