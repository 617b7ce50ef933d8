package welumen.strip;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;

/** All that is known of how a car came apart. */
public record StripLog(
        List<Step> steps, List<StripRule> rules, List<RefitLink> refitNotes, Map<PartId, List<FixingPlaces>> places) {
    public static final StripLog EMPTY = new StripLog(List.of(), List.of(), List.of(), Map.of());

    public StripLog {
        steps = List.copyOf(steps);
        rules = List.copyOf(rules);
        refitNotes = List.copyOf(refitNotes);
        places = Map.copyOf(places);
    }

    public StripLog after(StripChange change) {
        return switch (change) {
            case StepLogged(var step) -> new StripLog(and(steps, step), rules, refitNotes, places);
            case StepCorrected(var step) -> new StripLog(corrected(step), rules, refitNotes, places);
            case StripRuleNoted(var rule) ->
                rules.contains(rule) ? this : new StripLog(steps, and(rules, rule), refitNotes, places);
            case RefitLinkNoted(var link) -> new StripLog(steps, rules, and(refitNotes, link), places);
            case PlacesNoted(var part, var known) -> {
                var more = new TreeMap<>(places);
                more.put(part, known);
                yield new StripLog(steps, rules, refitNotes, more);
            }
        };
    }

    /** The parts that are off the car. */
    public Set<PartId> off() {
        return steps.stream()
                .filter(step -> step.outcome() == Outcome.OFF)
                .map(Step::part)
                .collect(Collectors.toUnmodifiableSet());
    }

    public boolean isOff(PartId part) {
        return steps.stream()
                .anyMatch(step -> step.outcome() == Outcome.OFF && step.part().equals(part));
    }

    public List<Step> stepsOn(PartId part) {
        return steps.stream().filter(step -> step.part().equals(part)).toList();
    }

    /** Everything that was found holding a part, over all its steps. */
    public List<FixingLot> foundOn(PartId part) {
        return stepsOn(part).stream().flatMap(step -> step.fixings().stream()).toList();
    }

    public List<FixingPlaces> placesOf(PartId part) {
        return places.getOrDefault(part, List.of());
    }

    public int nextStep() {
        return steps.stream().mapToInt(Step::number).max().orElse(0) + 1;
    }

    /** The bag number after the highest in use. */
    public int nextBag() {
        return steps.stream()
                        .mapToInt(step -> step.bag() instanceof Bag.Numbered(var number) ? number : 0)
                        .max()
                        .orElse(0)
                + 1;
    }

    private List<Step> corrected(Step correction) {
        if (steps.stream().noneMatch(step -> step.number() == correction.number()))
            throw new IllegalStateException("There is no step %d to correct.".formatted(correction.number()));
        return steps.stream()
                .map(step -> step.number() == correction.number() ? correction : step)
                .toList();
    }

    private static <T> List<T> and(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}
