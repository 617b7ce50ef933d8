package welumen.treatment;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

/**
 * What was chosen for each part, and what of it has been done.
 *
 * @param done the parts whose chosen treatment has been done
 */
public record Choices(Map<PartId, TreatmentChosen> chosen, Set<PartId> done) {
    public static final Choices EMPTY = new Choices(Map.of(), Set.of());

    public Choices {
        chosen = Map.copyOf(chosen);
        done = Set.copyOf(done);
    }

    public Choices after(TreatmentChange change) {
        return switch (change) {
            case TreatmentChosen choice -> {
                var more = new TreeMap<>(chosen);
                more.put(choice.part(), choice);
                yield new Choices(more, without(choice.part()));
            }
            case TreatmentDone(var part) -> {
                var more = new HashSet<>(done);
                more.add(part);
                yield new Choices(chosen, more);
            }
        };
    }

    /** Something was found on a part, so its work is not done. */
    public Choices reopened(PartId part) {
        return done.contains(part) ? new Choices(chosen, without(part)) : this;
    }

    public Optional<TreatmentChosen> of(PartId part) {
        return Optional.ofNullable(chosen.get(part));
    }

    public boolean isDone(PartId part) {
        return done.contains(part);
    }

    /** Chosen, and not done. */
    public boolean isOpen(PartId part) {
        return chosen.containsKey(part) && !done.contains(part);
    }

    /** “fill and recolour”; empty where nothing is chosen. */
    public String words(PartId part) {
        return of(part).map(TreatmentChosen::treatments).orElse(List.of()).stream()
                .map(Treatment::word)
                .collect(Collectors.joining(", and "));
    }

    private Set<PartId> without(PartId part) {
        var fewer = new HashSet<>(done);
        fewer.remove(part);
        return fewer;
    }
}
