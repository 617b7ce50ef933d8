package welumen.cli;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.geometry.Dimension2D;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import welumen.desktop.Shots;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
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

    @Option(names = "--size", paramLabel = "1280x800", description = "how large the pictures are")
    private String size = "1280x800";

    @Option(names = "--evening", description = "the pictures in the evening's colours")
    private boolean evening;

    @Option(names = "--text", paramLabel = "100", description = "size of the pictures' text in per cent, 100 to 200")
    private int text = 100;

    @Option(names = "--once", hidden = true, description = "end as soon as the window is painted")
    private boolean once;

    @Override
    public Integer call() {
        var options = options(); // refused before anything is written
        var kept = folder == null ? UserData.demo() : folder;
        var other = WorkshopFolder.isOne(kept) ? List.<String>of() : WorkshopFolder.holds(kept);
        if (!other.isEmpty())
            throw new StoreException("[%s] holds something else: %s. Choose a new or an empty folder for the demo."
                    .formatted(kept, String.join(", ", other)));
        DemoWorkshop.fillIfNew(kept.toAbsolutePath(), today);
        var opening = Windows.Opening.demo(kept, today, once);
        return shots == null ? Windows.show(opening) : Windows.shoot(opening, options);
    }

    private Shots.Options options() {
        if (!size.matches("\\d{3,4}x\\d{3,4}"))
            throw new StoreException("--size is “%s”. Give it as 1280x800.".formatted(size));
        var sides = size.split("x");
        return new Shots.Options(
                shots == null ? Path.of("") : shots,
                new Dimension2D(Integer.parseInt(sides[0]), Integer.parseInt(sides[1])),
                evening,
                Math.clamp(text, 100, 200));
    }
}
