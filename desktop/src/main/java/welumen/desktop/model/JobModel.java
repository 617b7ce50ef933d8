package welumen.desktop.model;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cut.stock.Stock;
import welumen.diary.Standing;
import welumen.files.workshop.WorkshopFolder;
import welumen.finish.reading.ColourReader;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.Together;
import welumen.job.WorkStage;
import welumen.journal.Action;
import welumen.journal.Entry;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.measure.Money;
import welumen.refit.SignOff;
import welumen.treatment.Terms;
import welumen.yard.CarFile;
import welumen.yard.Yard;
import welumen.yard.YardChange;
import welumen.yard.YardChange.JobOpened;

/**
 * The open workshop and one open car, as every view sees them. A view asks for changes here and never makes one itself;
 * what is shown is on disk. JavaFX thread only.
 */
public final class JobModel {
    /** In place of a car where the yard has none yet. */
    public static final CarFile NO_CAR =
            new CarFile(new UUID(0, 0), "No car yet", "Take in a car first.", new CarFile.Standing.InWork());

    private final WorkshopFolder folder;
    private final Clock clock;
    private final PhotoDesk photos;
    private final Optional<ColourReader> reader;
    private final LabelDesk labels;
    private final WorkTime workTime;
    private final ReadyDay ready;
    private final PaperDesk papers;
    private final Background background;
    private final TraceDesk traces;
    private final StockDesk stock;
    private final Logs logs;
    private final YardModel yard;
    private final OtherCars others;
    private final Doing doing;
    private final Standpoints standpoints;
    private final Whereabouts at;
    private Journal<JobChange, Job> journal;
    private Runnable deaf = () -> {};

    private Job ownShown = Job.EMPTY;
    private Yard yardShown = Yard.EMPTY;
    private final AskedOnce asked = new AskedOnce();

    private final ReadOnlyObjectWrapper<Job> job = new ReadOnlyObjectWrapper<>(this, "job", Job.EMPTY);
    private final ReadOnlyObjectWrapper<Instant> now = new ReadOnlyObjectWrapper<>(this, "now");
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper(this, "said", "");
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper(this, "trouble", "");
    private final ReadOnlyStringWrapper person = new ReadOnlyStringWrapper(this, "person", "");
    private final ObjectProperty<Path> paper = new SimpleObjectProperty<>(this, "paper");
    private final ReadOnlyLongWrapper version = new ReadOnlyLongWrapper(this, "version");

    @SuppressWarnings("this-escape") // the desks only keep it
    public JobModel(OpenedWorkshop start, String person, Devices devices) {
        this.folder = start.folder();
        this.clock = start.clock();
        this.background = new Background(Platform::runLater);
        this.photos = new PhotoDesk(this, folder, devices.camera());
        this.reader = devices.reader();
        this.labels = new LabelDesk(this, devices.printer(), devices.labelCamera());
        this.workTime = new WorkTime(this);
        this.papers = new PaperDesk(this, devices.papers());
        this.traces = new TraceDesk(background, devices.floorCamera());
        this.stock = new StockDesk(this);
        this.logs = new Logs(folder, clock, start.yard());
        this.yard = new YardModel(this, logs);
        this.others = new OtherCars(this, logs);
        this.doing = new Doing(this, logs);
        this.standpoints = start.standpoints();
        this.at = new Whereabouts(standpoints);
        this.ready = new ReadyDay(openedProperty());
        this.person.set(person);
        this.journal = start.first().map(OpenedWorkshop.FirstCar::log).orElseGet(() -> folder.job(NO_CAR.job(), clock));
        start.first().ifPresent(first -> logs.keep(first.file().job(), first.log()));
        if (folder.isReadOnly())
            trouble.set("This workshop was written by a newer Welumen, so it is open for reading only.");
        if (start.first().isEmpty()) at.screen.set(Screen.CARS);
        show(start.first().map(OpenedWorkshop.FirstCar::file).orElse(NO_CAR));
        if (!start.troubles().isEmpty()) trouble.set(String.join(" ", start.troubles()));
        sayDamage();
        at.remember();
        at.screen.subscribe(_ -> sayNewest());
        tick();
    }

    /** Reads the other cars beside, and hears from now on what other benches append. */
    public void listen(Executor beside, Executor window) {
        others.readBeside(beside, window);
        deaf.run();
        deaf = folder.hear(stream -> {
            if (!doing.isOurs()) window.execute(() -> heard(stream));
        });
    }

    /** Ends listening, and keeps where one stood. */
    public void close() {
        background.close();
        deaf.run();
        keepStandpoints();
    }

    private void heard(UUID stream) {
        if (logs.catchUp(stream)) moved();
    }

    private void keepStandpoints() {
        if (folder.isReadOnly()) return;
        try {
            folder.keepViewSettings(standpoints.settings());
        } catch (StoreException fault) {
            trouble.set(fault.getMessage());
        }
    }

    /** Turns to another car of the yard; where it cannot be read, that is said and one stays where one was. */
    public boolean open(CarFile other) {
        try {
            journal = logs.car(other.job());
        } catch (StoreException | IllegalArgumentException | IllegalStateException fault) {
            trouble.set("The %s cannot be read, so you are still at the %s. %s"
                    .formatted(other.title(), at.opened.get().title(), fault.getMessage()));
            return false;
        }
        show(other);
        sayDamage();
        keepStandpoints();
        return true;
    }

    /** A car is shown as far as its log is whole; from where on it is not, and which backup has it, is said. */
    private void sayDamage() {
        folder.damage(journal, at.opened.get().title(), clock.getZone()).ifPresent(trouble::set);
    }

    /** A new car, with what is known of it from the first moment, as one action of two logs; and turns to it. */
    public boolean takeIn(String title, List<JobChange> known) {
        var car = UUID.randomUUID();
        if (!act(action -> {
            action.make(logs.yard(), new JobOpened(car, title, ""));
            if (!known.isEmpty()) action.make(logs.car(car), Together.of(known));
        })) return false;
        return open(yard.state().garage().one(car));
    }

    private void show(CarFile other) {
        at.turnTo(
                other,
                () -> job.set(state()),
                part -> job.get().cabin().findOne(part).isPresent(),
                this::likelyPart);
        sayNewest();
        changed();
    }

    private Job state() {
        ownShown = journal.state();
        yardShown = yard.state();
        return ownShown.in(yardShown, at.opened.get().job());
    }

    /** Makes a change; false if it was refused, which is said as trouble and changes nothing. */
    public boolean make(JobChange change) {
        return !hasNoCar() && doing.make(change);
    }

    /** Makes a change of the car and one of the yard as one action, taken back together. */
    public boolean make(JobChange inCar, YardChange inYard) {
        return !hasNoCar() && doing.make(inCar, inYard);
    }

    /** Makes a change of the open car and one of another as one action. */
    boolean makeWith(JobChange here, UUID otherCar, JobChange there) {
        return !hasNoCar() && doing.makeWith(here, otherCar, there);
    }

    private boolean hasNoCar() {
        if (at.opened.get() != NO_CAR) return false;
        trouble.set("There is no car yet. Take one in: F3, or the name at the upper left.");
        return true;
    }

    /** Makes several as one action, taken back together; nothing happens where there are none. */
    public boolean makeTogether(List<? extends JobChange> changes) {
        return !changes.isEmpty() && make(Together.of(changes));
    }

    /**
     * Takes back the newest action of the log that one looks at: the yard's where its screen is open, else the car's. What
     * touched both is taken back in both; where something since stands on that, nothing is, and it is said what.
     */
    public void takeBack() {
        doing.takeBack();
    }

    /** Puts back what was taken back last in the log that one looks at. */
    public void putBack() {
        doing.putBack();
    }

    public boolean canPutBack() {
        return doing.canPutBack();
    }

    /** What fills the middle of the window; taking back is about that. */
    public ObjectProperty<Screen> screenProperty() {
        return at.screen;
    }

    /** What fills the middle; changes once, when one has turned to another car, stage or screen. */
    public ReadOnlyObjectProperty<Middle> placeProperty() {
        return at.place.getReadOnlyProperty();
    }

    /** Counts what has changed of the car, of the yard, or of what is known of other cars. */
    public ReadOnlyLongProperty versionProperty() {
        return version.getReadOnlyProperty();
    }

    void changed() {
        version.set(version.get() + 1);
    }

    public YardModel yard() {
        return yard;
    }

    /** The open car's work as it stands, with what this yard works with. */
    public Standing standing() {
        return job().standing(yard().state());
    }

    /** What reads colour and gloss at this bench; empty where there is none. */
    public Optional<ColourReader> reader() {
        return reader;
    }

    /** What is worked out off the window's thread. */
    public Background background() {
        return background;
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

    public StockDesk stock() {
        return stock;
    }

    public PaperDesk papers() {
        return papers;
    }

    Path keepPaper(String name, byte[] pdf) {
        var kept = folder.keepPaper(name, pdf);
        made(kept);
        return kept;
    }

    /** A paper or a file was made, and can be opened. */
    void made(Path file) {
        paper.set(file);
    }

    /** What was made last; null once it has been seen to. */
    public ObjectProperty<Path> paperProperty() {
        return paper;
    }

    /** The day by which the open car is ready, as planned. */
    public ReadyDay ready() {
        return ready;
    }

    public WorkTime workTime() {
        return workTime;
    }

    public OtherCars others() {
        return others;
    }

    /** On what terms the open job is done: its own prices, else the yard's, else what was said last in another job. */
    public Terms terms() {
        return job.get().terms(others.hours(), others.lastPrices());
    }

    /** What can be cut from now: the yard's, what an earlier Welumen kept with this job, and offcuts of any. */
    public List<Stock> toCutFrom() {
        return job.get().cutLog().toCutFrom(yard.state().stock().here(), others.cuts());
    }

    /** Who works at this window. */
    public String person() {
        return person.get();
    }

    public ReadOnlyStringProperty personProperty() {
        return person.getReadOnlyProperty();
    }

    /** Somebody else works at this window now. */
    public void personIs(String name) {
        person.set(name);
        standpoints.personIs(name);
        keepStandpoints();
    }

    /** What was said of this car itself, without what holds in the yard. */
    public Job own() {
        return journal.state();
    }

    /** The leaf of a stage at which one stood in this car; empty where one never turned one. */
    public Optional<String> leaf(WorkStage stage) {
        return at.leaf(stage);
    }

    public void turnedLeaf(WorkStage stage, String leaf) {
        at.turnedLeaf(stage, leaf);
    }

    /** The job as it stood at the end of a day. */
    public Job asItStood(LocalDate day) {
        return journal.asItStood(
                        day.plusDays(1).atStartOfDay(zone()).toInstant().minusNanos(1))
                .in(yard.state(), at.opened.get().job());
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

    /** The name of the workshop. */
    public String workshopName() {
        return yard.state().name();
    }

    public Job job() {
        return job.get();
    }

    /** Where a part is on its way out of the car and back. */
    public PartState stateOf(PartId part) {
        return asked.stateOf(job.get(), part);
    }

    /** What keeps each part from going back. */
    public SignOff signOff() {
        return asked.signOff(job.get());
    }

    public ReadOnlyObjectProperty<Job> jobProperty() {
        return job.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<CarFile> openedProperty() {
        return at.opened.getReadOnlyProperty();
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
        return at.stage;
    }

    /** The part that is picked everywhere; null only where the job has no parts. */
    public ObjectProperty<PartId> pickedProperty() {
        return at.picked;
    }

    public Optional<Part> picked() {
        return Optional.ofNullable(at.picked.get()).flatMap(job.get().cabin()::findOne);
    }

    /** “£”, or “CHF ” where the job's currency has no common sign; nothing before there is one. */
    public String currencySign() {
        return job.get().intake() instanceof Intake.TakenIn taken
                ? taken.agreement().budget().sign()
                : new Money(BigDecimal.ZERO, yard.state().counting().currency()).sign();
    }

    public ZoneId zone() {
        return clock.getZone();
    }

    public LocalDate today() {
        return now.get().atZone(zone()).toLocalDate();
    }

    boolean act(Consumer<Action> what) {
        return doing.act(what);
    }

    Journal<JobChange, Job> openLog() {
        return journal;
    }

    /** Shows what the logs hold now. */
    void moved() {
        yard.moved();
        yard.state()
                .garage()
                .findOne(at.opened.get().job())
                .filter(file -> !file.equals(at.opened.get()))
                .ifPresent(at.opened::set);
        if (journal.state() != ownShown
                || yard.state().house() != yardShown.house()
                || !yard.state().stock().renamed().equals(yardShown.stock().renamed())
                || yard.state().clocks() != yardShown.clocks()) job.set(state());
        sayNewest();
        changed();
    }

    private void sayNewest() {
        said.set(doing.said(job.get().cabin()));
    }

    /** The part of the newest step, since that is where the hands are; else the first. */
    private @Nullable PartId likelyPart() {
        var steps = job.get().strip().steps();
        if (!steps.isEmpty()) return steps.getLast().part();
        var parts = job.get().cabin().parts();
        return parts.isEmpty() ? null : parts.getFirst().id();
    }
}
