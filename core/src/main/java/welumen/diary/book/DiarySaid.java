package welumen.diary.book;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.measure.DayText;

/** Says in a few words what a change of this room did. */
public final class DiarySaid {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

    private DiarySaid() {}

    public static String of(DiaryChange change, Cabin cabin) {
        return switch (change) {
            case DiaryChange.TaskAdded(var task) -> "To do: " + task.what();
            case DiaryChange.TaskDropped(var task, var because) ->
                "Not to be done: %s, %s".formatted(named(task, cabin), because);
            case DiaryChange.TaskWanted(var task) -> "To be done all the same: " + named(task, cabin);
            case DiaryChange.TaskDone(var task) -> "Done: " + named(task, cabin);
            case DiaryChange.TaskFixed(var task, var start) ->
                "Fixed for %s: %s".formatted(time(start), named(task, cabin));
            case DiaryChange.TaskFreed(var task) -> "Not fixed any more: " + named(task, cabin);
            case DiaryChange.TaskSplit(var task, var _) -> "In two goes: " + named(task, cabin);
            case DiaryChange.DayPromised(var task, var day, var by, var _) ->
                "Promised for %s%s: %s"
                        .formatted(DayText.said(day), by.isEmpty() ? "" : " by " + by, named(task, cabin));
            case DiaryChange.OtherwiseSaid(var task, var what) ->
                "Else %s: %s".formatted(what.isEmpty() ? "nothing" : what, named(task, cabin));
            case DiaryChange.DaysTold(var _, var end, var whom) ->
                "Told%s: ready %s".formatted(whom.isEmpty() ? "" : " " + whom, DayText.said(end.toLocalDate()));
            case DiaryChange.DaysFreed() -> "What was told binds no more";
            case DiaryChange.MadeReady(var task, var _, var by) ->
                "Ready to begin: %s, %s".formatted(named(task, cabin), by);
            case DiaryChange.LookPassed(var part, var look) ->
                "Passed by %s: %s".formatted(look.by(), cabin.named(part).name());
            case DiaryChange.GoEnded(var go) ->
                go.isWell()
                        ? "Came out well: " + named(go.task(), cabin)
                        : "Go %d failed: %s, %s".formatted(go.number(), named(go.task(), cabin), go.cause());
        };
    }

    /** What a task was called, though it is no task any more: “put back the left sill cover”. */
    public static String task(String id, Cabin cabin) {
        return named(id, cabin);
    }

    /** “put back the left sill cover” of “put-back:left-sill-cover”. */
    private static String named(String task, Cabin cabin) {
        var parts = task.split(":");
        if (parts.length < 2) return task.replace('-', ' ');
        return cabin.parts().stream()
                .filter(part -> part.id().equals(new PartId(parts[1])))
                .findFirst()
                .map(part -> "%s the %s".formatted(parts[0].replace('-', ' '), part.name()))
                .orElseGet(() -> (parts[0].equals("own") ? parts[1] : task).replaceAll("[-:]", " "));
    }

    private static String time(LocalDateTime time) {
        return TIME.format(time);
    }
}
