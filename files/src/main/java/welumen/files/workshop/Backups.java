package welumen.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import welumen.journal.StoreException;

/**
 * The backups of a workshop: one for each day on which it was used, the newest thirty kept. Photos are never changed or
 * deleted, so a backup is the journal alone.
 */
public final class Backups {
    private static final int KEPT = 30;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final Path folder;
    private final Path backups;

    public Backups(Path folder) {
        this.folder = folder;
        this.backups = folder.resolve("backups");
    }

    /** The days of which there is a backup, newest first. */
    public List<LocalDate> days() {
        if (!Files.isDirectory(backups)) return List.of();
        try (var files = Files.list(backups)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.matches("\\d{4}-\\d{2}-\\d{2}\\.sqlite"))
                    .map(name -> LocalDate.parse(name.substring(0, 10)))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException fault) {
            throw fault("cannot be listed", fault);
        }
    }

    /** Writes the day's backup, unless there is one already. */
    void make(SqliteEntryStore store, LocalDate day) {
        var file = file(day);
        if (Files.exists(file)) return;
        try {
            Files.createDirectories(backups);
            var half = backups.resolve(day + ".half");
            Files.deleteIfExists(half);
            store.copyTo(half);
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
            for (var old : days().stream().skip(KEPT).toList()) Files.delete(file(old));
        } catch (IOException fault) {
            throw fault("cannot be written", fault);
        }
    }

    /**
     * Puts the workshop back to how it stood when a day's backup was made. What stood until now is moved to a folder
     * beside the backups, which is returned.
     *
     * @throws StoreException if there is no such backup, or the workshop is open
     */
    public Path restore(LocalDate day, LocalDateTime now) {
        if (!Files.exists(file(day)))
            throw new StoreException("There is no backup of %s in [%s]. There are: %s."
                    .formatted(day, backups, days().isEmpty() ? "none" : days()));
        try (var _ = WorkshopLock.take(folder)) {
            var aside = Files.createDirectories(backups.resolve("before-restore-" + now.format(STAMP)));
            Files.copy(file(day), restoring(folder), StandardCopyOption.REPLACE_EXISTING);
            for (var name : List.of("workshop.sqlite", "workshop.sqlite-wal", "workshop.sqlite-shm"))
                if (Files.exists(folder.resolve(name)))
                    Files.move(folder.resolve(name), aside.resolve(name), StandardCopyOption.REPLACE_EXISTING);
            finishRestore(folder);
            return aside;
        } catch (IOException fault) {
            throw fault("cannot be restored", fault);
        }
    }

    /** Ends a restore that was cut off between moving the old file away and putting the backup in its place. */
    static void finishRestore(Path folder) throws IOException {
        if (Files.exists(restoring(folder)) && !Files.exists(folder.resolve("workshop.sqlite")))
            Files.move(restoring(folder), folder.resolve("workshop.sqlite"), StandardCopyOption.ATOMIC_MOVE);
        Files.deleteIfExists(restoring(folder));
    }

    private static Path restoring(Path folder) {
        return folder.resolve("workshop.restoring");
    }

    private Path file(LocalDate day) {
        return backups.resolve(day + ".sqlite");
    }

    private StoreException fault(String what, IOException fault) {
        return new StoreException("The backups in [%s] %s: %s.".formatted(backups, what, fault.getMessage()), fault);
    }
}
