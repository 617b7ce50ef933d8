package welumen.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.finish.Batch;
import welumen.finish.NextLoad;
import welumen.finish.load.HardPiece;
import welumen.finish.sheen.TestCard;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingEffort;
import welumen.schedule.Effort;

/**
 * What is sprayed: the small pieces of a car, a load at a time as the spray place holds them, each a colour, behind their test card;
 * then they are fitted. And surfaces on their way through their coats.
 */
final class FinishTasks {
    /** Hours to prepare a piece, and to fit it. */
    private static final double PREPARED = 0.15;

    private static final double FITTED = 0.1;

    /** The share of that which is left where a piece is prepared and has only to be hung. */
    private static final double HUNG = 0.2;

    /** Hours to spray a test card. */
    private static final double CARD = 0.3;

    private final Standing at;
    private final TaskDraft draft;

    FinishTasks(Standing at, TaskDraft draft) {
        this.at = at;
        this.draft = draft;
    }

    void all() {
        pieces();
        at.finish().coatings().open().forEach(this::coating);
    }

    private void pieces() {
        var batch = at.finish().batch();
        if (batch.said().isEmpty()) return;
        var afterwards = new ArrayList<After>();
        var loads = NextLoad.of(batch, at.loadHolds());
        var card = loads.isEmpty() ? Optional.<After>empty() : card();
        loads.forEach(load -> afterwards.add(load(load, batch.said().get(), card)));
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

    /** What hangs already is prepared. */
    private After load(NextLoad load, Batch.How how, Optional<After> card) {
        var number = load.number();
        var spray = draft.add(TaskDraft.make(
                        Task.SPRAY_LOAD + number,
                        TaskKind.COLOUR,
                        "load %d, %s, %s".formatted(number, count(load.pieces().size()), load.colour()))
                .takes(hours(at.finish().batch().needs().toMinutes() / 60.0))
                .fails(at.finish().fails()));
        spray.chance(OneChance.SPRAY);
        if (!load.isHung()) {
            var prepare = draft.add(TaskDraft.make(
                            Task.PREPARE_LOAD + number,
                            TaskKind.TREAT,
                            "load %d: prepare and hang %s".formatted(number, names(load.pieces())))
                    .takes(hours(PREPARED * unprepared(load)))
                    .notBefore(load.here()));
            spray.after(new After(prepare.id(), Why.MADE_BEFORE, "they hang first"));
        }
        card.ifPresent(spray::after);
        return new After(spray.id(), Why.NOT_DONE, "load %d is not sprayed".formatted(number), how.handled(), 0);
    }

    private static String count(int pieces) {
        return pieces == 1 ? "one small piece" : pieces + " small pieces";
    }

    /** What is prepared has only to be hung: a fifth of it. */
    private double unprepared(NextLoad load) {
        return load.pieces().stream()
                .mapToDouble(piece -> at.finish().batch().step(piece) == Batch.Step.LISTED ? 1 : HUNG)
                .sum();
    }

    /** A surface that is no part of the cabin; of a part, its own work says what is left. */
    private void coating(Coating coating) {
        if (!coating.part().isEmpty()) return;
        draft.add(TaskDraft.make(
                        "coat:" + coating.id(),
                        TaskKind.COLOUR,
                        "the %s: %s"
                                .formatted(
                                        coating.what(),
                                        coating.next().orElseThrow().what()))
                .takes(hours(new CoatingEffort(coating).hours()))
                .fails(at.finish().fails()));
    }

    private static String names(List<HardPiece> load) {
        return load.size() == 1
                ? "the " + load.getFirst().name()
                : "the %s and %d more".formatted(load.getFirst().name(), load.size() - 1);
    }

    /**
     * Nothing is sprayed before a card is accepted. Where there is none, or the last one missed, one is sprayed; one that dries is
     * waited for as long as it dries at the most, since a plan knows no hours of the past.
     */
    private Optional<After> card() {
        var last = at.finish().cards().last();
        if (last.filter(TestCard::isAccepted).isPresent()) return Optional.empty();
        if (last.isEmpty() || last.get().hasMissed()) return Optional.of(another(last));
        var card = last.get();
        var id = "held:" + card.id().replace(' ', '-');
        draft.add(TaskDraft.make(
                        id,
                        TaskKind.AWAIT,
                        "the test card of %s is dry, good and accepted"
                                .formatted(card.setUp().product()))
                .others(0));
        return Optional.of(new After(
                id,
                Why.NOT_ALLOWED,
                "its test card is not accepted",
                card.read().isEmpty() ? card.dries() : Duration.ZERO,
                0));
    }

    private After another(Optional<TestCard> missed) {
        var dries = missed.map(TestCard::dries).orElse(TestCard.DRIES);
        var task = draft.add(TaskDraft.make(
                        "spray-card:" + (at.finish().cards().cards().size() + 1),
                        TaskKind.TREAT,
                        missed.isEmpty()
                                ? "a test card, sprayed as the pieces will be"
                                : "another test card: the last one missed")
                .takes(hours(CARD)));
        return new After(task.id(), Why.NOT_ALLOWED, "its test card is not accepted", dries, 0);
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
