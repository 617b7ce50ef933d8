package welumen.finish.load;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What would make the loads fit their day: each change tried in the planner, and pairs where none alone is enough. */
public final class LoadRemedies {
    private static final Duration ROUND = Duration.ofMinutes(15);

    /** Hours after which nobody waits any longer on the same day. */
    private static final int LATEST_HOUR = 16;

    private LoadRemedies() {}

    /**
     * A change that was tried.
     *
     * @param ready when the last is ready then; empty where nothing would be sprayed
     * @param late by how much that is too late still
     */
    public record Tried(LoadRemedy remedy, Optional<LocalDateTime> ready, Duration late, boolean fits) {}

    /** Those that were tried, what fits first, then what is least late; none where it fits as it is, or no day was said. */
    public static List<Tried> of(LoadProblem problem, LoadPlan plan) {
        if (problem.due().isEmpty() || plan.fits(problem)) return List.of();
        var single = single(problem, plan);
        var tried = new ArrayList<Tried>();
        for (var one : single) tried(problem, one).ifPresent(tried::add);
        for (var i = 0; i < single.size(); i++)
            for (var k = i + 1; k < single.size(); k++)
                tried(problem, new LoadRemedy.Both(single.get(i), single.get(k)))
                        .filter(Tried::fits)
                        .ifPresent(tried::add);
        var helped = tried.stream()
                .filter(one -> one.fits() || one.late().compareTo(plan.late(problem)) < 0)
                .filter(one -> !(one.remedy() instanceof LoadRemedy.Both(var first, var second))
                        || tried.stream()
                                .noneMatch(alone -> alone.fits()
                                        && (alone.remedy().equals(first)
                                                || alone.remedy().equals(second))));
        return helped.sorted(Comparator.comparing((Tried one) -> !one.fits()).thenComparing(Tried::late))
                .toList();
    }

    private static Optional<Tried> tried(LoadProblem problem, LoadRemedy remedy) {
        return remedy.tried(problem).map(other -> {
            var plan = LoadPlanner.of(other);
            return new Tried(remedy, plan.ready(), plan.late(other), plan.fits(other));
        });
    }

    private static List<LoadRemedy> single(LoadProblem problem, LoadPlan plan) {
        var all = new ArrayList<LoadRemedy>();
        var hidden = new LoadRemedy.WithoutHidden();
        all.add(hidden);
        // by how much a slot would have to end sooner: as it is, and without what nobody sees
        var late = new ArrayList<Duration>();
        late.add(plan.late(problem));
        hidden.tried(problem).map(other -> LoadPlanner.of(other).late(other)).ifPresent(late::add);
        late.stream()
                .filter(Duration::isPositive)
                .map(LoadRemedies::rounded)
                .distinct()
                .forEach(by -> {
                    all.add(new LoadRemedy.EndSooner(by));
                    later(problem, by).ifPresent(all::add);
                });
        another(problem).forEach(slot -> all.add(new LoadRemedy.AnotherSlot(slot)));
        return all;
    }

    /** Later on the same day alone: another day is another agreement. */
    private static Optional<LoadRemedy> later(LoadProblem problem, Duration by) {
        var due = problem.due().orElseThrow();
        var later = due.plus(by);
        return later.toLocalDate().equals(due.toLocalDate()) && later.getHour() <= LATEST_HOUR
                ? Optional.of(new LoadRemedy.LaterDue(later))
                : Optional.empty();
    }

    private static Duration rounded(Duration time) {
        var parts = Math.ceilDiv(time.toMinutes(), ROUND.toMinutes());
        return ROUND.multipliedBy(parts);
    }

    /** On days without a slot until the due one, from the first, at the usual hours; and a morning of the due day’s eve. */
    private static List<Slot> another(LoadProblem problem) {
        if (problem.slots().isEmpty()) return List.of();
        var usual = problem.slots().getFirst();
        var more = new ArrayList<Slot>();
        var due = problem.due().orElseThrow().toLocalDate();
        for (var day = usual.begins().toLocalDate(); day.isBefore(due); day = day.plusDays(1))
            if (isFree(problem, day)) more.add(at(usual, day));
        var eve = due.minusDays(1);
        var morning = new Slot(eve.atTime(8, 0), eve.atTime(8, 0).plus(usual.length()));
        if (!morning.begins().isBefore(usual.begins())) more.add(morning);
        return more;
    }

    private static boolean isFree(LoadProblem problem, LocalDate day) {
        return problem.slots().stream()
                .noneMatch(slot -> slot.begins().toLocalDate().equals(day));
    }

    private static Slot at(Slot usual, LocalDate day) {
        return new Slot(
                day.atTime(usual.begins().toLocalTime()),
                day.atTime(usual.ends().toLocalTime()));
    }
}
