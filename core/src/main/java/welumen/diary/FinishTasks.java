package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.finish.Batch;
import welumen.finish.load.HardPiece;
import welumen.schedule.Effort;

/** The small pieces of a car: a load at a time as the spray place holds them, each a colour; then they are fitted. */
final class FinishTasks {
    /** Hours to prepare a piece, and to fit it. */
    private static final double PREPARED = 0.15;

    private static final double FITTED = 0.1;

    /** Working days until a card is dry and read. */
    private static final int DRY_DAYS = 1;

    private final Standing at;
    private final TaskDraft draft;

    FinishTasks(Standing at, TaskDraft draft) {
        this.at = at;
        this.draft = draft;
    }

    void all() {
        var batch = at.finish().batch();
        if (batch.said().isEmpty()) return;
        var afterwards = new ArrayList<After>();
        loads(
                batch.open().stream().filter(piece -> !piece.isHeld()).toList(),
                batch.said().get(),
                afterwards);
        var held = batch.open().stream().filter(HardPiece::isHeld).toList();
        if (!held.isEmpty()) afterwards.add(qualified(held));
        var count = (int) (batch.pieces().size() - batch.count(Batch.Step.FITTED));
        if (count == 0) return;
        var fit = draft.add(
                TaskDraft.make("fit-pieces", TaskKind.PUT_BACK, pieces(count)).takes(hours(FITTED * count)));
        afterwards.forEach(fit::after);
    }

    private static String pieces(int count) {
        return count == 1
                ? "the small piece that was sprayed"
                : "the %d small pieces that are sprayed".formatted(count);
    }

    /** Of one colour those that most waits for go first; what is elsewhere goes last. */
    private void loads(List<HardPiece> open, Batch.How how, List<After> afterwards) {
        var number = 0;
        var colours =
                open.stream().collect(Collectors.groupingBy(HardPiece::colour, TreeMap::new, Collectors.toList()));
        for (var colour : colours.entrySet()) {
            var pieces = colour.getValue().stream()
                    .sorted(Comparator.comparing(HardPiece::here).thenComparing(piece -> -piece.waitedFor()))
                    .toList();
            for (var from = 0; from < pieces.size(); from += at.loadHolds()) {
                var load = pieces.subList(from, Math.min(pieces.size(), from + at.loadHolds()));
                afterwards.add(load(++number, colour.getKey(), load, how));
            }
        }
    }

    private After load(int number, String colour, List<HardPiece> load, Batch.How how) {
        var prepare = draft.add(TaskDraft.make(
                        "prepare-load:" + number,
                        TaskKind.TREAT,
                        "load %d: prepare and hang %s".formatted(number, names(load)))
                .takes(hours(PREPARED * load.size())));
        var spray = draft.add(TaskDraft.make(
                        "spray-load:" + number,
                        TaskKind.COLOUR,
                        "load %d, %d small pieces, %s".formatted(number, load.size(), colour))
                .takes(hours(how.needs().toMinutes() / 60.0)));
        spray.chance(OneChance.SPRAY);
        spray.after(new After(prepare.id(), Why.MADE_BEFORE, "they hang first"));
        card().ifPresent(spray::after);
        return new After(spray.id(), Why.NOT_DONE, "load %d is not sprayed".formatted(number), how.handled(), 0);
    }

    private static String names(List<HardPiece> load) {
        return load.size() == 1
                ? "the " + load.getFirst().name()
                : "the %s and %d more".formatted(load.getFirst().name(), load.size() - 1);
    }

    /** As long as the last card is not accepted nothing is sprayed. */
    private Optional<After> card() {
        return at.finish().cards().last().filter(card -> !card.isAccepted()).map(card -> {
            var said = "the test card of %s is dry, good and accepted"
                    .formatted(card.setUp().product());
            draft.add(TaskDraft.make("held:" + card.id().replace(' ', '-'), TaskKind.AWAIT, said)
                    .others(DRY_DAYS));
            return new After(
                    "held:" + card.id().replace(' ', '-'),
                    Why.NOT_ALLOWED,
                    "its test card is not accepted",
                    Duration.ZERO,
                    0);
        });
    }

    private After qualified(List<HardPiece> held) {
        var said = "somebody qualified answers for %s: %s"
                .formatted(names(held), held.getFirst().held());
        draft.add(TaskDraft.make("held:pieces", TaskKind.AWAIT, said));
        return new After("held:pieces", Why.NOT_ALLOWED, said);
    }

    private static Effort hours(double likely) {
        return Effort.ofHours(0.7 * likely, likely, 1.8 * likely);
    }
}
