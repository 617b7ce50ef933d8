package welumen.whatif;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.diary.OpenTasks;
import welumen.diary.Standing;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.refit.Reopening;
import welumen.strip.reach.Covering;

/**
 * What a find or a slip does to one car, by its tasks before and after. Linear in the tasks but for the ways to what lies
 * beneath; the days come from the planner.
 *
 * @param awaited what is new to wait for, or comes on another day
 * @param stops what waits for it now, in the order of the tasks
 * @param again what has to come off again, with what that undoes
 * @param meanwhile what goes on all the same, what can be begun first, then by how much waits for it
 * @param undone of that, what would have to be undone when what is awaited comes
 * @param moreHours of work than before
 */
public record Consequence(
        List<Task> awaited,
        List<Task> stops,
        List<Reopening.Line> again,
        List<Task> meanwhile,
        List<Task> undone,
        double moreHours) {
    public Consequence {
        awaited = List.copyOf(awaited);
        stops = List.copyOf(stops);
        again = List.copyOf(again);
        meanwhile = List.copyOf(meanwhile);
        undone = List.copyOf(undone);
    }

    public static Consequence of(Standing before, Standing after) {
        var was = OpenTasks.of(before);
        var now = OpenTasks.of(after);
        var known = byId(was);
        var awaited = now.stream()
                .filter(task -> task.kind().isWait() && isNews(task, known.get(task.id())))
                .toList();
        var ids = awaited.stream().map(Task::id).collect(Collectors.toSet());
        var behind = Downstream.of(now, ids);
        var work = now.stream().filter(Consequence::isWork).toList();
        var stops = work.stream()
                .filter(task -> behind.contains(task.id()) && known.containsKey(task.id()))
                .toList();
        var again = again(after, now, known);
        var isAgain = again.stream().map(Reopening.Line::part).collect(Collectors.toSet());
        Predicate<Task> isReopening = task -> task.kind() == TaskKind.TAKE_OFF
                && task.part().filter(isAgain::contains).isPresent();
        var meanwhile = work.stream()
                .filter(task -> !behind.contains(task.id()) && !isReopening.test(task))
                .sorted(Comparator.comparing((Task task) -> !task.canBegin())
                        .thenComparing(task -> -task.keepsWaiting()))
                .toList();
        var undone = meanwhile.stream()
                .filter(task -> isUndone(after, task, awaited))
                .toList();
        return new Consequence(awaited, stops, again, meanwhile, undone, hours(now) - hours(was));
    }

    private static Map<String, Task> byId(List<Task> tasks) {
        var all = new HashMap<String, Task>();
        for (var task : tasks) all.put(task.id(), task);
        return all;
    }

    private static boolean isNews(Task now, @Nullable Task was) {
        return was == null || !was.promised().equals(now.promised()) || was.othersDays() != now.othersDays();
    }

    private static boolean isWork(Task task) {
        return !task.kind().isWait() && task.kind() != TaskKind.CHECK && task.kind() != TaskKind.HAND_OVER;
    }

    /** What was in the car to stay, and comes off. */
    private static List<Reopening.Line> again(Standing after, List<Task> now, Map<String, Task> known) {
        var lines = new ArrayList<Reopening.Line>();
        for (var task : now)
            if (task.kind() == TaskKind.TAKE_OFF && !known.containsKey(task.id()))
                task.part().ifPresent(part -> lines.add(after.reopened(part)));
        return lines;
    }

    /** What goes in over it before it is there comes off again for it. */
    private static boolean isUndone(Standing after, Task task, List<Task> awaited) {
        if (task.kind() != TaskKind.PUT_BACK || task.part().isEmpty()) return false;
        Set<PartId> under = Covering.under(after.signOff().strip(), task.part().get());
        return awaited.stream()
                .map(Task::part)
                .flatMap(Optional::stream)
                .anyMatch(part -> !part.equals(task.part().get()) && under.contains(part));
    }

    private static double hours(List<Task> tasks) {
        return tasks.stream()
                .filter(task -> !task.kind().isWait())
                .mapToDouble(task -> task.hours() * task.hands())
                .sum();
    }

    public double meanwhileHours() {
        return meanwhile.stream().mapToDouble(Task::hours).sum();
    }
}
