package welumen.diary;

import java.time.Duration;
import java.util.Comparator;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.clock.Cure;
import welumen.diary.task.After;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.schedule.Effort;
import welumen.survey.Finding;
import welumen.treatment.Deployment;

/** What others have to say before somebody may go on: the customer, somebody qualified, whoever finds a cause. */
final class GateTasks {
    /** Hours to fetch a part from whoever has it. */
    private static final Effort FETCHED = Effort.ofHours(0.25, 0.75, 2);

    private final Standing at;
    private final TaskDraft draft;

    GateTasks(Standing at, TaskDraft draft) {
        this.at = at;
        this.draft = draft;
    }

    /**
     * The gate of a part that is held, whatever holds it.
     *
     * @param next what is to come over it once it is mended
     */
    Optional<After> held(PartId part, Cure.Next next) {
        return Optional.ofNullable(at.signOff().holds().get(part)).map(why -> {
            var said = "%s is held: %s".formatted(at.name(part), why);
            var mending = mending(part);
            var gate = draft.add(
                    TaskDraft.make("held:" + part, TaskKind.AWAIT, said).on(part));
            mending.ifPresent(how -> gate.others(how.workingDays()));
            return new After(
                    gate.id(),
                    Why.NOT_ALLOWED,
                    said
                            + mending.map(how -> "; %s mends it%s".formatted(how.who(), cured(how, next)))
                                    .orElse(""),
                    mending.map(how -> how.cures(at.products(), next)).orElse(Duration.ZERO),
                    0);
        });
    }

    private String cured(Mending how, Cure.Next next) {
        var said = how.said(at.products(), next);
        return said.isEmpty() ? "" : ", then " + said;
    }

    /** How what was found on a part is mended; empty where something else holds it. */
    private Optional<Mending> mending(PartId part) {
        if (!at.survey().isHeld(part)) return Optional.empty();
        return at.survey().on(part).stream()
                .filter(Finding::stopsWork)
                .map(Finding::kind)
                .map(Mending::of)
                .max(Comparator.comparingInt(Mending::workingDays));
    }

    /** The gate of a part that nobody may sew or colour before somebody qualified has answered. */
    Optional<After> guarded(PartId part) {
        return at.choices()
                .of(part)
                .flatMap(chosen -> Deployment.stands(at.guarded().get(part), chosen.treatments()))
                .map(why -> gate(
                        "qualified:" + part, part, "somebody qualified has to answer first: " + why, Why.NOT_ALLOWED));
    }

    /** The gate of a part that somebody else has: until the day on which it is to be ready, and somebody has fetched it. */
    Optional<After> away(PartId part) {
        return at.signOff().custody().findAway(part).map(away -> {
            var said = "it is %s until %s".formatted(away.where(), away.due());
            var task = draft.add(TaskDraft.make("away:" + part, TaskKind.AWAIT, at.name(part) + ", " + away.where())
                    .on(part)
                    .promised(away.due()));
            var fetch = draft.add(TaskDraft.make(TaskDraft.id(TaskKind.FETCH, part), TaskKind.FETCH, at.name(part))
                    .on(part)
                    .takes(FETCHED));
            fetch.after(new After(task.id(), Why.NOT_HERE, said));
            return new After(fetch.id(), Why.NOT_HERE, said);
        });
    }

    After gate(String id, PartId part, String said, Why why) {
        draft.add(TaskDraft.make(id, TaskKind.AWAIT, said).on(part));
        return new After(id, why, said);
    }
}
