package welumen.desktop.model;

import java.time.Clock;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.yard.Yard;
import welumen.yard.YardChange;

/** The logs of one window: the yard's, and those of its cars that were read so far. JavaFX thread only. */
final class Logs {
    private final WorkshopFolder folder;
    private final Clock clock;
    private final Journal<YardChange, Yard> yard;
    private final Map<UUID, Journal<JobChange, Job>> cars = new HashMap<>();

    Logs(WorkshopFolder folder, Clock clock, Journal<YardChange, Yard> yard) {
        this.folder = folder;
        this.clock = clock;
        this.yard = yard;
    }

    Journal<YardChange, Yard> yard() {
        return yard;
    }

    /** @throws StoreException if it cannot be read */
    Journal<JobChange, Job> car(UUID job) {
        var known = cars.get(job);
        if (known != null) return known;
        var read = read(job);
        cars.put(job, read);
        return read;
    }

    /** Reads a log without keeping it, on any thread. */
    Journal<JobChange, Job> read(UUID job) {
        return folder.job(job, clock);
    }

    /** Keeps what was read beside, unless it was read here meanwhile; what somebody appended since it was read is folded. */
    void keep(UUID job, Journal<JobChange, Job> read) {
        if (cars.putIfAbsent(job, read) == null) read.catchUp();
    }

    Optional<Journal<JobChange, Job>> known(UUID job) {
        return Optional.ofNullable(cars.get(job));
    }

    /** Any log by its stream. */
    Journal<?, ?> find(UUID stream) {
        return stream.equals(Yard.STREAM) ? yard : car(stream);
    }

    /** Folds what somebody else appended to a log that is known here; says whether there was any. */
    boolean catchUp(UUID stream) {
        return stream.equals(Yard.STREAM)
                ? yard.catchUp()
                : known(stream).map(Journal::catchUp).orElse(false);
    }
}
