package welumen.desktop.model;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.clock.WorkKind;
import welumen.evidence.Camera;
import welumen.files.label.LabelPdf;
import welumen.files.label.LabelSheet;
import welumen.files.report.JobLogPdf;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.Together;
import welumen.job.Said;
import welumen.job.WorkStage;
import welumen.job.Workshop;
import welumen.job.WorkshopChange;
import welumen.job.WorkshopChange.JobOpened;
import welumen.journal.Entry;
import welumen.journal.Journal;
import welumen.journal.Note.Made;
import welumen.journal.StoreException;
import welumen.strip.LabelCamera;
import welumen.strip.LabelPrinter;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.TrimLabel;

/**
 * The open workshop and one open job, as every view sees them. A view asks for changes here and never makes one itself;
 * what is shown is on disk. JavaFX thread only.
 */
public final class JobModel {
    private final WorkshopFolder folder;
    private final Clock clock;
    private final String author;
    private final Camera camera;
    private final LabelPrinter printer;
    private final LabelCamera labelCamera;
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

    public JobModel(OpenedWorkshop start, String author, Devices devices) {
        this.folder = start.folder();
        this.clock = start.clock();
        this.author = author;
        this.camera = devices.camera();
        this.printer = devices.printer();
        this.labelCamera = devices.labelCamera();
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
        opened.set(other);
        job.set(journal.state());
        picked.set(likelyPart());
        sayNewest();
    }

    /** Makes a change; false if the store refused it, which is said as trouble and changes nothing. */
    public boolean make(JobChange change) {
        return attempt(() -> journal.make(change, author));
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

    /** Takes a photo of a part and keeps it; the hash, or empty if it could not be kept. */
    public Optional<String> photograph(Part part) {
        var kept = new String[1];
        attempt(() -> kept[0] = folder.photos().keep(camera.shoot(part.name()), part.name() + ".png"));
        return Optional.ofNullable(kept[0]);
    }

    public Path photo(String hash) {
        return folder.photos().file(hash);
    }

    /** Where the window finds a photo small and upright; where that is lost it is made anew, and the whole one shown so long. */
    public String thumbnail(String hash) {
        var small = folder.photos().thumbnail(hash);
        if (Files.exists(small)) return small.toUri().toString();
        Thread.ofVirtual().start(() -> {
            try {
                folder.photos().madeThumbnail(hash);
            } catch (StoreException gone) {
                Platform.runLater(() -> say(gone.getMessage()));
            }
        });
        return photo(hash).toUri().toString();
    }

    /** Photos that somebody chose; those that cannot be read are named as trouble, the others kept. */
    public List<String> keepPhotos(List<Path> files) {
        var kept = new ArrayList<String>();
        for (var file : files)
            attempt(() -> {
                try {
                    kept.add(folder.photos()
                            .keep(Files.readAllBytes(file), file.getFileName().toString()));
                } catch (IOException fault) {
                    throw new StoreException("[%s] cannot be read: %s.".formatted(file, fault.getMessage()), fault);
                }
            });
        return kept;
    }

    /** Keeps the phone photos that were dropped into the workshop's folder since the last step was logged, in their order. */
    public List<String> pickUpPhonePhotos() {
        var drop = folder.phonePhotos();
        var kept = new ArrayList<String>();
        attempt(() -> {
            for (var photo : drop.since(lastStep(), zone())) {
                kept.add(folder.photos()
                        .keep(drop.content(photo), photo.file().getFileName().toString()));
                drop.putAside(photo);
            }
        });
        return kept;
    }

    /** The entry that closed a circle of strip rules: the newest that says of two of its neighbours that one holds the other. */
    public Optional<Entry<JobChange>> circleMadeBy(List<PartId> circle) {
        return journal.standing().reversed().stream()
                .filter(entry -> entry.note() instanceof Made<JobChange>(var change) && saysOf(change, circle))
                .findFirst();
    }

    private static boolean saysOf(JobChange change, List<PartId> circle) {
        return switch (change) {
            case AtStrip(StripRuleNoted(var rule)) -> {
                var at = circle.indexOf(rule.part());
                yield at >= 0 && rule.byAnyOf().contains(circle.get((at + 1) % circle.size()));
            }
            case Together(var changes) -> changes.stream().anyMatch(one -> saysOf(one, circle));
            default -> false;
        };
    }

    /** Starts the clock of the picked part's work for whoever sits here, or stops what runs. */
    public void startOrStopWork() {
        var running = job().work().runningFor(author);
        if (running.isPresent()) make(new AtWork(new WorkEnded(author, now.get(), Duration.ZERO)));
        else
            picked().ifPresent(part ->
                    make(new AtWork(new WorkBegun(author, part.id().value(), workKind(part.id()), now.get()))));
    }

    /** What has run since nobody touched anything was no work. */
    public void stopWorkAt(Instant lastTouched) {
        job().work().runningFor(author).ifPresent(begun -> {
            var idle = Duration.between(lastTouched.isBefore(begun.at()) ? begun.at() : lastTouched, now.get());
            make(new AtWork(new WorkEnded(author, now.get(), idle)));
        });
    }

    private WorkKind workKind(PartId part) {
        return job().strip().isOff(part) ? WorkKind.PUTTING_BACK : WorkKind.TAKING_OFF;
    }

    private Instant lastStep() {
        return journal.standing().reversed().stream()
                .filter(entry -> entry.note() instanceof Made<JobChange>(var change) && logsAStep(change))
                .map(Entry::at)
                .findFirst()
                .orElse(Instant.EPOCH);
    }

    private static boolean logsAStep(JobChange change) {
        return switch (change) {
            case AtStrip(StepLogged step) -> true;
            case Together(var changes) -> changes.stream().anyMatch(JobModel::logsAStep);
            default -> false;
        };
    }

    /** The other jobs of this workshop on a car that is called the same, the newest last. */
    public List<Job> earlierCars(String car) {
        var earlier = new ArrayList<Job>();
        attempt(() -> {
            for (var other : workshop().jobs()) {
                if (other.job().equals(opened.get().job())) continue;
                var job = folder.job(other.job(), clock).state();
                if (job.intake() instanceof Intake.TakenIn taken
                        && taken.car().name().equalsIgnoreCase(car.strip())) earlier.add(job);
            }
        });
        return earlier;
    }

    /** Who works at this window. */
    public String person() {
        return author;
    }

    /** Prints labels; where they came out, or empty, with trouble said. */
    public Optional<String> printLabels(List<TrimLabel> labels, LabelSheet sheet) {
        var where = new String[1];
        attempt(() -> where[0] = printer.print(
                LabelPdf.write(labels, sheet, 0),
                "%s %s, labels".formatted(opened.get().title(), today())));
        return Optional.ofNullable(where[0]);
    }

    /** The labels of all bags. */
    public List<TrimLabel> bagLabels() {
        var here = opened.get();
        return job().strip().bags().stream()
                .map(number -> TrimLabel.ofBag(job().cabin(), job().strip(), number, here.job(), here.title()))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The labels of all parts that are out. */
    public List<TrimLabel> partLabels() {
        var here = opened.get();
        return job().signOff().stillOut().stream()
                .map(part -> TrimLabel.ofPart(job().cabin(), job().strip(), part, here.job(), here.title()))
                .toList();
    }

    /** A photo of the label that lies before the camera. Takes time; call it off the window's thread. */
    public byte[] photographLabel(List<TrimLabel> printed) {
        return labelCamera.shoot(printed);
    }

    /** The job as it stood at the end of a day. */
    public Job asItStood(LocalDate day) {
        return journal.asItStood(
                day.plusDays(1).atStartOfDay(zone()).toInstant().minusNanos(1));
    }

    /** Writes the job's log as a PDF into the workshop's folder; empty, with trouble said, where that cannot be. */
    public Optional<Path> printLog() {
        var pdf = JobLogPdf.write(job(), log(), workshop().name(), zone());
        try {
            trouble.set("");
            return Optional.of(
                    folder.keepPaper("%s %s.pdf".formatted(opened.get().title(), today()), pdf));
        } catch (StoreException fault) {
            trouble.set(fault.getMessage());
            return Optional.empty();
        }
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
    private @org.jspecify.annotations.Nullable PartId likelyPart() {
        var steps = job.get().strip().steps();
        if (!steps.isEmpty()) return steps.getLast().part();
        var parts = job.get().cabin().parts();
        return parts.isEmpty() ? null : parts.getFirst().id();
    }
}
