package welumen.files.workshop;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import welumen.journal.StoreException;

/** Keeps two programs from writing one workshop. The computer lets go of it when a program ends, however it ends. */
final class WorkshopLock implements AutoCloseable {
    private final Path file;
    private FileChannel channel;
    private Optional<Object> key;

    private WorkshopLock(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
        this.key = key(file);
    }

    /**
     * To be asked before anything is written: where somebody has deleted the lock by hand, it is taken anew.
     *
     * @throws StoreException if another program has taken it meanwhile
     */
    synchronized void hold() {
        if (key.isPresent() && key.equals(key(file))) return;
        try (var fresh = take(Objects.requireNonNull(file.getParent()))) {
            var lost = channel;
            channel = fresh.channel;
            fresh.channel = lost; // which is closed
            key = key(file);
        }
    }

    /** What tells a file from another of its name; empty where there is none, or the system does not say. */
    private static Optional<Object> key(Path file) {
        try {
            return Optional.ofNullable(
                    Files.readAttributes(file, BasicFileAttributes.class).fileKey());
        } catch (IOException gone) {
            return Optional.empty();
        }
    }

    /** @throws StoreException if another program has the workshop open */
    static WorkshopLock take(Path folder) {
        try {
            var file = folder.resolve("workshop.lock");
            var channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (lock(channel) == null) {
                channel.close();
                throw new StoreException(
                        "The workshop [%s] is open in another window. Close it there, then open it here."
                                .formatted(folder));
            }
            return new WorkshopLock(file, channel);
        } catch (IOException fault) {
            throw new StoreException(
                    "The workshop folder [%s] cannot be written: %s. Choose another, or free it."
                            .formatted(folder, fault.getMessage()),
                    fault);
        }
    }

    private static @Nullable FileLock lock(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException inThisProgram) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException fault) {
            throw new StoreException("The workshop's lock could not be let go: " + fault.getMessage(), fault);
        }
    }
}
