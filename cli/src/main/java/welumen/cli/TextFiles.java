package welumen.cli;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.Map;
import welumen.files.json.BadFile;

/** Reads and writes the text files of a command: all of them or none. */
final class TextFiles {
    private static final long LARGEST = 200L << 20;

    private TextFiles() {}

    static String read(Path file) throws BadFile {
        try {
            if (Files.isDirectory(file)) throw new BadFile("[%s] is a folder, not a file.".formatted(file));
            if (Files.size(file) > LARGEST) throw new BadFile("[%s] is over 200 MB. Check it.".formatted(file));
            return Files.readString(file);
        } catch (NoSuchFileException missing) {
            throw new BadFile("There is no file [%s].".formatted(file));
        } catch (CharacterCodingException binary) {
            throw new BadFile("[%s] is no text in UTF-8.".formatted(file));
        } catch (IOException fault) {
            throw new BadFile("[%s] cannot be read: %s.".formatted(file, fault.getMessage()));
        }
    }

    /** Writes every file beside its place first, then moves them all in. */
    static void write(Map<Path, String> files) throws BadFile {
        Map<Path, Path> halves = new HashMap<>();
        try {
            for (var file : files.entrySet()) {
                var target = file.getKey().toAbsolutePath();
                if (Files.isDirectory(target)) throw new IOException("it is a folder");
                var half = Files.createTempFile(target.getParent(), ".welumen", ".half");
                halves.put(target, half);
                Files.writeString(half, file.getValue());
            }
            for (var half : halves.entrySet())
                Files.move(half.getValue(), half.getKey(), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException fault) {
            for (var half : halves.values()) half.toFile().delete();
            throw new BadFile("%s cannot be written: %s. Choose a folder that is there."
                    .formatted(files.keySet(), fault.getMessage()));
        }
    }
}
