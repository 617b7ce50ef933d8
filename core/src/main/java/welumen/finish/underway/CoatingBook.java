package welumen.finish.underway;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import welumen.cabin.PartId;

/**
 * The surfaces of a car that are coated, in the order in which they were begun, and what went wrong on them.
 *
 * @param begun how many there ever were: what is dropped gives its id to no other
 */
public record CoatingBook(List<Coating> all, List<GoneWrong> gone, int begun) {
    public static final CoatingBook NONE = new CoatingBook(List.of(), List.of(), 0);

    public CoatingBook {
        all = List.copyOf(all);
        gone = List.copyOf(gone);
    }

    public CoatingBook after(CoatingChange change) {
        return switch (change) {
            case CoatingChange.CoatingBegun(var coating) -> {
                var more = new ArrayList<>(all);
                more.add(coating);
                yield new CoatingBook(more, gone, begun + 1);
            }
            case CoatingChange.StepDone(var id, var _, var at) -> map(id, one -> one.stepDone(at));
            case CoatingChange.Keyed(var id, var at) -> map(id, one -> one.keyed(at));
            case CoatingChange.FlawMapped(var id, var flaw) -> map(id, one -> one.mapped(flaw));
            case CoatingChange.FlawMended(var id, var number) -> map(id, one -> one.mended(number));
            case CoatingChange.FlawStruck(var id, var number) -> map(id, one -> one.unmapped(number));
            case CoatingChange.TrialMade(var id, var tried) -> map(id, one -> one.tried(tried));
            case CoatingChange.CoatingWentWrong(var id, var wrong) ->
                map(id, one -> one.wentWrong(wrong.cause())).wentWrong(wrong);
            case CoatingChange.CoatingDropped(var id) ->
                new CoatingBook(all.stream().filter(one -> !one.id().equals(id)).toList(), gone, begun);
        };
    }

    /** A go that failed, of a surface or of a card. */
    public CoatingBook wentWrong(GoneWrong wrong) {
        var more = new ArrayList<>(gone);
        more.add(wrong);
        return new CoatingBook(all, more, begun);
    }

    private CoatingBook map(String id, UnaryOperator<Coating> how) {
        return new CoatingBook(
                all.stream()
                        .map(one -> one.id().equals(id) ? how.apply(one) : one)
                        .toList(),
                gone,
                begun);
    }

    public Optional<Coating> find(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The one of a part that is on its way. */
    public Optional<Coating> openOf(PartId part) {
        return open().stream().filter(one -> one.part().contains(part)).findFirst();
    }

    public List<Coating> open() {
        return all.stream().filter(one -> !one.isDone()).toList();
    }

    public String nextId() {
        return "surface-" + (begun + 1);
    }
}
