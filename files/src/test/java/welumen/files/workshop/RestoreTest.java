package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.yard.YardChange.WorkshopNamed;

/** A restore is cut off after each of its steps, with a write-ahead log that was never played in. */
class RestoreTest {
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 4, 14, 15, 0);
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-04-14T13:53:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private Path killed;

    /** As a program leaves it that is killed in the evening: the evening's entry is in the log alone. */
    @BeforeEach
    void workUntilTheEvening() throws IOException {
        killed = killedInTheEvening(home);
    }

    static Path killedInTheEvening(Path home) throws IOException {
        var folder = Files.createDirectories(home.resolve("worked"));
        name(folder, "Morning");
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.backUp(DAY);
        }
        var killed = Files.createDirectories(home.resolve("killed"));
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.yard(CLOCK).make(new WorkshopNamed("Evening"), "Ada");
            copy(folder, killed);
        }
        assertThat(Files.size(killed.resolve("workshop.sqlite-wal"))).isPositive();
        return killed;
    }

    static void copy(Path from, Path to) throws IOException {
        try (var files = Files.walk(from)) {
            for (var file : files.toList()) {
                var there = to.resolve(from.relativize(file).toString());
                if (Files.isDirectory(file)) Files.createDirectories(there);
                else if (!file.toString().endsWith(".lock")) Files.copy(file, there);
            }
        }
    }

    private static void name(Path folder, String name) {
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.yard(CLOCK).make(new WorkshopNamed(name), "Ada");
        }
    }

    private static String name(Path folder) {
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(workshop.examine(String::valueOf, ZoneOffset.UTC)).isEmpty();
            return workshop.yard(CLOCK).state().name();
        }
    }

    private static final class Killed extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    /** Cuts a restore off after so many steps; whether it was cut off at all. */
    private static boolean cutOff(Path folder, int after) throws IOException {
        var left = new int[] {after};
        try {
            Restore.begin(folder, folder.resolve("backups/2026-04-14.sqlite"), "before-restore-1", () -> {
                if (left[0]-- == 0) throw new Killed();
            });
            return false;
        } catch (Killed killed) {
            return true;
        }
    }

    @Test
    void whereverItIsCutOffNoEntryIsLost() throws IOException {
        var steps = 0;
        for (var isCut = true; isCut; steps++) {
            var folder = Files.createDirectories(home.resolve("restored-" + steps));
            copy(killed, folder);
            isCut = cutOff(folder, steps);
            assertNothingIsLost(folder, "after %d steps".formatted(steps));
        }
        assertThat(steps).as("cut off everywhere, and then not at all").isGreaterThan(8);
    }

    /** It is the one or the other, whole; and where it is the backup, the evening stands aside. */
    static void assertNothingIsLost(Path folder, String cut) {
        var now = name(folder);
        assertThat(now).as(cut).isIn("Morning", "Evening");
        var aside = folder.resolve("backups/before-restore-1");
        if (now.equals("Morning"))
            assertThat(name(aside)).as("what stood until then, " + cut).isEqualTo("Evening");
        assertThat(folder).isDirectoryNotContaining("glob:**restor*");
    }

    @Test
    void aRestoreThatIsBegunMakesTheFolderAWorkshopYet() throws IOException {
        cutOff(killed, 7);
        assertThat(killed.resolve("workshop.sqlite")).doesNotExist();
        assertThat(WorkshopFolder.isOne(killed)).isTrue();
    }

    @Test
    void aBackupThatIsNotWholeIsRefusedByName() throws IOException {
        var backups = new Backups(killed);
        Files.write(killed.resolve("backups/2026-04-12.sqlite"), new byte[0]);
        Files.writeString(killed.resolve("backups/2026-04-11.sqlite"), "SQLite format 3\0 is how it begins");
        Files.writeString(killed.resolve("backups/2026-13-45.sqlite"), "no day");
        var whole = Files.readAllBytes(killed.resolve("backups/2026-04-14.sqlite"));
        var at = indexOf(whole, "Morning");
        whole[at] ^= 1;
        Files.write(killed.resolve("backups/2026-04-13.sqlite"), whole);
        assertThat(backups.days())
                .containsExactly(DAY, LocalDate.of(2026, 4, 13), LocalDate.of(2026, 4, 12), LocalDate.of(2026, 4, 11));
        for (var day : List.of("2026-04-13", "2026-04-12", "2026-04-11"))
            assertThatThrownBy(() -> backups.restore(LocalDate.parse(day), NOW))
                    .hasMessageContaining("The backup of %s is not restored".formatted(day))
                    .hasMessageContaining("nothing was changed");
        assertThat(name(killed)).isEqualTo("Evening");
        backups.restore(DAY, NOW);
        assertThat(name(killed)).isEqualTo("Morning");
    }

    static int indexOf(byte[] content, String words) {
        for (var i = 0; i + words.length() < content.length; i++) {
            var isThere = true;
            for (var k = 0; k < words.length() && isThere; k++) isThere = content[i + k] == words.charAt(k);
            if (isThere) return i;
        }
        throw new AssertionError("“%s” is not in it".formatted(words));
    }
}
