package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * A program that restores a backup is killed outright at its first, second, … call of the system that writes, renames or
 * syncs; scripts/fuzz does it where strace is at hand.
 */
@EnabledIfSystemProperty(named = "restore.killed", matches = "true")
class RestoreKillTest {
    private static final String CALLS =
            "openat,write,pwrite64,copy_file_range,sendfile,ftruncate,fsync,fdatasync,mkdir,rename,renameat2,unlink";
    private static final int KILLED = 128 + 9;

    @TempDir
    Path home;

    /** The program that is killed. */
    static final class Restores {
        private Restores() {}

        public static void main(String[] folder) throws IOException {
            var path = Path.of(folder[0]);
            Restore.begin(path, path.resolve("backups/2026-04-14.sqlite"), "before-restore-1", () -> {});
        }
    }

    @Test
    void whereverItIsKilledNoEntryIsLost() throws IOException, InterruptedException {
        var killed = RestoreTest.killedInTheEvening(home);
        var kills = 0;
        for (var call : CALLS.split(","))
            for (var number = 1; ; number++) {
                var folder = Files.createDirectories(home.resolve(call + "-" + number));
                RestoreTest.copy(killed, folder);
                var ended = restore(folder, call, number);
                RestoreTest.assertNothingIsLost(folder, "killed at %s no. %d".formatted(call, number));
                if (ended == 0) break;
                assertThat(ended).isEqualTo(KILLED);
                kills++;
            }
        System.out.printf("A restore was killed at %d calls of the system.%n", kills);
        assertThat(kills).isGreaterThan(15);
    }

    private static int restore(Path folder, String call, int number) throws IOException, InterruptedException {
        var command = new ArrayList<String>(List.of(
                "strace",
                "-f",
                "-qq",
                "-o",
                "/dev/null",
                "-e",
                "inject=%s:signal=KILL:when=%d".formatted(call, number)));
        touched(folder).forEach(path -> command.addAll(List.of("-P", path.toString())));
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                Restores.class.getName(),
                folder.toString()));
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }

    /** What a restore reads, writes or renames; calls on anything else are the machine's own. */
    private static Stream<Path> touched(Path folder) {
        var aside = folder.resolve("backups/before-restore-1");
        return Stream.of(
                        Stream.of(folder, aside, folder.resolve("backups/2026-04-14.sqlite")),
                        Stream.of("workshop.restore-half", "workshop.restoring-before-restore-1")
                                .map(folder::resolve),
                        Stream.of("workshop.sqlite", "workshop.sqlite-wal", "workshop.sqlite-shm", Witness.NAME)
                                .flatMap(name -> Stream.of(folder.resolve(name), aside.resolve(name))))
                .flatMap(paths -> paths);
    }
}
