package welumen.files.workshop;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import welumen.files.photo.DropFolder;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.yard.Beginning;
import welumen.yard.Yard;
import welumen.yard.YardChange;

/**
 * An open workshop: a folder with the journal, the photos and the backups. Only one program can have it open; closing,
 * or the end of the program, lets it go.
 */
public final class WorkshopFolder implements AutoCloseable {
    private static final String LOCK = "workshop.lock";
    private static final String VIEW = "window.properties";

    private final Path folder;
    private final WorkshopLock lock;
    private final SqliteEntryStore store;
    private final Photos photos;

    private WorkshopFolder(Path folder, WorkshopLock lock, SqliteEntryStore store) {
        this.folder = folder;
        this.lock = lock;
        this.store = store;
        this.photos = new Photos(folder.resolve("photos"));
        store.beforeWriting(lock::hold);
    }

    /** @throws StoreException if it is open elsewhere, damaged or cannot be written; the message says what to do */
    public static WorkshopFolder open(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (IOException fault) {
            throw new StoreException(
                    "The workshop folder [%s] cannot be made: %s.".formatted(folder, fault.getMessage()), fault);
        }
        var lock = WorkshopLock.take(folder);
        try {
            Restore.finish(folder);
            return new WorkshopFolder(folder, lock, SqliteEntryStore.open(folder.resolve("workshop.sqlite")));
        } catch (IOException fault) {
            lock.close();
            throw new StoreException(
                    NoRoom.said("A restore in [%s] could not be ended".formatted(folder), folder, fault), fault);
        } catch (StoreException fault) {
            lock.close();
            throw fault;
        }
    }

    /**
     * Begins a workshop in a new or empty folder.
     *
     * @throws StoreException if the folder holds anything, or cannot be written; nothing is left behind
     */
    public static void begin(Path folder, Beginning beginning, Clock clock) {
        if (isOne(folder))
            throw new StoreException(
                    "[%s] is a workshop already. Open it: welumen open \"%s\".".formatted(folder, folder));
        var other = holds(folder);
        if (!other.isEmpty())
            throw new StoreException("[%s] holds something else: %s. Choose a new or an empty folder for a workshop."
                    .formatted(folder, String.join(", ", other)));
        try (var workshop = open(folder)) {
            var people = beginning.people();
            workshop.yard(clock).make(beginning.change(), people.isEmpty() ? beginning.name() : people.getFirst());
        } catch (StoreException fault) {
            forget(folder);
            throw fault;
        }
    }

    /** Takes away what a beginning that came to nothing has left. */
    private static void forget(Path folder) {
        for (var name : List.of("workshop.sqlite", "workshop.sqlite-wal", "workshop.sqlite-shm", Witness.NAME, LOCK))
            try {
                Files.deleteIfExists(folder.resolve(name));
            } catch (IOException stays) {
                // the fault that led here is the one to be told
            }
    }

    /** What a folder holds, by name, the first few; nothing for one that is empty, or not there. */
    public static List<String> holds(Path folder) {
        if (!Files.exists(folder)) return List.of();
        if (!Files.isDirectory(folder)) return List.of("it is a file");
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> !name.equals(LOCK))
                    .sorted()
                    .limit(3)
                    .toList();
        } catch (IOException fault) {
            throw new StoreException("[%s] cannot be read: %s.".formatted(folder, fault.getMessage()), fault);
        }
    }

    /** Whether a workshop was ever begun in this folder. */
    public static boolean isOne(Path folder) {
        return Files.exists(folder.resolve("workshop.sqlite")) || Restore.isBegun(folder);
    }

    public Journal<YardChange, Yard> yard(Clock clock) {
        return Journal.open(store, Yard.STREAM, YardChange.class, clock, Yard.EMPTY, Yard::after);
    }

    /** @throws StoreException if not one entry of it can be read */
    public Journal<JobChange, Job> job(UUID job, Clock clock) {
        var log = Journal.open(store, job, JobChange.class, clock, Job.EMPTY, Job::after);
        if (log.entries().isEmpty() && log.damage().isPresent())
            throw new StoreException(damage(log, "car", clock.getZone()).orElseThrow());
        return log;
    }

    /**
     * Keeps a sheet of paper under a name, from which signs that no file's name can have are left out.
     *
     * @throws StoreException if it cannot be written; nothing half-written is left under the name
     */
    public Path keepPaper(String name, byte[] content) {
        var file = folder.resolve("paper").resolve(name.replaceAll("[^\\p{L}\\p{N} .-]", ""));
        try {
            WholeFile.write(file, content);
            return file;
        } catch (IOException fault) {
            throw new StoreException(NoRoom.said("[%s] could not be printed".formatted(file), folder, fault), fault);
        }
    }

    /** Asks to be told, on any thread, of each log to which somebody appends; the answer ends that. */
    public Runnable hear(Consumer<UUID> listener) {
        return store.hear(listener);
    }

    /** How the window was left, by key; empty where nobody has kept that, or it cannot be read, which harms nothing. */
    public Map<String, String> viewSettings() {
        var settings = new Properties();
        try (var reader = Files.newBufferedReader(folder.resolve(VIEW))) {
            settings.load(reader);
        } catch (IOException | IllegalArgumentException unreadable) {
            return Map.of();
        }
        return settings.stringPropertyNames().stream().collect(Collectors.toMap(key -> key, settings::getProperty));
    }

    /** @throws StoreException if it cannot be written */
    public void keepViewSettings(Map<String, String> settings) {
        var all = new Properties();
        all.putAll(settings);
        var text = new StringWriter();
        try {
            all.store(text, null);
            WholeFile.write(folder.resolve(VIEW), text.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException fault) {
            throw new StoreException(
                    NoRoom.said("Where you stood could not be kept in [%s]".formatted(folder), folder, fault), fault);
        }
    }

    /** The folder into which phone photos are dropped. */
    public DropFolder phonePhotos() {
        return new DropFolder(folder.resolve("phone"));
    }

    /** When somebody last wrote anything here; empty where nobody has. */
    public Optional<Instant> lastWritten() {
        return store.lastWritten();
    }

    public Photos photos() {
        return photos;
    }

    /** Whether it can only be read, since a newer Welumen wrote it. */
    public boolean isReadOnly() {
        return store.isReadOnly();
    }

    /** Makes the backup of a day, where there is none yet. Takes time; call it off the window's thread. */
    public void backUp(LocalDate day) {
        if (isReadOnly()) return;
        try {
            WholeFile.clear(folder, Instant.now());
        } catch (IOException unreadable) {
            // what cannot be looked through keeps no backup from being made
        }
        new Backups(folder).make(store, day);
    }

    /**
     * What of the journal is not whole, in sentences that say from which entry and day on, and which backup has it; none where all
     * is well. Takes time; call it off the window's thread.
     *
     * @param nameOf what a log is called, by its stream
     */
    public List<String> examine(Function<UUID, String> nameOf, ZoneId zone) {
        return new Soundness(folder, new Backups(folder), nameOf, zone).said(store.missing());
    }

    /** Where a log was found to be damaged, and which backup has it; empty where it is whole. */
    public Optional<String> damage(Journal<?, ?> log, String name, ZoneId zone) {
        return log.damage()
                .map(damage -> new Soundness(folder, new Backups(folder), _ -> name, zone)
                        .said(
                                log.stream(),
                                damage,
                                log.entries().isEmpty()
                                        ? Optional.empty()
                                        : Optional.of(log.entries().getLast().at())));
    }

    @Override
    public void close() {
        store.close();
        lock.close();
    }
}
