package welumen.whatif;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import welumen.diary.task.Task;

/** What waits for something, one behind the other. */
final class Downstream {
    private Downstream() {}

    /** The ids of all that wait for any of these, these not among them. Linear in the links. */
    static Set<String> of(List<Task> tasks, Set<String> these) {
        Map<String, List<String>> later = new HashMap<>();
        for (var task : tasks)
            for (var after : task.after())
                later.computeIfAbsent(after.task(), _ -> new ArrayList<>()).add(task.id());
        var seen = new HashSet<String>();
        var next = new ArrayList<>(these);
        while (!next.isEmpty())
            for (var one : later.getOrDefault(next.removeLast(), List.of())) if (seen.add(one)) next.add(one);
        seen.removeAll(these);
        return seen;
    }
}
