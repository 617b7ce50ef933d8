package welumen.desktop.model;

import java.nio.file.Path;

/** Opens a file that was made with the program that this computer has for it, or sends it to the usual printer. */
public interface PaperOpener {
    /**
     * Takes a moment; called off the window's thread.
     *
     * @return what went wrong, in words; empty where it was opened
     */
    String open(Path file);

    /** @return what went wrong, in words; empty where it went to the printer */
    String print(Path file);
}
