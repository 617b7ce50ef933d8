package welumen.files.workshop;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;

/** Files that are there whole or not at all: written beside under the ending of a half, brought to disk, and then moved. */
final class WholeFile {
    private static final String HALF = ".half";

    /** What somebody is writing now is no leftover. */
    private static final Duration LEFT = Duration.ofMinutes(1);

    private WholeFile() {}

    /** Where that fails, nothing is left that takes room. */
    static void write(Path file, byte[] content) throws IOException {
        Files.createDirectories(file.getParent());
        var half = Files.createTempFile(file.getParent(), "being-written-", HALF);
        try {
            Files.write(half, content);
            try (var channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | RuntimeException fault) {
            Files.deleteIfExists(half);
            throw fault;
        }
    }

    /** Takes away what a program that was killed has left half-written, within a folder and two levels of those in it. */
    static void clear(Path folder, Instant now) throws IOException {
        if (!Files.isDirectory(folder)) return;
        var before = FileTime.from(now.minus(LEFT));
        try (var files = Files.find(
                folder,
                3,
                (file, facts) -> facts.isRegularFile()
                        && file.getFileName().toString().endsWith(HALF)
                        && facts.lastModifiedTime().compareTo(before) < 0)) {
            for (var half : files.toList()) Files.deleteIfExists(half);
        }
    }
}
