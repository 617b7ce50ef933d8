package welumen.job;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import welumen.cabin.PartId;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.finish.FinishChange.OnCoating;
import welumen.finish.coat.CoatStep;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange.StepDone;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentDone;

/** What comes of a step of a coat that is done: its clock runs; after the last one its part is treated, where nothing else was chosen. */
public final class CoatingMoved {
    /** What is done with the last coat, whatever else is chosen with it. */
    private static final Set<Treatment> COATS =
            EnumSet.of(Treatment.FILL_AND_RECOLOUR, Treatment.REFINISH, Treatment.CLEAN);

    private CoatingMoved() {}

    /** @throws java.util.NoSuchElementException if all of it is done already */
    public static JobChange on(Job job, Coating coating, Instant now) {
        var step = coating.next().orElseThrow();
        List<JobChange> changes = new ArrayList<>();
        changes.add(new AtFinish(new OnCoating(new StepDone(coating.id(), step.what(), now))));
        clock(job, coating, step, now, changes);
        if (coating.left().size() == 1)
            for (var part : coating.part())
                if (isTreatedByIt(job, part)) changes.add(new AtTreatment(new TreatmentDone(part)));
        return Together.of(changes);
    }

    /** A look stops no clock: what was laid before it goes on drying. */
    private static void clock(Job job, Coating coating, CoatStep step, Instant now, List<JobChange> changes) {
        var id = "coats:" + coating.id();
        if (step.waits().isPositive())
            changes.add(new OnClock(new ClockStarted(new BenchClock(
                    id,
                    "The %s, %s".formatted(coating.what(), step.what()),
                    coating.left().size() > 1 ? coating.left().get(1).what() : "it is done",
                    now,
                    step.waits(),
                    step.until(),
                    Duration.ZERO))));
        else if (step.kind() != CoatStep.Kind.LOOK
                && job.clocks().running().stream().anyMatch(clock -> clock.id().equals(id)))
            changes.add(new OnClock(new ClockPutAway(id)));
    }

    private static boolean isTreatedByIt(Job job, PartId part) {
        return job.choices().isOpen(part)
                && job.choices()
                        .of(part)
                        .filter(chosen -> COATS.containsAll(chosen.treatments())
                                && !chosen.treatments().equals(List.of(Treatment.CLEAN)))
                        .isPresent();
    }
}
