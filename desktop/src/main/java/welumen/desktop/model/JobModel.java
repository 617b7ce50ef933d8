package welumen.desktop.model;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cut.Stock;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.Together;
import welumen.job.Said;
import welumen.job.WorkStage;
import welumen.job.Workshop;
import welumen.job.WorkshopChange;
import welumen.job.WorkshopChange.JobOpened;
import welumen.journal.Entry;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.treatment.Terms;

/**
 * The open workshop and one open job, as every view sees them. A view asks for changes here and never makes one itself;
 * what is shown is on disk. JavaFX thread only.
 */
public final class JobModel {
    private final WorkshopFolder folder;
    private final Clock clock;
    private final String author;
    private final PhotoDesk photos;
    private final LabelDesk labels;
    private final WorkTime workTime;
    private final PaperDesk papers;
    private final TraceDesk traces;
    private final OtherJobs others;
    private final Journal<WorkshopChange, Workshop> workshop;
    private Journal<JobChange, Job> journal;

    private Map<PartId, PartState> states = Map.of();
    private Job statesOf = Job.EMPTY;

    private final ReadOnlyObjectWrapper<JobOpened> opened = new ReadOnlyObjectWrapper<>(this, "opened");
    private final ReadOnlyObjectWrapper<Job> job = new ReadOnlyObjectWrapper<>(this, "job", Job.EMPTY);
    private final ReadOnlyObjectWrapper<Instant> now = new ReadOnlyObjectWrapper<>(this, "now");
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper(this, "said", "");
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper(this, "trouble", "");
    private final ObjectProperty<WorkStage> stage = new SimpleObjectProperty<>(this, "stage", WorkStage.STRIP);
    private final ObjectProperty<PartId> picked = new SimpleObjectProperty<>(this, "picked");

    @SuppressWarnings("this-escape") // the desks only keep it
    public JobModel(OpenedWorkshop start, String author, Devices devices) {
        this.folder = start.folder();
        this.clock = start.clock();
        this.author = author;
        this.photos = new PhotoDesk(this, folder, devices.camera());
        this.labels = new LabelDesk(this, devices.printer(), devices.labelCamera());
        this.workTime = new WorkTime(this);
        this.papers = new PaperDesk(this);
        this.traces = new TraceDesk(devices.floorCamera());
        this.others = new OtherJobs(this, folder, clock);
        this.workshop = start.workshop();
        this.journal = start.firstJob();
        var jobs = workshop.state().jobs();
        if (folder.isReadOnly())
            trouble.set("This workshop was written by a newer Welumen, so it is open for reading only.");
        show(jobs.getFirst());
        tick();
    }

    /** Turns to another job of the workshop. */
    public void open(JobOpened other) {
        journal = folder.job(other.job(), clock);
        show(other);
    }

    private void show(JobOpened other) {
        others.forget();
        opened.set(other);
        job.set(journal.state());
        picked.set(likelyPart());
        sayNewest();
    }

    /** Makes a change; false if the store refused it, which is said as trouble and changes nothing. */
    public boolean make(JobChange change) {
        return attempt(() -> journal.make(change, author));
    }

    /** Makes several as one action, taken back together; nothing happens where there are none. */
    public boolean makeTogether(List<? extends JobChange> changes) {
        return !changes.isEmpty() && make(Together.of(changes));
    }

    /** Takes back the newest action; nothing happens where there is none. */
    public void takeBack() {
        attempt(() -> journal.takeBack(author));
    }

    /** Puts back what was taken back last. */
    public void putBack() {
        attempt(() -> journal.putBack(author));
    }

    public boolean canPutBack() {
        return journal.canPutBack();
    }

    public PhotoDesk photos() {
        return photos;
    }

    public LabelDesk labels() {
        return labels;
    }

    public TraceDesk traces() {
        return traces;
    }

    public PaperDesk papers() {
        return papers;
    }

    Path keepPaper(String name, byte[] pdf) {
        return folder.keepPaper(name, pdf);
    }

    public WorkTime workTime() {
        return workTime;
    }

    public OtherJobs others() {
        return others;
    }

    /** On what terms the open job is done; prices and how long treatments take come from all jobs of the workshop. */
    public Terms terms() {
        var taught = others.taught();
        return job.get().terms(taught.hours(), taught.prices());
    }

    /** What can be cut from now: the workshop's, what came in for this job, and offcuts of any. */
    public List<Stock> toCutFrom() {
        return job.get().cutLog().toCutFrom(workshop.state().stock(), others.cuts());
    }

    /** Who works at this window. */
    public String person() {
        return author;
    }

    /** The job as it stood at the end of a day. */
    public Job asItStood(LocalDate day) {
        return journal.asItStood(
                day.plusDays(1).atStartOfDay(zone()).toInstant().minusNanos(1));
    }

    /** The entries that stand, oldest first. */
    public List<Entry<JobChange>> log() {
        return journal.standing();
    }

    /** Asks the clock what time it is; called once a second. */
    public void tick() {
        now.set(clock.instant());
    }

    /** Something went wrong outside a change, as a file that cannot be written. */
    public void say(String sentence) {
        trouble.set(sentence);
    }

    public void forgetTrouble() {
        trouble.set("");
    }

    public Workshop workshop() {
        return workshop.state();
    }

    public Job job() {
        return job.get();
    }

    /** Where a part is on its way out of the car and back. */
    public PartState stateOf(PartId part) {
        var now = job.get();
        if (statesOf != now) {
            states = now.states();
            statesOf = now;
        }
        return states.getOrDefault(part, PartState.IN_CAR);
    }

    public ReadOnlyObjectProperty<Job> jobProperty() {
        return job.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<JobOpened> openedProperty() {
        return opened.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Instant> nowProperty() {
        return now.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty saidProperty() {
        return said.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    public ObjectProperty<WorkStage> stageProperty() {
        return stage;
    }

    /** The part that is picked everywhere; null only where the job has no parts. */
    public ObjectProperty<PartId> pickedProperty() {
        return picked;
    }

    public Optional<Part> picked() {
        return Optional.ofNullable(picked.get()).flatMap(job.get().cabin()::findOne);
    }

    /** “£”, or “CHF ” where the job's currency has no common sign; nothing before there is one. */
    public String currencySign() {
        return job.get().intake() instanceof Intake.TakenIn taken
                ? taken.agreement().budget().sign()
                : "";
    }

    public ZoneId zone() {
        return clock.getZone();
    }

    public LocalDate today() {
        return now.get().atZone(zone()).toLocalDate();
    }

    private boolean attempt(Runnable work) {
        try {
            work.run();
            job.set(journal.state());
            trouble.set("");
            sayNewest();
            return true;
        } catch (StoreException | IllegalArgumentException | IllegalStateException fault) {
            trouble.set(fault.getMessage());
            return false;
        }
    }

    private void sayNewest() {
        said.set(journal.newest()
                .map(change -> Said.of(change, job.get().cabin()))
                .orElse(""));
    }

    /** The part of the newest step, since that is where the hands are; else the first. */
    private @Nullable PartId likelyPart() {
        var steps = job.get().strip().steps();
        if (!steps.isEmpty()) return steps.getLast().part();
        var parts = job.get().cabin().parts();
        return parts.isEmpty() ? null : parts.getFirst().id();
    }
}
