package welumen.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import welumen.journal.StoreException;

/**
 * The backups of a workshop: one for each day on which it was used, the newest thirty kept. Photos are never changed or
 * deleted, so a backup is the journal alone.
 */
public final class Backups {
    private static final int KEPT = 30;
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private static final String ENDS = ".sqlite";

    private final Path folder;
    private final Path backups;

    public Backups(Path folder) {
        this.folder = folder;
        this.backups = folder.resolve("backups");
    }

    /** The days of which there is a backup, newest first; a file whose name is no day is none. */
    public List<LocalDate> days() {
        if (!Files.isDirectory(backups)) return List.of();
        try (var files = Files.list(backups)) {
            return files.filter(Files::isRegularFile)
                    .flatMap(file -> day(file.getFileName().toString()).stream())
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException fault) {
            throw fault("cannot be listed", fault);
        }
    }

    private static Optional<LocalDate> day(String name) {
        try {
            return name.endsWith(ENDS)
                    ? Optional.of(LocalDate.parse(name.substring(0, name.length() - ENDS.length())))
                    : Optional.empty();
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    /** The newest backup in which a log has that entry, whole; empty where none has. */
    Optional<LocalDate> having(UUID stream, long sequence) {
        return days().stream()
                .filter(day -> Examined.of(file(day)).has(stream, sequence))
                .findFirst();
    }

    /** What is wrong with a day's backup, in words; empty where it is whole. */
    public Optional<String> fault(LocalDate day) {
        return Examined.of(file(day)).fault();
    }

    /** Writes the day's backup, unless there is one already. */
    void make(SqliteEntryStore store, LocalDate day) {
        var file = file(day);
        if (Files.exists(file)) return;
        var half = backups.resolve(day + ".half");
        try {
            Files.createDirectories(backups);
            Files.deleteIfExists(half);
            store.copyTo(half);
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
            for (var old : days().stream().skip(KEPT).toList()) Files.delete(file(old));
        } catch (IOException fault) {
            throw fault("cannot be written", fault);
        } finally {
            forget(half);
        }
    }

    /** Half of a backup is none, and takes room. */
    private static void forget(Path half) {
        try {
            Files.deleteIfExists(half);
        } catch (IOException stays) {
            // what led here is told; the next opening looks for halves again
        }
    }

    /**
     * Puts the workshop back to how it stood when a day's backup was made. What stood until now is moved to a folder
     * beside the backups, which is returned.
     *
     * @throws StoreException if there is no such backup, it is not whole, or the workshop is open
     */
    public Path restore(LocalDate day, LocalDateTime now) {
        if (!Files.exists(file(day)))
            throw new StoreException("There is no backup of %s in [%s]. There are: %s."
                    .formatted(day, backups, days().isEmpty() ? "none" : days()));
        fault(day).ifPresent(why -> {
            throw new StoreException("The backup of %s is not restored: %s. Choose another day; nothing was changed."
                    .formatted(day, why));
        });
        try (var _ = WorkshopLock.take(folder)) {
            Restore.finish(folder);
            var aside = "before-restore-" + now.format(STAMP);
            Restore.begin(folder, file(day), aside, () -> {});
            return backups.resolve(aside);
        } catch (IOException fault) {
            throw fault("cannot be restored", fault);
        }
    }

    private Path file(LocalDate day) {
        return backups.resolve(day + ENDS);
    }

    private StoreException fault(String what, IOException fault) {
        return new StoreException(
                NoRoom.said("The backups in [%s] %s".formatted(backups, what), backups, fault), fault);
    }
}
