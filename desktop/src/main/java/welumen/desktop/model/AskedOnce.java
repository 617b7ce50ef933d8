package welumen.desktop.model;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.job.Job;
import welumen.refit.SignOff;

/** What many places of the window ask of one and the same job: worked out once, until the job is another. */
final class AskedOnce {
    private Job of = Job.EMPTY;
    private @Nullable Map<PartId, PartState> states;
    private @Nullable SignOff signOff;

    PartState stateOf(Job job, PartId part) {
        turnTo(job);
        if (states == null) states = job.states();
        return states.getOrDefault(part, PartState.IN_CAR);
    }

    SignOff signOff(Job job) {
        turnTo(job);
        if (signOff == null) signOff = job.signOff();
        return signOff;
    }

    private void turnTo(Job job) {
        if (of == job) return;
        of = job;
        states = null;
        signOff = null;
    }
}
