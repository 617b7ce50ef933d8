package welumen.desktop.model;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable;
import welumen.cut.table.Leftover;
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
                .map(Other::state)
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
    record Taught(TreatmentHours hours, PriceList prices, Map<Question, School> ways, List<Other> jobs) {}

    /** One of them, by the name under which it was opened. */
    record Other(String title, Job state) {}

    /** What they have cut. */
    public List<CutLog> cuts() {
        return taught().jobs().stream().map(other -> other.state().cutLog()).toList();
    }

    /** What is left over of all that was cut, in this job and the others. */
    public List<Leftover> leftovers() {
        var all = new ArrayList<Leftover.Cuts>();
        for (var other : taught().jobs())
            all.add(new Leftover.Cuts(other.title(), other.state().cutLog()));
        all.add(new Leftover.Cuts(
                model.openedProperty().get().title(), model.job().cutLog()));
        return Leftover.of(all);
    }

    /** What became of the leather in all of them. */
    public Yields yields() {
        return Yields.sum(taught().jobs().stream()
                .map(Other::state)
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
            var others = all();
            var jobs = others.stream().map(Other::state).toList();
            taught = new Taught(
                    jobs.stream().map(Job::benchTimes).reduce(TreatmentHours.USUAL, TreatmentHours::and),
                    jobs.stream()
                            .flatMap(job -> job.choices().prices().stream())
                            .reduce(PriceList.USUAL, (_, later) -> later),
                    jobs.stream()
                            .map(job -> job.brief().schools())
                            .filter(ways -> !ways.isEmpty())
                            .reduce(Map.of(), (_, later) -> later),
                    others);
        }
        return taught;
    }

    void forget() {
        taught = null;
    }

    /** Where one cannot be read, that is said, and the others count. */
    private List<Other> all() {
        var jobs = new ArrayList<Other>();
        for (var other : model.workshop().jobs()) {
            if (other.job().equals(model.openedProperty().get().job())) continue;
            try {
                jobs.add(new Other(other.title(), folder.job(other.job(), clock).state()));
            } catch (StoreException fault) {
                model.say(fault.getMessage());
            }
        }
        return jobs;
    }
}
