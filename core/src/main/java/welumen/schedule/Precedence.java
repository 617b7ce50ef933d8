package welumen.schedule;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** Activities in an order in which each stands behind those that it waits for (Kahn, 1962). */
final class Precedence {
    private Precedence() {}

    /** @throws IllegalArgumentException naming those that wait for one another in a circle and can never begin */
    static List<Activity> order(List<Activity> activities) {
        var byId = new HashMap<String, Activity>();
        var waits = new HashMap<String, Integer>();
        var later = new HashMap<String, List<String>>();
        for (var activity : activities) {
            byId.put(activity.id(), activity);
            waits.put(activity.id(), activity.after().size());
            for (var link : activity.after())
                later.computeIfAbsent(link.before(), _ -> new ArrayList<>()).add(activity.id());
        }
        var free = new ArrayDeque<String>();
        for (var activity : activities) if (activity.after().isEmpty()) free.add(activity.id());
        var order = new ArrayList<Activity>();
        while (!free.isEmpty()) {
            var done = free.remove();
            waits.remove(done);
            order.add(Objects.requireNonNull(byId.get(done)));
            for (var next : later.getOrDefault(done, List.of()))
                if (waits.merge(next, -1, Integer::sum) == 0) free.add(next);
        }
        if (waits.isEmpty()) return order;
        throw new IllegalArgumentException("These wait for one another: %s."
                .formatted(activities.stream()
                        .map(Activity::id)
                        .filter(waits::containsKey)
                        .limit(6)
                        .collect(Collectors.joining(", "))));
    }
}
