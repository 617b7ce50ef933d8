package welumen.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import welumen.files.json.BadFile;
import welumen.files.outside.Outside;
import welumen.files.plan.PlanProblemReader;
import welumen.files.plan.PlanResultWriter;
import welumen.schedule.Net;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.forecast.Forecaster;
import welumen.schedule.planner.Planner;

/** Plans tasks on people, machines and places, from a file to a file. */
@Command(
        name = "plan",
        description = "Plans the tasks of PLAN.json so that all ends as early as can be, and says how sure that is.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PLAN.json")
    private Path problemFile;

    @Option(names = "--seconds", defaultValue = "10", description = "how long to search (10)")
    private double seconds;

    @Option(names = "--seed", defaultValue = "1", description = "where chance begins (1)")
    private long seed;

    @Option(names = "--out", paramLabel = "RESULT.json", description = "where the plan goes; else to standard output")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws BadFile {
        if (!(seconds >= 0 && seconds <= 1e6))
            throw new BadFile("--seconds is %s, not from 0 to 1000000.".formatted(seconds));
        var text = planned(PlanProblemReader.read(Outside.text(problemFile)));
        if (out != null) {
            TextFiles.write(Map.of(out, text));
            return 0;
        }
        PrintWriter print = spec.commandLine().getOut();
        print.print(text);
        if (print.checkError()) throw new BadFile("The plan cannot be written to standard output: it takes no more.");
        return 0;
    }

    private String planned(ScheduleProblem problem) throws BadFile {
        try {
            var net = new Net(problem);
            var time = Duration.ofMillis((long) (seconds * 1000));
            var schedule = Planner.plan(problem, time, seed, _ -> {}, () -> false);
            return PlanResultWriter.write(
                    problem, schedule, Forecaster.of(net, schedule, Map.of(), Forecaster.runs(net), seed));
        } catch (IllegalArgumentException never) {
            throw new BadFile("/tasks: " + never.getMessage());
        }
    }
}
