package welumen.files.workshop;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;
import welumen.journal.StoreException;

/** Keeps two programs from writing one workshop. The computer lets go of it when a program ends, however it ends. */
final class WorkshopLock implements AutoCloseable {
    private final FileChannel channel;

    private WorkshopLock(FileChannel channel) {
        this.channel = channel;
    }

    /** @throws StoreException if another program has the workshop open */
    static WorkshopLock take(Path folder) {
        try {
            var channel = FileChannel.open(
                    folder.resolve("workshop.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (lock(channel) == null) {
                channel.close();
                throw new StoreException(
                        "The workshop [%s] is open in another window. Close it there, then open it here."
                                .formatted(folder));
            }
            return new WorkshopLock(channel);
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
