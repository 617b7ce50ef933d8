package welumen.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.UUID;
import welumen.files.workshop.WorkshopFolder;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.yard.YardChange.JobOpened;

/** A demo workshop of its own for every test, written once and copied; with a fourth job, of which nothing is known yet. */
public final class DemoCopy {
    /** The number of the job of which nothing is known. */
    public static final int EMPTY_JOB = 3;

    private static final Path WRITTEN = write();

    private DemoCopy() {}

    /** Copies it to a folder {@code demo} below this one. */
    public static Path into(Path home) {
        var copy = home.resolve("demo");
        try (var files = Files.walk(WRITTEN)) {
            for (var file : files.toList()) Files.copy(file, copy.resolve(WRITTEN.relativize(file)));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return copy;
    }

    private static Path write() {
        try {
            var folder = Files.createTempDirectory("welumen-demo").resolve("demo");
            DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
            try (var workshop = WorkshopFolder.open(folder)) {
                workshop.yard(Clock.systemUTC())
                        .make(new JobOpened(new UUID(0, 4), "A car not taken in yet", ""), "Ada");
            }
            return folder;
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
