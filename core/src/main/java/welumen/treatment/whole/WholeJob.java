package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.measure.Finish;
import welumen.measure.WorkingDays;
import welumen.treatment.Candidate;

/**
 * One treatment is to be chosen for each of these parts.
 *
 * @param budget in units of the job's currency
 * @param hours how many hours of work there are until the car is due
 * @param days how many working days there are until then
 * @param neighbours groups of parts that are seen together
 * @param patina groups of which all keep their patina, or none
 */
public record WholeJob(
        List<Open> parts, double budget, double hours, double days, List<Group> neighbours, List<List<PartId>> patina) {
    /**
     * A part and the ways to go with it.
     *
     * @param importance how much its worth counts: a dash more than a handle
     * @param wanted the finish that its standard wants
     * @param fixed the way that the trimmer has chosen already, by its place in the list
     */
    public record Open(PartId part, List<Option> options, double importance, Finish wanted, Optional<Integer> fixed) {
        public Open {
            options = List.copyOf(options);
            if (options.isEmpty())
                throw new IllegalArgumentException("There is no way to go with [%s].".formatted(part));
        }

        /** What is worth most by itself. */
        Candidate best() {
            return options.stream()
                    .max(Comparator.comparingDouble(Option::worth))
                    .orElseThrow()
                    .candidate();
        }
    }

    /** @param gloss in gloss units */
    public record Option(Candidate candidate, double worth, int gloss) {}

    /** Parts that are seen together, of which each is measured in the same thing. */
    public record Group(SeenTogether where, Measure measure, List<PartId> parts) {
        public Group {
            parts = List.copyOf(parts);
        }
    }

    /** In what parts that are seen together are to be alike, and how far apart they may be. */
    public enum Measure {
        /** In tenths of a level of finish. */
        FINISH(10),
        /** In gloss units, among parts of one matter. */
        GLOSS(15);

        private final int apart;

        Measure(int apart) {
            this.apart = apart;
        }

        /** The width of the window in which all are to lie. */
        public int apart() {
            return apart;
        }

        int of(Option option) {
            return switch (this) {
                case FINISH -> (int) Math.round(10 * option.candidate().finish().level());
                case GLOSS -> option.gloss();
            };
        }
    }

    public WholeJob {
        parts = List.copyOf(parts);
        neighbours = List.copyOf(neighbours);
        patina = List.copyOf(patina);
    }

    public WholeJob withBudget(double newBudget) {
        return new WholeJob(parts, newBudget, hours, days, neighbours, patina);
    }

    /** The same with so many more working days of one pair of hands. */
    public WholeJob withMoreDays(double more) {
        return new WholeJob(parts, budget, hours + WorkingDays.HOURS * more, days + more, neighbours, patina);
    }

    /** What a set of options costs and takes, and which rules it breaks. Shares no code with the solver. */
    public WholePlan judge(Map<PartId, Integer> chosen, boolean isProvenBest) {
        var ways = new ArrayList<WholePlan.Chosen>();
        var cost = 0.0;
        var work = 0.0;
        var worth = 0.0;
        var broken = new ArrayList<Broken>();
        for (var part : parts) {
            var option = part.options().get(Objects.requireNonNull(chosen.get(part.part())));
            ways.add(new WholePlan.Chosen(part.part(), option.candidate(), option.worth(), part.best()));
            cost += option.candidate().cost();
            work += option.candidate().hours().likely();
            worth += part.importance() * option.worth();
            if (option.candidate().finish().compareTo(part.wanted()) < 0)
                broken.add(
                        new Broken.BelowStandard(part.part(), option.candidate().finish()));
            if (option.candidate().days() > days)
                broken.add(new Broken.TooLate(part.part(), option.candidate().days() - days));
        }
        if (cost > budget) broken.add(new Broken.OverBudget(cost - budget));
        if (work > hours) broken.add(new Broken.TooMuchWork(work - hours));
        for (var group : neighbours) broken.addAll(outside(group, chosen));
        for (var group : patina) {
            var kept = group.stream()
                    .filter(part -> find(part).isPresent())
                    .map(part -> Patina.isKept(option(part, chosen).candidate()))
                    .distinct()
                    .count();
            if (kept > 1) broken.add(new Broken.PatinaSplit(group));
        }
        return new WholePlan(ways, cost, work, worth, broken, isProvenBest);
    }

    /** Those of a group that lie outside the window that holds the most of it; pairs within a width are all within one. */
    private List<Broken> outside(Group group, Map<PartId, Integer> chosen) {
        List<Broken> least = null;
        for (var from : group.parts()) {
            var low = group.measure().of(option(from, chosen));
            var out = new ArrayList<Broken>();
            for (var part : group.parts()) {
                var here = group.measure().of(option(part, chosen));
                var by = Math.max(low - here, here - low - group.measure().apart());
                if (by > 0) out.add(new Broken.StandsOut(part, group, by));
            }
            if (least == null || out.size() < least.size()) least = out;
        }
        return least == null ? List.of() : least;
    }

    Optional<Open> find(PartId part) {
        return parts.stream().filter(open -> open.part().equals(part)).findFirst();
    }

    private Option option(PartId part, Map<PartId, Integer> chosen) {
        return find(part).orElseThrow().options().get(Objects.requireNonNull(chosen.get(part)));
    }
}
