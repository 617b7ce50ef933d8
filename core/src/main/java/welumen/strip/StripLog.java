package welumen.strip;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingPlaces;

/**
 * All that is known of how a car came apart: its steps, and what was noted of how its parts hold each other. A part comes
 * off and goes back as often as need be; what is asked here is asked as things stand now.
 *
 * @param returns the number of the last step before each time that a part went back in, in order
 */
public record StripLog(
        List<Step> steps, Bonds bonds, Map<PartId, List<FixingPlaces>> places, Map<PartId, List<Integer>> returns) {
    public static final StripLog EMPTY = new StripLog(List.of(), Bonds.NONE, Map.of());

    public StripLog {
        steps = Growing.copyOf(steps);
        places = Map.copyOf(places);
        returns = Map.copyOf(returns);
    }

    /** Nothing has gone back in yet. */
    public StripLog(List<Step> steps, Bonds bonds, Map<PartId, List<FixingPlaces>> places) {
        this(steps, bonds, places, Map.of());
    }

    public StripLog after(StripChange change) {
        return switch (change) {
            case StepLogged(var step) -> new StripLog(Growing.copyOf(steps).with(step), bonds, places, returns);
            case StepCorrected(var step) -> new StripLog(corrected(step), bonds, places, returns);
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
                yield new StripLog(steps, bonds, more, returns);
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

    /**
     * After a part went back in. How it is held now is what went in; where that was not said, what came out.
     *
     * @param in the fixings that went in; empty where only their number was said
     */
    public StripLog returned(PartId part, List<FixingLot> in) {
        var times = new TreeMap<>(returns);
        times.merge(
                part,
                List.of(nextStep() - 1),
                (earlier, now) -> Stream.concat(earlier.stream(), now.stream()).toList());
        var known = FixingPlaces.of(in);
        if (known.isEmpty() && placesOf(part).isEmpty()) known = FixingPlaces.of(foundOn(part));
        var held = new TreeMap<>(places);
        if (!known.isEmpty()) held.put(part, known);
        return new StripLog(steps, bonds, held, times);
    }

    /** The parts that are off the car now. */
    public Set<PartId> off() {
        return steps.stream()
                .filter(step -> step.outcome() == Outcome.OFF && isOfNow(step))
                .map(Step::part)
                .collect(Collectors.toUnmodifiableSet());
    }

    public boolean isOff(PartId part) {
        return steps.stream()
                .anyMatch(step -> step.outcome() == Outcome.OFF && step.part().equals(part) && isOfNow(step));
    }

    /** The parts that are off, or were and went back in. */
    public Set<PartId> everOff() {
        return steps.stream()
                .filter(step -> step.outcome() == Outcome.OFF)
                .map(Step::part)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether it was taken later than its part last went back in. */
    private boolean isOfNow(Step step) {
        var times = returns.get(step.part());
        return times == null || step.number() > times.getLast();
    }

    public List<Step> stepsOn(PartId part) {
        return steps.stream().filter(step -> step.part().equals(part)).toList();
    }

    /** The steps on a part since it last went back in: what was done to take it off that still holds. */
    public List<Step> stepsNow(PartId part) {
        return stepsOn(part).stream().filter(this::isOfNow).toList();
    }

    /** The steps of each time that a part was taken off, the last of them as far as it has come; none is without a step. */
    public List<List<Step>> removals(PartId part) {
        var removals = new ArrayList<List<Step>>();
        var from = 0;
        for (var until : returns.getOrDefault(part, List.of())) {
            removals.add(stepsBetween(part, from, until));
            from = until;
        }
        removals.add(stepsBetween(part, from, Integer.MAX_VALUE));
        removals.removeIf(List::isEmpty);
        return List.copyOf(removals);
    }

    private List<Step> stepsBetween(PartId part, int after, int until) {
        return stepsOn(part).stream()
                .filter(step -> step.number() > after && step.number() <= until)
                .toList();
    }

    /** What was found holding a part, the last time that it was taken off. */
    public List<FixingLot> foundOn(PartId part) {
        var removals = removals(part);
        return removals.isEmpty()
                ? List.of()
                : removals.getLast().stream()
                        .flatMap(step -> step.fixings().stream())
                        .toList();
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
        return new StripLog(steps, newBonds, places, returns);
    }

    private List<Step> corrected(Step correction) {
        if (steps.stream().noneMatch(step -> step.number() == correction.number()))
            throw new IllegalStateException("There is no step %d to correct.".formatted(correction.number()));
        return steps.stream()
                .map(step -> step.number() == correction.number() ? correction : step)
                .toList();
    }
}
