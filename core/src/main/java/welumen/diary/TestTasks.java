package welumen.diary;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.diary.task.After;
import welumen.diary.task.TaskKind;
import welumen.diary.task.Why;
import welumen.schedule.Effort;
import welumen.strip.RefitLink;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingPlaces;

/** What has plugs is tried once it is back, and before anything closes over it: a lamp, a heater, a switch, a belt's buckle. */
final class TestTasks {
    private static final Effort A_TRY = Effort.ofHours(0.1, 0.2, 0.5);

    private final Standing at;
    private final TaskDraft draft;
    private final List<RefitLink> links;

    TestTasks(Standing at, TaskDraft draft, List<RefitLink> links) {
        this.at = at;
        this.draft = draft;
        this.links = links;
    }

    /** @param back the parts that go back */
    void all(Set<PartId> back) {
        var in = new TreeSet<>(back);
        in.addAll(at.signOff().fitted());
        for (var part : in)
            if (at.cabin().findOne(part).isPresent()
                    && hasPlugs(part)
                    && !at.book().done().contains(id(part))) test(part, back);
    }

    private static String id(PartId part) {
        return TaskDraft.id(TaskKind.TEST, part);
    }

    private void test(PartId part, Set<PartId> back) {
        var test = draft.add(TaskDraft.make(id(part), TaskKind.TEST, "what is plugged into %s".formatted(at.name(part)))
                .on(part)
                .takes(A_TRY));
        if (back.contains(part))
            test.after(new After(TaskDraft.id(TaskKind.PUT_BACK, part), Why.GOES_IN_FIRST, "it goes in first"));
        for (var link : links)
            if (link.first().equals(part) && back.contains(link.then()))
                draft.one(TaskDraft.id(TaskKind.PUT_BACK, link.then()))
                        .after(new After(
                                test.id(),
                                Why.NOT_TESTED,
                                "it would close over %s: %s".formatted(at.name(part), Why.NOT_TESTED.words())));
    }

    private boolean hasPlugs(PartId part) {
        var log = at.signOff().strip();
        return Stream.concat(
                        log.placesOf(part).stream().map(FixingPlaces::kind),
                        log.foundOn(part).stream().map(FixingLot::kind))
                .anyMatch(kind -> kind == FixingKind.PLUG);
    }
}
