package welumen.desktop.look;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The computer's own window in which files are chosen. */
public final class FileChoice {
    private static final List<String> PHOTOS = List.of("*.jpg", "*.jpeg", "*.png");

    private FileChoice() {}

    /** @param patterns as “*.svg” */
    public static Optional<Path> one(Window owner, String title, String kind, List<String> patterns) {
        return Optional.ofNullable(chooser(title, kind, patterns).showOpenDialog(owner))
                .map(File::toPath);
    }

    public static Optional<Path> photo(Window owner, String title) {
        return one(owner, title, "Photos", PHOTOS);
    }

    /** None where the window was left. */
    public static List<Path> photos(Window owner, String title) {
        var files = chooser(title, "Photos", PHOTOS).showOpenMultipleDialog(owner);
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    private static FileChooser chooser(String title, String kind, List<String> patterns) {
        var chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, patterns));
        return chooser;
    }
}
