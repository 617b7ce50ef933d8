package welumen.refit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.refit.RefitChange.PartPutBack;

/** What is back in the car, in the order in which it went in. */
public record RefitLog(List<PutBack> back) {
    public static final RefitLog EMPTY = new RefitLog(List.of());

    public RefitLog {
        back = List.copyOf(back);
    }

    public RefitLog after(RefitChange change) {
        return switch (change) {
            case PartPutBack(var putBack) ->
                new RefitLog(Stream.concat(
                                back.stream().filter(one -> !one.part().equals(putBack.part())), Stream.of(putBack))
                        .toList());
        };
    }

    public Set<PartId> parts() {
        return back.stream().map(PutBack::part).collect(Collectors.toUnmodifiableSet());
    }

    public boolean isFitted(PartId part) {
        return findOne(part).isPresent();
    }

    public Optional<PutBack> findOne(PartId part) {
        return back.stream().filter(one -> one.part().equals(part)).findFirst();
    }
}
