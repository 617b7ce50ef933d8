package welumen.diary.book;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import welumen.cabin.PartId;
import welumen.diary.task.OneChance;
import welumen.diary.task.TaskKind;

/**
 * What people have said of the tasks of a car. It outlives the tasks: what the job makes of them later is merged with it.
 *
 * @param added tasks of one's own, done ones too
 * @param dropped why, by task
 * @param done tasks of one's own and what was awaited
 * @param fixed when each begins
 * @param split the share of the work that the first of two goes has, by task
 * @param promises by task
 * @param otherwise what is done if what is awaited does not come, by task
 * @param told the plan that was told last; empty where none binds
 * @param ready what was ready before each step that has only one chance, by task
 * @param goes in the order in which they ended
 * @param looks who passed what lies beneath, by part
 */
public record DiaryBook(
        List<HandTask> added,
        Map<String, String> dropped,
        Set<String> done,
        Map<String, LocalDateTime> fixed,
        Map<String, Double> split,
        Map<String, Promise> promises,
        Map<String, String> otherwise,
        Optional<Told> told,
        Map<String, Set<OneChance.Ready>> ready,
        List<Go> goes,
        Map<PartId, Look> looks) {
    public static final DiaryBook EMPTY = new DiaryBook(
            List.of(),
            Map.of(),
            Set.of(),
            Map.of(),
            Map.of(),
            Map.of(),
            Map.of(),
            Optional.empty(),
            Map.of(),
            List.of(),
            Map.of());

    public DiaryBook {
        added = List.copyOf(added);
        dropped = Map.copyOf(dropped);
        done = Set.copyOf(done);
        fixed = Map.copyOf(fixed);
        split = Map.copyOf(split);
        promises = Map.copyOf(promises);
        otherwise = Map.copyOf(otherwise);
        ready = Map.copyOf(ready);
        goes = List.copyOf(goes);
        looks = Map.copyOf(looks);
    }

    public DiaryBook after(DiaryChange change) {
        return switch (change) {
            case DiaryChange.TaskAdded(var task) -> {
                var more = new ArrayList<>(added);
                more.removeIf(one -> one.id().equals(task.id()));
                more.add(task);
                yield with(more, dropped, done, fixed, split, promises);
            }
            case DiaryChange.TaskDropped(var task, var because) ->
                with(added, and(dropped, task, because), done, fixed, split, promises);
            case DiaryChange.TaskWanted(var task) -> with(added, without(dropped, task), done, fixed, split, promises);
            case DiaryChange.TaskDone(var task) -> {
                var more = new HashSet<>(done);
                more.add(task);
                yield with(added, dropped, more, fixed, split, promises);
            }
            case DiaryChange.TaskFixed(var task, var start) ->
                with(added, dropped, done, and(fixed, task, start), split, promises);
            case DiaryChange.TaskFreed(var task) -> with(added, dropped, done, without(fixed, task), split, promises);
            case DiaryChange.TaskSplit(var task, var share) ->
                with(added, dropped, done, fixed, and(split, task, share), promises);
            case DiaryChange.DayPromised(var task, var day, var by, var said) ->
                with(added, dropped, done, fixed, split, and(promises, task, new Promise(day, by, said)));
            case DiaryChange.OtherwiseSaid(var task, var what) -> {
                var all = what.isEmpty() ? without(otherwise, task) : and(otherwise, task, what);
                yield new DiaryBook(added, dropped, done, fixed, split, promises, all, told, ready, goes, looks);
            }
            case DiaryChange.DaysTold(var starts, var end, var whom) ->
                with(Optional.of(new Told(starts, end, whom)), ready, goes);
            case DiaryChange.DaysFreed() -> with(Optional.empty(), ready, goes);
            case DiaryChange.MadeReady(var task, var all, var _) -> with(told, and(ready, task, all), goes);
            case DiaryChange.GoEnded(var go) -> {
                var more = new ArrayList<>(goes);
                more.add(go);
                yield with(told, without(ready, go.task()), more); // a second go asks again
            }
            case DiaryChange.LookPassed(var part, var look) -> {
                var more = new TreeMap<>(looks);
                more.put(part, look);
                yield new DiaryBook(added, dropped, done, fixed, split, promises, otherwise, told, ready, goes, more);
            }
        };
    }

    /** A part came off again: what was tested on it is to be tested once more. */
    public DiaryBook cameOff(PartId part) {
        var left = new HashSet<>(done);
        return left.remove("test:" + part) ? with(added, dropped, left, fixed, split, promises) : this;
    }

    /** Goes of which the table's share is worth as many as of those that were had here. */
    private static final int TABLE = 10;

    /**
     * In what share a kind of task has to be done once more, as far as this car has taught it.
     *
     * @param usual what the table says
     */
    public double fails(TaskKind kind, double usual) {
        var begins = kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + ":";
        var had = goes.stream().filter(go -> go.task().startsWith(begins)).toList();
        if (had.isEmpty()) return usual;
        return (usual * TABLE + had.stream().filter(go -> !go.isWell()).count()) / (TABLE + had.size());
    }

    /** How many goes a task has had. */
    public int goesAt(String task) {
        return (int) goes.stream().filter(go -> go.task().equals(task)).count();
    }

    private DiaryBook with(
            List<HandTask> own,
            Map<String, String> out,
            Set<String> over,
            Map<String, LocalDateTime> pinned,
            Map<String, Double> parted,
            Map<String, Promise> said) {
        return new DiaryBook(own, out, over, pinned, parted, said, otherwise, told, ready, goes, looks);
    }

    private DiaryBook with(Optional<Told> plan, Map<String, Set<OneChance.Ready>> prepared, List<Go> ended) {
        return new DiaryBook(added, dropped, done, fixed, split, promises, otherwise, plan, prepared, ended, looks);
    }

    private static <T> Map<String, T> and(Map<String, T> map, String key, T value) {
        var more = new TreeMap<>(map);
        more.put(key, value);
        return more;
    }

    private static <T> Map<String, T> without(Map<String, T> map, String key) {
        var fewer = new TreeMap<>(map);
        fewer.remove(key);
        return fewer;
    }
}
