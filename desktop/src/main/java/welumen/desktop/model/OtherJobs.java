package welumen.desktop.model;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.journal.StoreException;
import welumen.treatment.TreatmentHours;

/** What the workshop's other jobs teach the one that is open. */
public final class OtherJobs {
    private final JobModel model;
    private final WorkshopFolder folder;
    private final Clock clock;
    private @Nullable TreatmentHours benchTimes;

    OtherJobs(JobModel model, WorkshopFolder folder, Clock clock) {
        this.model = model;
        this.folder = folder;
        this.clock = clock;
    }

    /** Those on a car that is called the same, the newest last. */
    public List<Job> onCar(String car) {
        return all().stream()
                .filter(job -> job.intake() instanceof Intake.TakenIn taken
                        && taken.car().name().equalsIgnoreCase(car.strip()))
                .toList();
    }

    /** How long treatments took in all of them; read once for each job that is opened. */
    TreatmentHours benchTimes() {
        if (benchTimes == null)
            benchTimes = all().stream().map(Job::benchTimes).reduce(TreatmentHours.USUAL, TreatmentHours::and);
        return benchTimes;
    }

    void forget() {
        benchTimes = null;
    }

    /** Where one cannot be read, that is said, and the others count. */
    private List<Job> all() {
        var jobs = new ArrayList<Job>();
        for (var other : model.workshop().jobs()) {
            if (other.job().equals(model.openedProperty().get().job())) continue;
            try {
                jobs.add(folder.job(other.job(), clock).state());
            } catch (StoreException fault) {
                model.say(fault.getMessage());
            }
        }
        return jobs;
    }
}
