package welumen.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import welumen.desktop.model.PaperOpener;

/** By the commands that each kind of computer has for it. */
final class SystemOpener implements PaperOpener {
    private static final int PATIENCE_S = 10;

    @Override
    public String open(Path file) {
        return run(
                switch (system()) {
                    case "mac" -> List.of("open");
                    case "windows" -> List.of("cmd", "/c", "start", "");
                    default -> List.of("xdg-open");
                },
                file,
                "No program here opens it");
    }

    @Override
    public String print(Path file) {
        return run(
                system().equals("windows")
                        ? List.of("powershell", "-Command", "Start-Process", "-Verb", "Print", "-FilePath")
                        : List.of("lp"),
                file,
                "No printer is set up here");
    }

    private static String system() {
        var name = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        return name.contains("mac") ? "mac" : name.contains("win") ? "windows" : "other";
    }

    private static String run(List<String> command, Path file, String trouble) {
        var words = new ArrayList<>(command);
        words.add(file.toString());
        var where = "%s: it lies in [%s].".formatted(trouble, file);
        try {
            var program = new ProcessBuilder(words)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            // a viewer that stays open has been found
            return !program.waitFor(PATIENCE_S, TimeUnit.SECONDS) || program.exitValue() == 0 ? "" : where;
        } catch (IOException noSuchProgram) {
            return where;
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return "";
        }
    }
}
