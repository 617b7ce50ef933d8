package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
import welumen.measure.Length;
import welumen.yard.Beginning;

/** Makes an empty workshop, as the window does at its first start. */
@Command(
        name = "begin",
        description = "Begins a workshop in FOLDER, which must be new or empty.",
        mixinStandardHelpOptions = true)
final class BeginCommand implements Callable<Integer> {
    /** In what lengths are said. */
    enum Units {
        MM,
        INCH
    }

    @Parameters(paramLabel = "FOLDER")
    private Path folder;

    @Option(names = "--name", required = true, paramLabel = "NAME", description = "what the workshop is called")
    private String name;

    @Option(names = "--currency", paramLabel = "GBP", description = "in what money is counted, by its three letters")
    private String currency = "GBP";

    @Option(names = "--units", paramLabel = "mm|inch", description = "in what lengths are said")
    private Units units = Units.MM;

    @Option(names = "--person", paramLabel = "NAME", description = "who works there; may be said several times")
    private List<String> people = List.of();

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        WorkshopFolder.begin(
                folder,
                new Beginning(name(), money(), units == Units.INCH ? Length.Style.INCHES : Length.Style.METRIC, people),
                Clock.systemDefaultZone());
        spec.commandLine()
                .getOut()
                .println("%s is begun. Open it: welumen open \"%s\".".formatted(name.strip(), folder));
        return 0;
    }

    private String name() {
        if (name.isBlank()) throw new StoreException("--name says nothing. Give the workshop's name.");
        return name;
    }

    private Currency money() {
        try {
            return Currency.getInstance(currency.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw new StoreException(
                    "--currency is “%s”, which is none. Give its three letters, as GBP.".formatted(currency));
        }
    }
}
