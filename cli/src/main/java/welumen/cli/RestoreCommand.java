package welumen.cli;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.files.workshop.Backups;

/** Lists the backups of a workshop, or puts it back to one of them. */
@Command(
        name = "restore",
        description = "Lists a workshop's backups, or restores one.",
        mixinStandardHelpOptions = true)
final class RestoreCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FOLDER")
    private Path folder;

    @Option(names = "--day", paramLabel = "2026-04-14", description = "the day whose backup is restored")
    private LocalDate day;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        var out = spec.commandLine().getOut();
        var backups = new Backups(folder);
        if (day == null) {
            if (backups.days().isEmpty()) out.println("There is no backup in [%s].".formatted(folder));
            for (var one : backups.days())
                out.println(one
                        + backups.fault(one)
                                .map(why -> "  cannot be restored: " + why)
                                .orElse(""));
        } else
            out.println("The workshop stands as it did on %s. What stood until now lies in [%s]."
                    .formatted(day, backups.restore(day, LocalDateTime.now())));
        return 0;
    }
}
