package welumen.files.workshop;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;

/**
 * Puts a backup in the place of the journal, so that it can be cut off anywhere: once the backup lies whole beside the journal
 * under the name of its restore, that is finished, now or by whoever opens the workshop next. The old write-ahead log goes
 * first, since SQLite would play it into whatever journal it finds beside it.
 */
final class Restore {
    private static final String BEGINS = "workshop.restoring";

    /** What belongs to the old journal, in the order in which it is moved. */
    private static final List<String> OLD =
            List.of("workshop.sqlite-wal", "workshop.sqlite-shm", Witness.NAME, "workshop.sqlite");

    private Restore() {}

    /**
     * @param backup whole
     * @param aside the name of the folder within the backups to which the old journal goes
     * @param between called after each step; what it throws cuts the restore off there
     */
    static void begin(Path folder, Path backup, String aside, Runnable between) throws IOException {
        var half = folder.resolve("workshop.restore-half");
        Files.copy(backup, half, StandardCopyOption.REPLACE_EXISTING);
        between.run();
        onDisk(half);
        between.run();
        Files.move(half, folder.resolve(BEGINS + "-" + aside), StandardCopyOption.ATOMIC_MOVE);
        between.run();
        onDisk(folder);
        finish(folder, between);
    }

    /** Whether one was begun here and is to be finished. */
    static boolean isBegun(Path folder) {
        try {
            return find(folder).isPresent();
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** Ends a restore that was cut off, if there is one. */
    static void finish(Path folder) throws IOException {
        finish(folder, () -> {});
    }

    private static void finish(Path folder, Runnable between) throws IOException {
        var begun = find(folder);
        if (begun.isPresent()) {
            var name = begun.get().getFileName().toString();
            var aside = Files.createDirectories(folder.resolve("backups")
                    .resolve(name.equals(BEGINS) ? "before-restore" : name.substring(BEGINS.length() + 1)));
            between.run();
            for (var old : OLD)
                if (Files.exists(folder.resolve(old))) {
                    Files.move(folder.resolve(old), aside.resolve(old), StandardCopyOption.REPLACE_EXISTING);
                    between.run();
                }
            onDisk(folder);
            between.run();
            Files.move(begun.get(), folder.resolve("workshop.sqlite"), StandardCopyOption.ATOMIC_MOVE);
            between.run();
            onDisk(folder);
        }
        Files.deleteIfExists(folder.resolve("workshop.restore-half"));
    }

    private static Optional<Path> find(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) return Optional.empty();
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().startsWith(BEGINS))
                    .sorted()
                    .findFirst();
        }
    }

    /** Some systems cannot do that with a folder, and need not. */
    private static void onDisk(Path path) throws IOException {
        try (var channel = FileChannel.open(path, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException fault) {
            if (!Files.isDirectory(path)) throw fault;
        }
    }
}
