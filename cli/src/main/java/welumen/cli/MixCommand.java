package welumen.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.colour.mix.Mixer;
import welumen.files.json.BadFile;
import welumen.files.mix.MixProblemReader;
import welumen.files.mix.MixResultWriter;
import welumen.files.outside.Outside;

/** Mixes tints to a colour, from a file to a file. */
@Command(
        name = "mix",
        description =
                "Says which tints of PROBLEM.json come to its colour, and how much of each; after a patch, what to add.",
        mixinStandardHelpOptions = true)
final class MixCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PROBLEM.json")
    private Path problemFile;

    @Option(names = "--out", paramLabel = "RESULT.json", description = "where the mix goes; else to standard output")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws BadFile {
        var problem = MixProblemReader.read(Outside.text(problemFile));
        var text = MixResultWriter.write(problem, Mixer.of(problem));
        if (out != null) {
            TextFiles.write(Map.of(out, text));
            return 0;
        }
        PrintWriter print = spec.commandLine().getOut();
        print.print(text);
        if (print.checkError()) throw new BadFile("The mix cannot be written to standard output: it takes no more.");
        return 0;
    }
}
