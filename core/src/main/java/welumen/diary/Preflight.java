package welumen.diary;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import welumen.diary.book.DiaryBook;
import welumen.diary.task.OneChance;
import welumen.diary.task.OneChance.Ready;
import welumen.diary.task.Task;

/**
 * What has to be so before a task is begun: what its one chance asks, and the second pair of hands of what takes two.
 *
 * @param ready what somebody has said to be so, for this go
 */
public record Preflight(List<Ready> asked, Set<Ready> ready) {
    public Preflight {
        asked = List.copyOf(asked);
        ready = Set.copyOf(ready);
    }

    public static Preflight of(Task task, DiaryBook book) {
        var asked = EnumSet.noneOf(Ready.class);
        task.chance().map(OneChance::asked).ifPresent(asked::addAll);
        if (task.hands() > 1) asked.add(Ready.HELPER);
        return new Preflight(List.copyOf(asked), book.ready().getOrDefault(task.id(), Set.of()));
    }

    public List<Ready> missing() {
        return asked.stream().filter(one -> !ready.contains(one)).toList();
    }

    /** Whether it can be begun. */
    public boolean isReady() {
        return missing().isEmpty();
    }
}
