package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.diary.task.Task;
import welumen.refit.Reopening;
import welumen.strip.StripLog;
import welumen.strip.reach.Covering;
import welumen.survey.Beneath;

/**
 * What a part takes away when it goes back in: places beneath that nobody has looked at, and open tasks that want the opening;
 * each with what it costs to get at now, and from then on. The usual rules know what lies over what; what was noted on this car
 * goes before them.
 *
 * @param buried layers that nobody has looked at, the nearest first
 * @param open tasks that want the opening
 */
public record Closing(List<Line> buried, List<Line> open) {
    /**
     * @param part what is to be got at
     * @param what in words
     * @param now what comes off to get at it as things stand, there and back
     * @param then the same once the part is in
     */
    public record Line(PartId part, String what, Cost now, Cost then) {}

    /**
     * @param work off and back
     * @param lost for good with it, in words
     */
    public record Cost(Duration work, List<String> lost) {
        public Cost {
            lost = List.copyOf(lost);
        }
    }

    public Closing {
        buried = List.copyOf(buried);
        open = List.copyOf(open);
    }

    public static Closing of(Standing at, PartId part) {
        var now = at.signOff().strip();
        if (!now.isOff(part)) return new Closing(List.of(), List.of());
        var then = now.returned(part, List.of());
        var buried = Beneath.unseen(at.cabin(), at.survey(), part).stream()
                .map(layer -> line(at, layer.id(), layer.name(), now, then))
                .toList();
        var open = new ArrayList<Line>();
        for (var task : OpenTasks.of(at))
            task.part()
                    .filter(other -> wantsTheOpening(at, part, task, other))
                    .ifPresent(other -> open.add(line(at, other, task.said(), now, then)));
        return new Closing(buried, open);
    }

    /** What it costs to go deeper, to a part that is still in, as things stand; and once all that is out is back. */
    public static Line deeper(Standing at, PartId part) {
        var now = at.signOff().strip();
        var then = now;
        for (var out : new TreeSet<>(at.signOff().stillOut())) then = then.returned(out, List.of());
        return line(at, part, at.name(part), now, then);
    }

    private static Line line(Standing at, PartId part, String what, StripLog now, StripLog then) {
        return new Line(part, what, cost(at, now, part), cost(at, then, part));
    }

    private static Cost cost(Standing at, StripLog log, PartId part) {
        return Reopening.of(at.cabin(), log, part, at.times())
                .map(again -> new Cost(
                        again.off().plus(again.back()),
                        again.lines().stream()
                                .flatMap(line -> line.lost().stream())
                                .toList()))
                .orElseGet(() -> new Cost(Duration.ZERO, List.of()));
    }

    /** What lies beneath it and is still in; and behind what closes a whole zone, whatever is to be done there in the car. */
    private static boolean wantsTheOpening(Standing at, PartId part, Task task, PartId other) {
        if (other.equals(part) || task.kind().isWait() || at.signOff().strip().isOff(other)) return false;
        if (Covering.under(at.signOff().strip(), part).contains(other)) return true;
        return closesAZone(at.cabin().one(part).kind())
                && task.isInTheCar()
                && at.cabin()
                        .findOne(other)
                        .filter(one ->
                                one.spot().zone() == at.cabin().one(part).spot().zone())
                        .isPresent();
    }

    private static boolean closesAZone(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, DASH, HEADLINING, HOOD -> true;
            default -> false;
        };
    }
}
