package welumen.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import welumen.desktop.model.PaperOpener;

/** Remembers what was to be opened or printed, and opens nothing. */
public final class NoPaper implements PaperOpener {
    private final List<String> asked = new CopyOnWriteArrayList<>();

    @Override
    public String open(Path file) {
        asked.add("open " + file.getFileName());
        return "";
    }

    @Override
    public String print(Path file) {
        asked.add("print " + file.getFileName());
        return "There is no printer.";
    }

    /** “open x.pdf”, “print x.pdf”, in that order. */
    public List<String> asked() {
        return List.copyOf(asked);
    }
}
