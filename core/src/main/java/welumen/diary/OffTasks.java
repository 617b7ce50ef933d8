package welumen.diary;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import welumen.cabin.PartId;
import welumen.clock.Cure;
import welumen.diary.task.After;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.refit.Undone;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;
import welumen.treatment.Treatment;

/** What has still to come off, because something is to be done to it or to what lies behind it. */
final class OffTasks {
    private final Standing at;
    private final TaskDraft draft;
    private final GateTasks gates;
    private final Set<PartId> coming = new LinkedHashSet<>();

    OffTasks(Standing at, TaskDraft draft, GateTasks gates) {
        this.at = at;
        this.draft = draft;
        this.gates = gates;
    }

    /** The parts that will come off, in their order. */
    Set<PartId> all() {
        for (var part : at.cabin().parts()) if (wantsItOut(part.id()) && !isOut(part.id())) reach(part.id());
        for (var part : at.survey().holds().keySet())
            if (at.cabin().findOne(part).isPresent()) reopen(part);
        return coming;
    }

    private boolean isOut(PartId part) {
        return at.signOff().strip().isOff(part)
                || at.signOff().custody().isNotToComeBack(part)
                || at.signOff().custody().findAway(part).isPresent();
    }

    /** What is made anew, or treated; what is only cleaned or left is so in the car. */
    private boolean wantsItOut(PartId part) {
        var isMade =
                at.signOff().undone().getOrDefault(part, List.of()).stream().anyMatch(Undone.Uncut.class::isInstance);
        if (!at.choices().isOpen(part)) return isMade;
        return at.choices().of(part).stream()
                .flatMap(chosen -> chosen.treatments().stream())
                .anyMatch(treatment -> treatment != Treatment.LEAVE && treatment != Treatment.CLEAN);
    }

    private void reach(PartId target) {
        takeOff(route(target));
    }

    /** What was found beneath is got at again: what lies over it comes off, and whoever mends it waits for that. */
    private void reopen(PartId held) {
        var over = route(held).stream()
                .filter(part -> !part.equals(held) && !isOut(part))
                .toList();
        if (over.isEmpty()) return;
        takeOff(over);
        gates.held(held, Cure.Next.HANDLED)
                .ifPresent(gate -> draft.one(gate.task())
                        .after(new After(
                                TaskDraft.id(TaskKind.TAKE_OFF, over.getLast()),
                                Why.IN_THE_WAY,
                                "%s lies over it".formatted(at.name(over.getLast())))));
    }

    private List<PartId> route(PartId target) {
        return switch (ReachPlanner.plan(at.cabin(), at.signOff().strip(), target, at.times()::takesOff)) {
            case Reach.Route(var parts, var _, var _, var _, var _) -> parts;
            case Reach.Circle _ -> List.of(target);
        };
    }

    private void takeOff(List<PartId> route) {
        PartId before = null;
        for (var part : route) {
            var id = TaskDraft.id(TaskKind.TAKE_OFF, part);
            if (!isOut(part)) {
                coming.add(part);
                var task = draft.add(TaskDraft.make(id, TaskKind.TAKE_OFF, at.name(part))
                        .on(part)
                        .takes(at.takesOff(part))
                        .by(at.hands(part))
                        .bring(Bring.off(at.signOff().strip(), part)));
                if (before != null)
                    task.after(new After(
                            TaskDraft.id(TaskKind.TAKE_OFF, before),
                            Why.IN_THE_WAY,
                            "%s comes off first".formatted(at.name(before))));
                gates.held(part, Cure.Next.HANDLED)
                        .filter(_ -> isHeldByTheCustomer(part))
                        .ifPresent(task::after);
                before = part;
            }
        }
    }

    /** A find does not keep a part in the car, a customer does. */
    private boolean isHeldByTheCustomer(PartId part) {
        return at.brief().heldBy(part).isPresent();
    }
}
