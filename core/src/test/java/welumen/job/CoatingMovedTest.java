package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.diary.OpenTasks;
import welumen.diary.task.Task;
import welumen.finish.FinishChange.OnCoating;
import welumen.finish.coat.Binder;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.coat.CoatSystem;
import welumen.finish.coat.Ground;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange.CoatingBegun;
import welumen.finish.underway.CoatingChange.TrialMade;
import welumen.finish.underway.Tried;
import welumen.handover.Stop;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.refit.Undone;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.yard.Products;

/** A step of a coat that is done moves on all that hangs on it: its clock, the part's work, what keeps the car here. */
class CoatingMovedTest {
    private static final PartId DASH = new PartId("dash");
    private static final Instant MORNING = Instant.parse("2026-04-20T08:00:00Z");

    private Job job = Job.EMPTY;

    @BeforeEach
    void begin() {
        job = job.after(new InCabin(new PartsListed(BodyParts.of(Body.VAN, Side.RIGHT))));
    }

    private void coat() {
        var steps = new CoatSystem(Ground.METAL, Binder.ACRYLIC, Binder.ACRYLIC, true, 2, 1).steps(Products.USUAL);
        job = job.after(new AtFinish(new OnCoating(
                new CoatingBegun(Coating.begun("surface-1", "dash", List.of(DASH), Ground.METAL, 0.5, steps)))));
    }

    private Coating coating() {
        return job.finish().coatings().find("surface-1").orElseThrow();
    }

    private Task task() {
        return OpenTasks.of(job.standing()).stream()
                .filter(task -> task.id().startsWith("colour:dash"))
                .findFirst()
                .orElseThrow();
    }

    private void finish() {
        while (!coating().isDone()) {
            if (coating().next().orElseThrow().kind() == Kind.TRY)
                for (var trial : coating().trials())
                    job = job.after(new AtFinish(new OnCoating(new TrialMade(
                            "surface-1", new Tried(coating().done().size(), trial, true)))));
            job = job.after(CoatingMoved.on(job, coating(), MORNING));
        }
    }

    @Test
    void itsClockRunsUntilTheNextStep() {
        coat();
        job = job.after(CoatingMoved.on(job, coating(), MORNING));
        assertThat(job.clocks().running()).singleElement().satisfies(clock -> {
            assertThat(clock.lasts()).isEqualTo(Duration.ofHours(2));
            assertThat(clock.next()).startsWith("take off silicone");
        });
        while (coating().next().orElseThrow().kind() != Kind.KEY)
            job = job.after(CoatingMoved.on(job, coating(), MORNING));
        job = job.after(CoatingMoved.on(job, coating(), MORNING));
        assertThat(job.clocks().running()).as("what is keyed waits for nothing").isEmpty();
    }

    /** Its work grows less with every step, and it is not finished before its last. */
    @Test
    void aPartThatIsCoatedIsNotFinished() {
        coat();
        assertThat(job.undone()).containsEntry(DASH, List.of(new Undone.Uncoated("wash it, and let it dry")));
        assertThat(job.stops()).contains(new Stop.Unfinished(Stop.Unfinished.Kind.UNCOATED, List.of(DASH)));
        var whole = task().hours();
        for (var i = 0; i < 4; i++) job = job.after(CoatingMoved.on(job, coating(), MORNING));
        assertThat(task().hours()).isLessThan(whole);
        finish();
        assertThat(job.undone()).doesNotContainKey(DASH);
    }

    /** With its last coat through its trials, what was chosen for it is done: nobody is asked twice. */
    @Test
    void whatWasChosenIsDoneWithItsLastStep() {
        job = job.after(new AtTreatment(new TreatmentChosen(DASH, Treatment.REFINISH, "")));
        coat();
        finish();
        assertThat(job.choices().isDone(DASH)).isTrue();
    }

    @Test
    void whatElseWasChosenIsNotDoneByIt() {
        job = job.after(
                new AtTreatment(new TreatmentChosen(DASH, List.of(Treatment.REFINISH, Treatment.RECOVER), "", true)));
        coat();
        finish();
        assertThat(job.choices().isDone(DASH)).isFalse();
    }
}
