package welumen.diary;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import welumen.cabin.PartId;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.schedule.Effort;

/**
 * Every task that is open on one car, made from the job itself: what has to come off, to be looked at, ordered, drawn, cut,
 * sewn, treated, put back, checked; and the gates that others hold. Nothing is typed twice: what is done or said elsewhere
 * is no task any more.
 */
public final class OpenTasks {
    private static final Effort CHECKED = Effort.ofHours(0.5, 1, 2);
    private static final Effort HANDED_OVER = Effort.ofHours(0.5, 1, 1.5);

    private OpenTasks() {}

    /** Those that can be begun first, then those that keep most others waiting. */
    public static List<Task> of(Standing at) {
        var draft = new TaskDraft();
        var gates = new GateTasks(at, draft);
        var coming = new OffTasks(at, draft, gates).all();
        Map<PartId, Optional<After>> bench = new HashMap<>();
        var work = new BenchTasks(at, draft, gates);
        for (var part : at.cabin().parts())
            if (isConcerned(at, part.id(), coming)) bench.put(part.id(), work.of(part.id()));
        new BackTasks(at, draft, gates, coming, bench).all();
        new FinishTasks(at, draft).all();
        new HandTasks(at.book(), draft).merge();
        if (!at.isHome()) home(draft);
        return ranked(draft.finish());
    }

    private static boolean isConcerned(Standing at, PartId part, Set<PartId> coming) {
        return coming.contains(part)
                || at.choices().isOpen(part)
                || at.signOff().undone().containsKey(part)
                || at.signOff().holds().containsKey(part);
    }

    /** At the end of all of it. */
    private static void home(TaskDraft draft) {
        var all = draft.ids();
        if (all.isEmpty()) return;
        var check = draft.add(
                TaskDraft.make("check", TaskKind.CHECK, "what must be safe").takes(CHECKED));
        for (var id : all) check.after(new After(id, Why.LAST));
        draft.add(TaskDraft.make("hand-over", TaskKind.HAND_OVER, "the car").takes(HANDED_OVER))
                .after(new After(check.id(), Why.LAST));
    }

    private static List<Task> ranked(List<Task> tasks) {
        var later = new HashMap<String, List<String>>();
        for (var task : tasks)
            for (var after : task.after())
                later.computeIfAbsent(after.task(), _ -> new ArrayList<>()).add(task.id());
        return tasks.stream()
                .map(task -> task.keeping(behind(task.id(), later)))
                .sorted(Comparator.comparing((Task task) -> !task.canBegin())
                        .thenComparing(task -> -task.keepsWaiting())
                        .thenComparing(task -> task.after().size()))
                .toList();
    }

    private static int behind(String id, Map<String, List<String>> later) {
        var seen = new HashSet<String>();
        var next = new ArrayList<>(later.getOrDefault(id, List.of()));
        while (!next.isEmpty()) {
            var one = next.removeLast();
            if (seen.add(one)) next.addAll(later.getOrDefault(one, List.of()));
        }
        return seen.size();
    }
}
