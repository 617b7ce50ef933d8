package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;

/** Opens a workshop. */
@Command(name = "open", description = "Opens the workshop in FOLDER.", mixinStandardHelpOptions = true)
final class OpenCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FOLDER")
    private Path folder;

    @Option(names = "--as", paramLabel = "NAME", description = "who works here")
    private String author = System.getProperty("user.name");

    @Override
    public Integer call() {
        if (!WorkshopFolder.isOne(folder))
            throw new StoreException("There is no workshop in [%s]. Begin with: welumen demo.".formatted(folder));
        return Windows.show(new Windows.Opening(folder, Clock.systemDefaultZone(), author, false));
    }
}
