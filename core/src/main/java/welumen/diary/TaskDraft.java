package welumen.diary;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.schedule.Effort;

/** The tasks of a car while they are made: those that were made can be waited for by those that follow. */
final class TaskDraft {
    /** Hours that it takes to order something, or to decide. */
    static final Effort A_WORD = Effort.ofHours(0.1, 0.25, 0.5);

    /** Working days for which an answer is awaited of which nobody has said when it comes. */
    static final int ANSWERED = 5;

    /** Work of none. */
    static final Effort NONE = Effort.ofHours(0, 0, 0);

    private final SequencedMap<String, Making> tasks = new LinkedHashMap<>();

    /** A task as it is put together. */
    static final class Making {
        private final String id;
        private TaskKind kind;
        private String what;
        private @Nullable PartId part;
        private Effort effort = NONE;
        private int hands = 1;
        private double fails;
        private @Nullable LocalDate promised;
        private int othersDays = ANSWERED;
        private @Nullable LocalDateTime fixed;
        private @Nullable LocalDateTime notBefore;
        private @Nullable OneChance chance;
        private List<String> bring = List.of();
        private final Map<String, After> after = new LinkedHashMap<>();

        private Making(String id, TaskKind kind, String what) {
            this.id = id;
            this.kind = kind;
            this.what = what;
        }

        Making on(PartId its) {
            part = its;
            return this;
        }

        Making takes(Effort work) {
            effort = work;
            return this;
        }

        Making by(int people) {
            hands = people;
            return this;
        }

        Making fails(double share) {
            fails = share;
            return this;
        }

        Making promised(LocalDate day) {
            promised = day;
            return this;
        }

        Making others(int workingDays) {
            othersDays = workingDays;
            return this;
        }

        Making fixed(LocalDateTime start) {
            fixed = start;
            return this;
        }

        Making notBefore(LocalDateTime start) {
            notBefore = start;
            return this;
        }

        Making chance(OneChance only) {
            chance = only;
            return this;
        }

        Making bring(List<String> along) {
            bring = along;
            return this;
        }

        Effort effort() {
            return effort;
        }

        boolean isWait() {
            return kind.isWait();
        }

        /** The same work of another name; waits for nothing, and is not fixed. */
        Making like(String other) {
            var same = new Making(other, kind, what);
            same.part = part;
            same.hands = hands;
            same.fails = fails;
            same.notBefore = notBefore;
            same.chance = chance;
            same.bring = bring;
            return same;
        }

        /** Waits for another in place of one, where it waits for that. */
        void waitInstead(String one, String other) {
            var was = after.remove(one);
            if (was != null) after(new After(other, was.why(), was.said(), was.cures(), was.workingDays()));
        }

        /** The first word why is kept; the longest wait is. */
        Making after(After one) {
            after.merge(
                    one.task(),
                    one,
                    (was, now) -> new After(
                            was.task(),
                            was.why(),
                            was.said(),
                            was.cures().compareTo(now.cures()) > 0 ? was.cures() : now.cures(),
                            Math.max(was.workingDays(), now.workingDays())));
            return this;
        }

        String id() {
            return id;
        }

        boolean waitsFor(String other) {
            return after.containsKey(other);
        }

        private Task task() {
            return new Task(
                    id,
                    kind,
                    Optional.ofNullable(part),
                    what,
                    effort,
                    hands,
                    fails,
                    Optional.ofNullable(promised),
                    kind.isWait() ? othersDays : 0,
                    Optional.ofNullable(fixed),
                    Optional.ofNullable(notBefore),
                    Optional.ofNullable(chance),
                    bring,
                    List.copyOf(after.values()),
                    0);
        }
    }

    static Making make(String id, TaskKind kind, String what) {
        return new Making(id, kind, what);
    }

    static String id(TaskKind kind, PartId part) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + ":" + part;
    }

    /** Adds one; of two of one id the first stays. */
    Making add(Making making) {
        var was = tasks.putIfAbsent(making.id, making);
        return was == null ? making : was;
    }

    /** It is there on a day that was promised: what was to be ordered or sent out is on its way. */
    void arrives(Making task, LocalDate day) {
        task.promised(day);
        if (task.isWait()) return;
        task.what = task.kind == TaskKind.ORDER ? task.what : task.what + ", sent out";
        task.kind = TaskKind.AWAIT;
        task.effort = NONE;
        task.chance = null;
        task.after.clear();
        for (var other : tasks.values())
            other.after.computeIfPresent(
                    task.id, (_, was) -> new After(was.task(), Why.NOT_HERE, was.said(), Duration.ZERO, 0));
    }

    /** What waited for it waits for what it waited for. */
    void drop(String id) {
        var gone = one(id);
        tasks.remove(id);
        for (var task : tasks.values())
            if (task.after.remove(id) != null) gone.after.values().forEach(task::after);
    }

    List<String> ids() {
        return List.copyOf(tasks.keySet());
    }

    boolean has(String id) {
        return tasks.containsKey(id);
    }

    /** The one of an id, which must have been added. */
    Making one(String id) {
        var task = tasks.get(id);
        if (task == null) throw new IllegalArgumentException("There is no task [%s].".formatted(id));
        return task;
    }

    /** All of them: what they wait for and is not open is past, and no two wait for each other. */
    List<Task> finish() {
        for (var making : tasks.values()) making.after.keySet().retainAll(tasks.keySet());
        var done = new HashSet<String>();
        for (var id : List.copyOf(tasks.keySet())) openCircles(id, new LinkedHashSet<>(), done);
        return tasks.values().stream().map(Making::task).toList();
    }

    /** Rules that go round in a circle are named at Refit; here the last of them is let go, so that the rest can be planned. */
    private void openCircles(String id, Set<String> path, Set<String> done) {
        if (!done.contains(id)) {
            path.add(id);
            var after = one(id).after;
            after.keySet().removeIf(path::contains);
            for (var before : List.copyOf(after.keySet())) openCircles(before, path, done);
            path.remove(id);
            done.add(id);
        }
    }
}
