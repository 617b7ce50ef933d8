package welumen.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;

/** Remembers which workshop this user opened last, in the folder of the user's data. To forget it harms nothing. */
public final class LastWorkshop {
    private final Path file;

    public LastWorkshop(Path userData) {
        this.file = userData.resolve("last-workshop");
    }

    /** Empty where none was opened, or where it is gone since. */
    public Optional<Path> find() {
        try {
            var folder = Path.of(Files.readString(file).strip());
            return WorkshopFolder.isOne(folder) ? Optional.of(folder) : Optional.empty();
        } catch (IOException | InvalidPathException none) {
            return Optional.empty();
        }
    }

    public void keep(Path folder) {
        try {
            Files.createDirectories(file.getParent());
            var half = Path.of(file + ".half");
            Files.writeString(half, folder.toAbsolutePath().toString());
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException notKept) {
            // it is asked for again next time
        }
    }
}
