package welumen.strip;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.journal.Growing;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LapStruck;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripChange.StripRuleStruck;

/** All that is known of how a car came apart: its steps, and what was noted of how its parts hold each other. */
public record StripLog(List<Step> steps, Bonds bonds, Map<PartId, List<FixingPlaces>> places) {
    public static final StripLog EMPTY = new StripLog(List.of(), Bonds.NONE, Map.of());

    public StripLog {
        steps = Growing.copyOf(steps);
        places = Map.copyOf(places);
    }

    public StripLog after(StripChange change) {
        return switch (change) {
            case StepLogged(var step) -> new StripLog(Growing.copyOf(steps).with(step), bonds, places);
            case StepCorrected(var step) -> new StripLog(corrected(step), bonds, places);
            case StripRuleNoted(var rule) -> with(bonds.with(rule));
            case StripRuleStruck(var rule) -> with(bonds.without(rule));
            case RefitLinkNoted(var link) -> with(bonds.with(link));
            case LapNoted(var lap) -> with(bonds.with(lap));
            case LapStruck(var over, var under) -> with(bonds.withoutLap(over, under));
            case LooseGroupNoted(var group) -> with(bonds.with(group));
            case SideFirst(var side) -> with(bonds.with(side));
            case PlacesNoted(var part, var known) -> {
                var more = new TreeMap<>(places);
                more.put(part, known);
                yield new StripLog(steps, bonds, more);
            }
        };
    }

    public List<StripRule> rules() {
        return bonds.rules();
    }

    public List<RefitLink> refitNotes() {
        return bonds.refitNotes();
    }

    public List<Lap> laps() {
        return bonds.laps();
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

    /** The lowest bag number above all in use. */
    public int nextBag() {
        return bags().stream().mapToInt(Integer::intValue).max().orElse(0) + 1;
    }

    /** The numbers of all bags in use, in their order. */
    public List<Integer> bags() {
        var numbers = new HashSet<Integer>();
        for (var step : steps) if (step.bag() instanceof Bag.Numbered(var number)) numbers.add(number);
        return numbers.stream().sorted().toList();
    }

    private StripLog with(Bonds newBonds) {
        return new StripLog(steps, newBonds, places);
    }

    private List<Step> corrected(Step correction) {
        if (steps.stream().noneMatch(step -> step.number() == correction.number()))
            throw new IllegalStateException("There is no step %d to correct.".formatted(correction.number()));
        return steps.stream()
                .map(step -> step.number() == correction.number() ? correction : step)
                .toList();
    }
}
