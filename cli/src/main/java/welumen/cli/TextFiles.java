package welumen.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import welumen.files.json.BadFile;

/** Writes the text files of a command: all of them or none. */
final class TextFiles {
    private TextFiles() {}

    /**
     * Writes every file beside its place first, then moves them all in. Where a link leads elsewhere, it is written there; a
     * device or a pipe takes it as it is.
     *
     * @throws BadFile if one cannot be written, or two are the same
     */
    static void write(Map<Path, String> files) throws BadFile {
        Map<Path, Path> halves = new HashMap<>();
        try {
            for (var file : files.entrySet()) {
                var target = target(file.getKey());
                if (Files.isDirectory(target)) throw new IOException("it is a folder");
                if (Files.exists(target) && !Files.isRegularFile(target)) {
                    Files.writeString(target, file.getValue(), StandardOpenOption.WRITE);
                    continue;
                }
                if (halves.containsKey(target)) throw new BadFile("[%s] is named twice.".formatted(file.getKey()));
                // by hand, since a temporary file's mode would be its owner's alone
                var half = target.resolveSibling(".welumen-%s.half".formatted(UUID.randomUUID()));
                halves.put(target, half);
                Files.writeString(half, file.getValue(), StandardOpenOption.CREATE_NEW);
            }
            for (var half : halves.entrySet())
                Files.move(half.getValue(), half.getKey(), StandardCopyOption.REPLACE_EXISTING);
        } catch (BadFile twice) {
            forget(halves);
            throw twice;
        } catch (IOException fault) {
            forget(halves);
            throw new BadFile("%s cannot be written: %s. Choose a folder that is there and has room."
                    .formatted(files.keySet(), fault.getMessage()));
        }
    }

    private static void forget(Map<Path, Path> halves) {
        for (var half : halves.values()) half.toFile().delete();
    }

    /** Where a file lies in truth. */
    private static Path target(Path file) throws IOException {
        if (Files.exists(file)) return file.toRealPath();
        if (Files.isSymbolicLink(file))
            return target(file.toAbsolutePath().resolveSibling(Files.readSymbolicLink(file)));
        var whole = file.toAbsolutePath().normalize();
        var folder = whole.getParent();
        return folder != null && Files.exists(folder) ? folder.toRealPath().resolve(whole.getFileName()) : whole;
    }
}
