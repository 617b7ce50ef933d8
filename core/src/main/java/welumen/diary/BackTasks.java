package welumen.diary;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.clock.Cure;
import welumen.diary.task.After;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.refit.SignOff;
import welumen.schedule.Effort;
import welumen.strip.RefitLink;
import welumen.strip.account.OneWay;
import welumen.strip.order.RefitLinks;
import welumen.strip.reach.Covering;
import welumen.survey.Beneath;

/** What goes back in, once all that is to be done to it and beneath it is done. */
final class BackTasks {
    /** Hours to look at what lies beneath: probe, tap, press, the mirror. */
    private static final Effort A_LOOK = Effort.ofHours(0.1, 0.25, 0.6);

    /** Working days that clips and screws take to come, as a rule. */
    private static final int CLIPS_DAYS = 3;

    private final Standing at;
    private final TaskDraft draft;
    private final GateTasks gates;
    private final Map<PartId, Optional<After>> bench;
    private final Set<PartId> coming;
    private final List<RefitLink> links;

    /**
     * @param coming the parts that have still to come off
     * @param bench what each part's work ends with
     */
    BackTasks(Standing at, TaskDraft draft, GateTasks gates, Set<PartId> coming, Map<PartId, Optional<After>> bench) {
        this.at = at;
        this.draft = draft;
        this.gates = gates;
        this.coming = coming;
        this.bench = bench;
        links = RefitLinks.of(at.signOff().strip());
    }

    void all() {
        var back = new TreeSet<>(at.signOff().stillOut());
        back.addAll(coming);
        back.removeIf(part -> at.cabin().findOne(part).isEmpty());
        for (var part : back) putBack(part);
        new TestTasks(at, draft, links).all(back);
        var off = coming.stream().toList();
        for (var i = 1; i < off.size(); i++)
            if (draft.one(TaskDraft.id(TaskKind.TAKE_OFF, off.get(i)))
                    .waitsFor(TaskDraft.id(TaskKind.TAKE_OFF, off.get(i - 1))))
                draft.one(TaskDraft.id(TaskKind.PUT_BACK, off.get(i - 1)))
                        .after(new After(TaskDraft.id(TaskKind.PUT_BACK, off.get(i)), Why.GOES_IN_FIRST));
    }

    private void putBack(PartId part) {
        var task = draft.add(TaskDraft.make(TaskDraft.id(TaskKind.PUT_BACK, part), TaskKind.PUT_BACK, at.name(part))
                .on(part)
                .takes(at.putsBack(part))
                .by(at.hands(part))
                .bring(Bring.back(at.signOff().strip(), part)));
        OneChances.puttingBack(at.cabin().one(part), at.signOff().strip()).ifPresent(task::chance);
        if (coming.contains(part))
            task.after(new After(TaskDraft.id(TaskKind.TAKE_OFF, part), Why.IN_THE_WAY, "it is in the car"));
        bench.getOrDefault(part, Optional.empty()).ifPresent(task::after);
        gates.away(part).ifPresent(task::after);
        beneath(part, task);
        for (var link : links)
            if (link.then().equals(part))
                task.after(new After(
                        TaskDraft.id(TaskKind.PUT_BACK, link.first()),
                        Why.GOES_IN_FIRST,
                        "%s goes in first; this %s"
                                .formatted(at.name(link.first()), link.reason().verb())));
        for (var objection : at.signOff().objections(part)) object(part, objection, task);
    }

    /** How a part comes over what lies beneath it. */
    private Cure.Next over(PartId part) {
        return OneWay.isGlued(at.signOff().strip(), at.cabin().one(part)) ? Cure.Next.GLUED_OVER : Cure.Next.HANDLED;
    }

    /** Nothing is covered that is not finished, or that nobody has looked at. */
    private void beneath(PartId part, TaskDraft.Making task) {
        for (var under : Covering.under(at.signOff().strip(), part))
            if (!under.equals(part)) {
                gates.held(under, over(part)).ifPresent(task::after);
                bench.getOrDefault(under, Optional.empty())
                        .ifPresent(last -> task.after(new After(
                                last.task(),
                                last.why(),
                                "it would cover %s: %s".formatted(at.name(under), last.said()),
                                last.cures(),
                                last.workingDays())));
            }
        if (!at.choices().isOpen(part) && !coming.contains(part)) return;
        for (var layer : Beneath.unseen(at.cabin(), at.survey(), part)) {
            var look = draft.add(
                    TaskDraft.make(TaskDraft.id(TaskKind.LOOK, layer.id()), TaskKind.LOOK, at.name(layer.id()))
                            .on(layer.id())
                            .takes(A_LOOK));
            look.after(new After(
                    TaskDraft.id(TaskKind.TAKE_OFF, part),
                    Why.IN_THE_WAY,
                    "%s comes off first".formatted(at.name(part))));
            task.after(new After(
                    look.id(), Why.NOT_SEEN, "nobody has looked at %s beneath".formatted(at.name(layer.id()))));
        }
    }

    /** What the sign-off says beside: the rest is said above, by what is open. */
    private void object(PartId part, SignOff.Objection objection, TaskDraft.Making task) {
        switch (objection) {
            case SignOff.Objection.ShutsIn(var left) ->
                task.after(gates.gate(
                        "left-off:" + left.part(),
                        left.part(),
                        "%s was left off for %s".formatted(at.name(left.part()), left.because()),
                        Why.NOT_DONE));
            case SignOff.Objection.NearHotWork(var held, var why) ->
                gates.held(held, Cure.Next.HANDLED)
                        .ifPresent(gate -> task.after(new After(
                                gate.task(),
                                Why.HOT_WORK,
                                "there is hot work to come near it: %s, %s".formatted(at.name(held), why))));
            case SignOff.Objection.Short(var places, var usable) -> order(part, places, usable, task);
            case SignOff.Objection.NotOff _,
                    SignOff.Objection.Held _,
                    SignOff.Objection.TooEarly _,
                    SignOff.Objection.Elsewhere _,
                    SignOff.Objection.Unfinished _,
                    SignOff.Objection.InTheWay _ -> {}
        }
    }

    private void order(PartId part, int places, int usable, TaskDraft.Making task) {
        var said = "%d of its %d fixings are short".formatted(places - usable, places);
        var order = draft.add(TaskDraft.make(
                        "fixings:" + part, TaskKind.ORDER, "%d fixings of %s".formatted(places - usable, at.name(part)))
                .on(part)
                .takes(TaskDraft.A_WORD));
        task.after(new After(order.id(), Why.NOT_HERE, said, Duration.ZERO, CLIPS_DAYS));
    }
}
