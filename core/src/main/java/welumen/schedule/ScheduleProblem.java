package welumen.schedule;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is to be planned.
 *
 * @param start the first day of it
 * @param due the day by which all should have ended
 * @param hours the shop's
 * @param goals the least lateness by their weights is wanted; where there are none, the earliest end of all
 * @param wishes at most one of an activity
 */
public record ScheduleProblem(
        LocalDate start,
        Optional<LocalDate> due,
        OpenHours hours,
        List<Resource> resources,
        List<Activity> activities,
        List<Goal> goals,
        List<Wish> wishes) {

    public ScheduleProblem(
            LocalDate start,
            Optional<LocalDate> due,
            OpenHours hours,
            List<Resource> resources,
            List<Activity> activities) {
        this(start, due, hours, resources, activities, List.of(), List.of());
    }

    /** @throws IllegalArgumentException naming the activity that can never be done, and why */
    public ScheduleProblem {
        resources = List.copyOf(resources);
        activities = List.copyOf(activities);
        var counts = new HashMap<String, Integer>();
        for (var resource : resources)
            if (counts.put(resource.id(), resource.count()) != null)
                throw new IllegalArgumentException("“%s” stands twice among the resources.".formatted(resource.id()));
        var ids = new HashSet<String>();
        for (var activity : activities)
            if (!ids.add(activity.id()))
                throw new IllegalArgumentException("“%s” stands twice among the tasks.".formatted(activity.id()));
        for (var activity : activities) {
            activity.uses().forEach((resource, amount) -> {
                if (amount > counts.getOrDefault(resource, 0))
                    throw new IllegalArgumentException("“%s” uses %d of “%s”, of which there are %d."
                            .formatted(activity.id(), amount, resource, counts.getOrDefault(resource, 0)));
            });
            for (var link : activity.after())
                if (!ids.contains(link.before()))
                    throw new IllegalArgumentException(
                            "“%s” comes after “%s”, which is no task.".formatted(activity.id(), link.before()));
        }
        goals = List.copyOf(goals);
        for (var goal : goals)
            if (!ids.contains(goal.last()))
                throw new IllegalArgumentException(
                        "“%s” is to end by %s and is no task.".formatted(goal.last(), goal.due()));
        wishes = List.copyOf(wishes);
        var wished = new HashSet<String>();
        for (var wish : wishes)
            if (!ids.contains(wish.id()) || !wished.add(wish.id()))
                throw new IllegalArgumentException(
                        "“%s” is to start at %s and is no task, or is so twice.".formatted(wish.id(), wish.start()));
        Precedence.order(activities);
    }

    /** The same with other wishes. */
    public ScheduleProblem wishing(List<Wish> others) {
        return new ScheduleProblem(start, due, hours, resources, activities, goals, others);
    }

    /** The same activities, changed. */
    public ScheduleProblem with(List<Activity> others) {
        return new ScheduleProblem(start, due, hours, resources, others, goals, wishes);
    }

    /** By their ids. */
    public Map<String, Activity> byId() {
        var all = new HashMap<String, Activity>();
        for (var activity : activities) all.put(activity.id(), activity);
        return all;
    }
}
