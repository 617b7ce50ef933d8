package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;

/** Opens a workshop; where the folder is new or empty, offers to begin one there. */
@Command(
        name = "open",
        description = "Opens the workshop in FOLDER, or begins one in a new or empty folder.",
        mixinStandardHelpOptions = true)
final class OpenCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FOLDER")
    private Path folder;

    @Option(names = "--as", paramLabel = "NAME", description = "who works here")
    private @Nullable String author;

    @Override
    public Integer call() {
        if (WorkshopFolder.isOne(folder))
            return Windows.show(Windows.Opening.own(folder, Clock.systemDefaultZone(), Optional.ofNullable(author)));
        var other = WorkshopFolder.holds(folder);
        if (!other.isEmpty())
            throw new StoreException("[%s] is no workshop and not empty: it holds %s. Name a workshop, or a new folder."
                    .formatted(folder, String.join(", ", other)));
        return Windows.atTheDoor(Optional.of(folder));
    }
}
