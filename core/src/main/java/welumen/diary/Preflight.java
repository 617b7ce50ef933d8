package welumen.diary;

import java.util.EnumSet;
import java.util.List;
import welumen.diary.task.OneChance;
import welumen.diary.task.OneChance.Ready;
import welumen.diary.task.Task;

/**
 * What has to be so whenever a task is taken up: what its one chance asks, and the second pair of hands of what takes two. It is
 * asked each time, since a helper goes home and a bench gets cold.
 */
public record Preflight(List<Ready> asked) {
    public Preflight {
        asked = List.copyOf(asked);
    }

    public static Preflight of(Task task) {
        var asked = EnumSet.noneOf(Ready.class);
        task.chance().map(OneChance::asked).ifPresent(asked::addAll);
        if (task.hands() > 1) asked.add(Ready.HELPER);
        return new Preflight(List.copyOf(asked));
    }
}
