package welumen.desktop.model;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable;
import welumen.cut.table.Yields;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Intake;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.Job;
import welumen.journal.StoreException;
import welumen.treatment.PriceList;
import welumen.treatment.TreatmentHours;

/** What the workshop's other jobs teach the one that is open. */
public final class OtherJobs {
    private final JobModel model;
    private final WorkshopFolder folder;
    private final Clock clock;
    private @Nullable Taught taught;

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

    /**
     * @param hours how long treatments took in all of them
     * @param prices what was said last
     * @param ways the house ways of the newest that has any
     * @param jobs all of them, to be asked what they cut
     */
    record Taught(TreatmentHours hours, PriceList prices, Map<Question, School> ways, List<Job> jobs) {}

    /** What they have cut. */
    public List<CutLog> cuts() {
        return taught().jobs().stream().map(Job::cutLog).toList();
    }

    /** What became of the leather in all of them. */
    public Yields yields() {
        return Yields.sum(taught().jobs().stream()
                .filter(job -> job.table() instanceof CuttingTable.Laid)
                .map(job -> Yields.of((CuttingTable.Laid) job.table(), job.cutLog()))
                .toList());
    }

    /** The answers of the newest other job to where good trimmers differ; empty where none has any. */
    public Map<Question, School> ways() {
        return taught().ways();
    }

    /** Read once for each job that is opened. */
    Taught taught() {
        if (taught == null) {
            var jobs = all();
            taught = new Taught(
                    jobs.stream().map(Job::benchTimes).reduce(TreatmentHours.USUAL, TreatmentHours::and),
                    jobs.stream()
                            .flatMap(job -> job.choices().prices().stream())
                            .reduce(PriceList.USUAL, (_, later) -> later),
                    jobs.stream()
                            .map(job -> job.brief().schools())
                            .filter(ways -> !ways.isEmpty())
                            .reduce(Map.of(), (_, later) -> later),
                    jobs);
        }
        return taught;
    }

    void forget() {
        taught = null;
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
