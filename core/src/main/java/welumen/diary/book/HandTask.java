package welumen.diary.book;

import java.util.List;
import welumen.cabin.PartId;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.schedule.Effort;

/**
 * A task that somebody has added, since the job does not say it.
 *
 * @param id begins with {@link Task#OWN}
 * @param hands how many people at once
 * @param parts on which; may be none
 * @param after what it waits for, by their ids; what is not open any more is past
 * @param before what waits for it, by their ids; besides the last check, which waits for everything
 */
public record HandTask(
        String id,
        TaskKind kind,
        String what,
        Effort effort,
        int hands,
        List<PartId> parts,
        List<String> after,
        List<String> before) {
    /** @throws IllegalArgumentException where it says nothing, or nobody does it */
    public HandTask {
        parts = List.copyOf(parts);
        after = List.copyOf(after);
        before = List.copyOf(before);
        if (!id.startsWith(Task.OWN))
            throw new IllegalArgumentException("[%s] is not a task of one's own.".formatted(id));
        if (what.isBlank()) throw new IllegalArgumentException("Say what is to be done.");
        if (hands < 1 || hands > 9) throw new IllegalArgumentException("[%d] people do not do it.".formatted(hands));
    }
}
