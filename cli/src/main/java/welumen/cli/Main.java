package welumen.cli;

import java.io.PrintWriter;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import welumen.files.json.BadFile;
import welumen.journal.StoreException;

/** The program. Exit status 0 for done, 2 for bad input, 1 for a failure of the program. */
@Command(
        name = "welumen",
        description = "The workshop of the automotive trimmer.",
        mixinStandardHelpOptions = true,
        version = "Welumen 0.1.0",
        subcommands = {DemoCommand.class, OpenCommand.class, NestCommand.class, TraceCommand.class, RestoreCommand.class
        })
public final class Main implements Runnable {
    @Spec
    private CommandSpec spec;

    private Main() {}

    public static void main(String[] args) {
        var words = List.of(args);
        var asksForHelp = words.contains("--help") || words.contains("-h");
        System.exit(
                switch (words.isEmpty() || asksForHelp ? "" : words.getFirst()) {
                    case "demo" -> openWindow(new DemoCommand(), words);
                    case "open" -> openWindow(new OpenCommand(), words);
                    case "trace" -> alone(new TraceCommand(), words);
                    default -> commandLine().execute(args);
                });
    }

    /** The toolkit wakes while the words are read. */
    private static int openWindow(Object command, List<String> words) {
        Thread.ofPlatform().daemon().start(Windows::wakeToolkit);
        return alone(command, words);
    }

    /** The other commands, which take as long again, are left unread. */
    private static int alone(Object command, List<String> words) {
        return ready(new CommandLine(command))
                .setCommandName("welumen " + words.getFirst())
                .execute(words.stream().skip(1).toArray(String[]::new));
    }

    static CommandLine commandLine() {
        return ready(new CommandLine(new Main()));
    }

    private static CommandLine ready(CommandLine line) {
        return line.setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((fault, command, _) -> status(fault, command.getErr()));
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }

    private static int status(Exception fault, PrintWriter err) {
        if (fault instanceof BadFile || fault instanceof StoreException) {
            err.println(fault.getMessage());
            return 2;
        }
        err.println("Welumen itself failed: %s (%s). Please keep the file that led to it."
                .formatted(fault.getMessage(), fault.getClass().getSimpleName()));
        return 1;
    }
}
