package welumen.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;

/**
 * From start to the first stage's answer painted, beside the time to paint a bare window, in turns in the same run. Each
 * is a process of its own; the time is the whole one, from its start to its word.
 *
 * <p>{@code scripts/bench startup [RUNS]} starts it with the program's own switches.
 */
final class StartUp {
    private StartUp() {}

    public static void main(String[] args) throws IOException {
        var runs = args.length > 0 ? Integer.parseInt(args[0]) : 7;
        var folder = Files.createTempDirectory("welumen-bench").resolve("demo");
        DemoWorkshop.fillIfNew(folder, DemoDay.USUAL);
        measure(runs, folder);
    }

    /** Opens a workshop again and again, beside a bare window. */
    static void measure(int runs, Path folder) throws IOException {
        var bare = new double[runs];
        var first = new double[runs];
        var whole = new double[runs];
        for (var run = -1; run < runs; run++) { // one to warm up
            var a = seconds(bareWindow());
            var b = seconds(List.of(System.getenv("WELUMEN"), "demo", "--folder", folder.toString(), "--once"));
            if (run < 0) continue;
            bare[run] = Objects.requireNonNull(a.get("answer painted"));
            first[run] = Objects.requireNonNull(b.get("answer painted"));
            whole[run] = Objects.requireNonNull(b.get("whole window painted"));
        }
        var ratios = new double[runs];
        for (var run = 0; run < runs; run++) ratios[run] = first[run] / bare[run];
        print("bare window, s", bare);
        print("first answer, s", first);
        print("whole window, s", whole);
        print("ratio", ratios);
    }

    private static List<String> bareWindow() {
        var command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(List.of(System.getenv("WELUMEN_SWITCHES").split("\n")));
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), BareWindow.class.getName()));
        return command;
    }

    /** Seconds from the start to each line that the process says. */
    private static Map<String, Double> seconds(List<String> command) throws IOException {
        var start = System.nanoTime();
        var process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        var times = new HashMap<String, Double>();
        try (var lines = process.inputReader()) {
            for (var line = lines.readLine(); line != null; line = lines.readLine())
                times.put(line, (System.nanoTime() - start) / 1e9);
        }
        if (!times.containsKey("answer painted")) throw new IOException(command + " ended without painting.");
        return times;
    }

    private static void print(String what, double[] values) {
        Arrays.sort(values);
        System.out.println(String.format(
                Locale.ROOT,
                "%-16s min %.2f  median %.2f  max %.2f",
                what,
                values[0],
                values[values.length / 2],
                values[values.length - 1]));
    }
}
