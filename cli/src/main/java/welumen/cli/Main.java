package welumen.cli;

import java.io.PrintWriter;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import welumen.files.json.BadFile;
import welumen.files.workshop.LastWorkshop;
import welumen.journal.StoreException;

/** The program. Exit status 0 for done, 2 for bad input, 1 for a failure of the program. */
@Command(
        name = "welumen",
        description = "The workshop of the automotive trimmer.",
        mixinStandardHelpOptions = true,
        version = "Welumen 0.1.0",
        subcommands = {
            DemoCommand.class,
            OpenCommand.class,
            BeginCommand.class,
            NestCommand.class,
            PlanCommand.class,
            MixCommand.class,
            TraceCommand.class,
            RestoreCommand.class
        })
public final class Main implements Runnable {
    @Spec
    private CommandSpec spec;

    private Main() {}

    public static void main(String[] args) {
        try {
            System.exit(status(args));
        } catch (VirtualMachineError fault) { // too little memory, or too deep: to be said, not to be shown
            System.err.println("Welumen itself failed: %s. Please keep the file that led to it."
                    .formatted(fault.getClass().getSimpleName()));
            System.exit(1);
        }
    }

    private static int status(String[] args) {
        speakEnglish();
        var words = List.of(args);
        var asksForHelp = words.contains("--help") || words.contains("-h");
        return switch (asksForHelp ? "--help" : words.isEmpty() ? "" : words.getFirst()) {
            case "" -> last();
            case "demo" -> openWindow(new DemoCommand(), words);
            case "open" -> openWindow(new OpenCommand(), words);
            case "trace" -> alone(new TraceCommand(), words);
            default -> commandLine().execute(args);
        };
    }

    /** Sentences and figures are English on every computer; its country still tells the usual currency. */
    static void speakEnglish() {
        Locale.setDefault(Locale.Category.FORMAT, Locale.UK);
        Locale.setDefault(Locale.Category.DISPLAY, Locale.UK);
    }

    /** The last workshop where one was opened; else the door. */
    private static int last() {
        Thread.ofPlatform().daemon().start(Windows::wakeToolkit);
        try {
            return new LastWorkshop(UserData.folder())
                    .find()
                    .map(folder ->
                            Windows.show(Windows.Opening.own(folder, Clock.systemDefaultZone(), Optional.empty())))
                    .orElseGet(() -> Windows.atTheDoor(Optional.empty()));
        } catch (StoreException fault) {
            System.err.println(fault.getMessage());
            return 2;
        }
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
