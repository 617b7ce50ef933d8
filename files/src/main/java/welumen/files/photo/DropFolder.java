package welumen.files.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import welumen.journal.StoreException;

/**
 * A folder into which phone photos are dropped. What was taken since a moment is picked up in the order in which it was
 * taken, and moved aside once it is kept, so that nothing is picked up twice.
 */
public final class DropFolder {
    private final Path folder;

    public DropFolder(Path folder) {
        this.folder = folder;
    }

    /** A photo that waits. */
    public record Waiting(Path file, Instant taken) {}

    /**
     * The photos that were taken at or after a moment, the earliest first; a photo that does not say when counts as taken
     * when its file was written.
     *
     * @throws StoreException if the folder cannot be read
     */
    public List<Waiting> since(Instant moment, ZoneId zone) {
        try {
            Files.createDirectories(folder);
            var waiting = new ArrayList<Waiting>();
            try (var files = Files.list(folder)) {
                for (var file : files.filter(DropFolder::isPhoto).toList())
                    waiting.add(new Waiting(file, taken(file, zone)));
            }
            waiting.removeIf(one -> one.taken().isBefore(moment));
            waiting.sort(Comparator.comparing(Waiting::taken).thenComparing(Waiting::file));
            return waiting;
        } catch (IOException fault) {
            throw new StoreException(
                    "The folder for phone photos [%s] cannot be read: %s.".formatted(folder, fault.getMessage()),
                    fault);
        }
    }

    /** @throws StoreException if it is gone or cannot be read */
    public byte[] content(Waiting photo) {
        try {
            return Files.readAllBytes(photo.file());
        } catch (IOException fault) {
            throw new StoreException(
                    "The photo [%s] cannot be read: %s.".formatted(photo.file(), fault.getMessage()), fault);
        }
    }

    /** Moves a photo aside that has been kept. */
    public void putAside(Waiting photo) {
        try {
            var aside = Files.createDirectories(folder.resolve("kept"));
            Files.move(photo.file(), aside.resolve(photo.file().getFileName()), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException fault) {
            throw new StoreException(
                    "The photo [%s] is kept, but could not be moved aside: %s."
                            .formatted(photo.file(), fault.getMessage()),
                    fault);
        }
    }

    private static boolean isPhoto(Path file) {
        return file.getFileName().toString().matches("(?i).+\\.(jpe?g|png)") && Files.isRegularFile(file);
    }

    private static Instant taken(Path file, ZoneId zone) throws IOException {
        var written = Files.getLastModifiedTime(file).toInstant();
        if (Files.size(file) > PhotoFile.LARGEST) return written;
        return PhotoFile.of(file).taken(zone).orElse(written);
    }
}
