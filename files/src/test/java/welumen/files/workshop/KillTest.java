package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.job.Job;
import welumen.journal.Note.Made;

/** Kills a program outright in the middle of a burst of entries, ten times over on one workshop; more in scripts/fuzz. */
class KillTest {
    @TempDir
    Path home;

    @Test
    void everyAcknowledgedEntryIsThereAfterAKill() throws IOException, InterruptedException {
        var random = new Random(20260414);
        for (var round = 0; round < Integer.getInteger("kill.rounds", 10); round++) {
            // a workshop of its own for each twenty, since all its entries are compared after each
            var folder = Files.createDirectories(home.resolve("workshop-" + round / 20));
            var acknowledged = burst(folder, random.nextInt(Burst.ENTRIES));
            try (var workshop = WorkshopFolder.open(folder)) {
                var journal = workshop.job(Burst.JOB, Clock.systemUTC());
                assertThat(journal.entries().size()).isGreaterThanOrEqualTo(acknowledged);
                var byHand = Job.EMPTY;
                for (var i = 0; i < journal.entries().size(); i++) {
                    var change = Burst.change(i + 1);
                    assertThat(journal.entries().get(i).note()).isEqualTo(new Made<>(change));
                    byHand = byHand.after(change);
                }
                assertThat(journal.state()).isEqualTo(byHand);
            }
        }
    }

    /** Starts a burst, kills it once so many entries are acknowledged, and returns the last number that was said. */
    private static int burst(Path folder, int kill) throws IOException, InterruptedException {
        var java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        var program = new ProcessBuilder(
                        java,
                        "-Xshare:auto",
                        "-XX:TieredStopAtLevel=1",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Burst.class.getName(),
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        var last = 0;
        var first = 0;
        try (var lines = program.inputReader()) {
            for (var line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.equals("ready")) continue;
                last = Integer.parseInt(line);
                if (first == 0) first = last;
                if (last - first >= kill)
                    program.toHandle().destroyForcibly(); // and read on, to the last that was said
            }
        }
        program.waitFor();
        return last;
    }
}
