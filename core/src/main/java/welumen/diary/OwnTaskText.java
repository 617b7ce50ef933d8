package welumen.diary;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.diary.book.HandTask;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.schedule.Effort;

/**
 * Reads a task of one's own: “a loom for the switches, 2 h, 2 people, after take off the dash, before put back the dash”. What it
 * begins with is what is done; a first word that says how it is done says who can.
 *
 * @param tasks that are open
 * @param id of the new one
 */
public record OwnTaskText(List<Task> tasks, String id, Optional<PartId> picked) {
    private static final Pattern HOURS =
            Pattern.compile("(\\d+(?:\\.\\d+)?)(?: ?(?:to|-) ?(\\d+(?:\\.\\d+)?))? ?(h|hours?|min|minutes?)");

    private static final Pattern PEOPLE = Pattern.compile("(\\d) ?(?:people|hands)");

    /** Hours of what nobody has said, and how far the least and the most lie from the usual. */
    private static final double USUAL = 1;

    private static final double LOW = 0.7;
    private static final double HIGH = 1.8;
    private static final double MOST = 400;

    public Parsed<HandTask> read(String text) {
        var parts = text.strip().split(" *, *");
        var what = parts[0].strip();
        if (what.isEmpty()) return new Refused<>("Say what is to be done: a loom for the switches, 2 h.");
        var effort = effort(USUAL, USUAL);
        var hands = 1;
        var after = new ArrayList<String>();
        var before = new ArrayList<String>();
        for (var i = 1; i < parts.length; i++) {
            var said = parts[i].toLowerCase(Locale.ROOT);
            var hours = HOURS.matcher(said);
            var people = PEOPLE.matcher(said);
            if (hours.matches()) {
                var unit = hours.group(3).startsWith("h") ? 1.0 : 1 / 60.0;
                var least = Double.parseDouble(hours.group(1)) * unit;
                var most = hours.group(2) == null ? least : Double.parseDouble(hours.group(2)) * unit;
                if (!(least > 0) || most < least || most > MOST)
                    return new Refused<>(
                            "“%s” is no time for a task. Type it as 2 h, or 1 to 3 h.".formatted(parts[i]));
                effort = effort(least, most);
            } else if (people.matches()) hands = Integer.parseInt(people.group(1));
            else if (said.startsWith("after ") || said.startsWith("before ")) {
                var isAfter = said.startsWith("after ");
                var named = named(said.substring(said.indexOf(' ') + 1));
                if (named.isEmpty())
                    return new Refused<>(
                            "No open task is called “%s”.".formatted(parts[i].substring(parts[i].indexOf(' ') + 1)));
                (isAfter ? after : before).add(named.get());
            } else
                return new Refused<>(
                        "“%s” is neither its hours, nor how many people, nor what it comes after or before."
                                .formatted(parts[i]));
        }
        if (hands < 1) return new Refused<>("Nobody would do it. Type 1 people or more.");
        return new Understood<>(new HandTask(
                id, kind(what), what, effort, hands, picked.stream().toList(), after, before));
    }

    /** Of one time, as far around it as work is; of two, from the one to the other. */
    private static Effort effort(double least, double most) {
        return least < most
                ? Effort.ofHours(least, (least + most) / 2, most)
                : Effort.ofHours(LOW * least, least, HIGH * least);
    }

    private Optional<String> named(String words) {
        var all = words.strip().split("\\s+");
        return tasks.stream()
                .filter(task -> List.of(all).stream()
                        .allMatch(word -> task.said().toLowerCase(Locale.ROOT).contains(word)))
                .map(Task::id)
                .findFirst();
    }

    private static TaskKind kind(String what) {
        for (var kind : TaskKind.values())
            if (!kind.isWait() && what.toLowerCase(Locale.ROOT).startsWith(kind.word() + " ")) return kind;
        return TaskKind.TREAT;
    }
}
