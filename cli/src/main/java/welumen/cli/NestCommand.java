package welumen.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.StopSignal;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.files.json.BadFile;
import welumen.files.nest.PlanPicture;
import welumen.files.nest.PlanWriter;
import welumen.files.nest.ProblemReader;
import welumen.files.outside.Outside;

/** Lays pieces out on hides and rolls, from a file to a file. */
@Command(
        name = "nest",
        description = "Lays the pieces of PROBLEM.json out on its stock.",
        mixinStandardHelpOptions = true)
final class NestCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PROBLEM.json")
    private Path problemFile;

    @Option(names = "--seconds", defaultValue = "20", description = "how long to search (20)")
    private double seconds;

    @Option(names = "--rounds", description = "how many rounds to do at the most; repeats a run")
    private Long rounds;

    @Option(names = "--seed", defaultValue = "1", description = "where chance begins (1)")
    private long seed;

    @Option(names = "--out", paramLabel = "RESULT.json", description = "where the plan goes; else to standard output")
    private Path out;

    @Option(names = "--picture", paramLabel = "RESULT.svg", description = "where a picture goes")
    private Path picture;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws BadFile {
        var problem = ProblemReader.read(Outside.text(problemFile));
        var start = System.nanoTime();
        var plan = lay(problem);
        var took = Duration.ofNanos(System.nanoTime() - start);
        var faults = PlanCheck.faults(problem, plan.placements());
        if (!faults.isEmpty())
            throw new IllegalStateException(
                    "the plan is not valid: " + faults.getFirst().said());
        Map<Path, String> files = new LinkedHashMap<>();
        var text = PlanWriter.write(problem, plan, took);
        if (out != null) files.put(out, text);
        if (picture != null) files.put(picture, PlanPicture.svg(problem, plan));
        TextFiles.write(files);
        if (out == null) {
            PrintWriter print = spec.commandLine().getOut();
            print.print(text);
            if (print.checkError())
                throw new BadFile("The plan cannot be written to standard output: it takes no more.");
        }
        return 0;
    }

    private CutPlan lay(CutProblem problem) throws BadFile {
        if (!(seconds >= 0 && seconds <= 1e6))
            throw new BadFile("--seconds is %s, not from 0 to 1000000.".formatted(seconds));
        if (rounds != null && rounds < 1) throw new BadFile("--rounds is %d, below 1.".formatted(rounds));
        var options = new NestOptions(
                rounds == null ? Long.MAX_VALUE : rounds, Duration.ofNanos((long) (seconds * 1e9)), seed);
        try {
            return Nester.lay(problem, options, (_, _) -> {}, StopSignal.NEVER);
        } catch (IllegalArgumentException pinned) {
            throw new BadFile("/pinned: " + pinned.getMessage());
        }
    }
}
