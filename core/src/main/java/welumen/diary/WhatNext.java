package welumen.diary;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.refit.RefitLog;
import welumen.refit.SignOff;
import welumen.refit.SignOff.Objection;
import welumen.strip.LearntTimes;
import welumen.strip.StripLog;
import welumen.strip.order.RefitLinks;
import welumen.treatment.Choices;
import welumen.treatment.Deployment;
import welumen.treatment.TreatmentHours;

/**
 * Says what can be done next and what waits for what, from the same rules by which parts go back. A task that keeps
 * others waiting is named first, even if it could be left.
 */
public final class WhatNext {
    private final Cabin cabin;
    private final StripLog strip;
    private final Choices choices;
    private final RefitLog refit;
    private final SignOff signOff;
    private final LearntTimes times;
    private final TreatmentHours benchTimes;
    private final Map<PartId, String> guarded;

    private WhatNext(Standing at) {
        this.cabin = at.cabin();
        this.choices = at.choices();
        this.signOff = at.signOff();
        this.times = at.times();
        this.benchTimes = at.benchTimes();
        this.guarded = at.guarded();
        this.strip = signOff.strip();
        this.refit = signOff.refit();
    }

    /** The work as it stands. */
    public record Standing(
            Cabin cabin,
            Choices choices,
            SignOff signOff,
            LearntTimes times,
            TreatmentHours benchTimes,
            Map<PartId, String> guarded) {}

    /** Every task that is open, those that can be begun first, then by how many others they keep waiting. */
    public static List<Task> of(Standing at) {
        return new WhatNext(at).tasks();
    }

    private List<Task> tasks() {
        var tasks = new ArrayList<Task>();
        for (var part : cabin.parts()) {
            if (isToBeTreated(part.id())) tasks.add(treat(part.id()));
            if (signOff.stillOut().contains(part.id())) tasks.add(putBack(part.id()));
        }
        tasks.sort(Comparator.comparing((Task task) -> !task.canBegin())
                .thenComparing(task -> -task.keepsWaiting())
                .thenComparing(task -> task.waitsFor().size()));
        return tasks;
    }

    private boolean isToBeTreated(PartId part) {
        return choices.isOpen(part);
    }

    private Task treat(PartId part) {
        var hours = benchTimes
                .of(choices.of(part).orElseThrow().treatments(), cabin.one(part).kind())
                .likely();
        var waits = Deployment.stands(
                        guarded.get(part), choices.of(part).orElseThrow().treatments())
                .stream()
                .<Wait>map(Wait.Answer::new)
                .toList();
        return new Task(part, Task.Kind.TREAT, hours, waits, 1 + laterThan(part));
    }

    private Task putBack(PartId part) {
        var waits = signOff.objections(part).stream()
                .filter(objection -> !(objection instanceof Objection.NotOff))
                .<Wait>map(Wait.NotBackYet::new)
                .toList();
        return new Task(
                part, Task.Kind.PUT_BACK, times.putsBack(cabin.one(part)).toSeconds() / 3600.0, waits, laterThan(part));
    }

    /** How many parts that are out go in after this one. */
    private int laterThan(PartId part) {
        var out = signOff.stillOut();
        return (int)
                RefitLinks.laterThan(strip, part).stream().filter(out::contains).count();
    }
}
