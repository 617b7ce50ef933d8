package welumen.cli;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;

/** Opens the demo workshop; writes it first where there is none. */
@Command(name = "demo", description = "Opens the demo workshop.", mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
    @Option(names = "--folder", description = "where the demo is kept (in the user's data folder)")
    private Path folder;

    @Option(names = "--today", paramLabel = "2026-04-14", description = "the day on which the demo stands")
    private LocalDate today = DemoDay.USUAL;

    @Option(names = "--shots", paramLabel = "DIR", description = "write every main view as a PNG there, and end")
    private Path shots;

    @Option(names = "--once", hidden = true, description = "end as soon as the window is painted")
    private boolean once;

    @Override
    public Integer call() {
        var kept = folder == null ? usualFolder() : folder;
        DemoWorkshop.fillIfNew(kept.toAbsolutePath(), today);
        return Windows.show(new Windows.Opening(kept, DemoDay.clock(today), DemoWorkshop.PERSON, once), shots);
    }

    private static Path usualFolder() {
        var data = System.getenv("XDG_DATA_HOME");
        var home = data == null || data.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(data);
        return home.resolve("welumen").resolve("demo");
    }
}
