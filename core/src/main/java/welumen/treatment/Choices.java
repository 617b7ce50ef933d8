package welumen.treatment;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.intake.Standard;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.PricesLeftToYard;
import welumen.treatment.TreatmentChange.PricesSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

/**
 * What was chosen for each part, and what of it has been done.
 *
 * @param done the parts whose chosen treatment has been done
 * @param standards of the parts that are brought to another standard than the car
 * @param prices what was said for this job; empty where the workshop's last ones hold
 */
public record Choices(
        Map<PartId, TreatmentChosen> chosen,
        Set<PartId> done,
        Map<PartId, Standard> standards,
        Optional<PriceList> prices) {
    public static final Choices EMPTY = new Choices(Map.of(), Set.of(), Map.of(), Optional.empty());

    public Choices {
        chosen = Map.copyOf(chosen);
        done = Set.copyOf(done);
        standards = Map.copyOf(standards);
    }

    public Choices after(TreatmentChange change) {
        return switch (change) {
            case TreatmentChosen choice -> {
                var more = new TreeMap<>(chosen);
                more.put(choice.part(), choice);
                yield new Choices(more, without(choice.part()), standards, prices);
            }
            case PartStandardSaid(var part, var standard) -> {
                var more = new TreeMap<>(standards);
                more.put(part, standard);
                yield new Choices(chosen, done, more, prices);
            }
            case PricesSaid(var said) -> new Choices(chosen, done, standards, Optional.of(said));
            case PricesLeftToYard() -> new Choices(chosen, done, standards, Optional.empty());
            case TreatmentDone(var part) -> {
                var more = new HashSet<>(done);
                more.add(part);
                yield new Choices(chosen, more, standards, prices);
            }
        };
    }

    /** As they are in a yard: where this job has said no prices, the yard's hold. */
    public Choices within(PriceList yardPrices) {
        return prices.isPresent() ? this : new Choices(chosen, done, standards, Optional.of(yardPrices));
    }

    /** Something was found on a part, so its work is not done. */
    public Choices reopened(PartId part) {
        return done.contains(part) ? new Choices(chosen, without(part), standards, prices) : this;
    }

    /** The standard of a part where it is not simply the car's. */
    public Optional<Standard> standardOf(PartId part) {
        return Optional.ofNullable(standards.get(part));
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
