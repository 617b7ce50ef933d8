package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.journal.StoreException;
import welumen.yard.YardChange.PersonJoined;

/** What is not as it was written is noticed, what was before it can be read, and nothing is written behind it. */
class DamageTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-04-14T13:53:00Z"), ZoneOffset.UTC);
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);

    @TempDir
    Path folder;

    @BeforeEach
    void work() {
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(CLOCK);
            for (var name : List.of("Ada", "Bram", "Corin", "Edda")) yard.make(new PersonJoined(name), "Ada");
            workshop.backUp(DAY);
        }
    }

    private void change(String sql) throws SQLException {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static List<String> examined(WorkshopFolder workshop) {
        return workshop.examine(UUID::toString, ZoneOffset.UTC);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "UPDATE entry SET body = replace(body, 'Corin', 'Coran') WHERE sequence = 3",
                "UPDATE entry SET author = 'Eve' WHERE sequence = 3",
                "UPDATE entry SET at = '2026-04-15T13:53:00Z' WHERE sequence = 3",
                "UPDATE entry SET body = '{' WHERE sequence = 3",
                "UPDATE entry SET sum = '' WHERE sequence = 3",
                "DELETE FROM entry WHERE sequence = 3"
            })
    void whateverIsChangedIsNoticedAndTheRestCanBeRead(String sql) throws SQLException {
        change(sql);
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(CLOCK);
            assertThat(yard.state().crew().people().all())
                    .extracting(person -> person.name())
                    .containsExactly("Ada", "Bram");
            assertThat(examined(workshop))
                    .first()
                    .asString()
                    .contains("what was written after it cannot be used")
                    .contains("stands as on 2026-04-14, to be read only")
                    .contains("The backup of 2026-04-14 has that entry whole: welumen restore");
            assertThat(workshop.damage(yard, "yard", ZoneOffset.UTC)).isPresent();
            assertThatThrownBy(() -> yard.make(new PersonJoined("Finn"), "Ada"))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("Nothing is written here any more");
        }
        new Backups(folder).restore(DAY, DAY.atTime(15, 0));
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(examined(workshop)).isEmpty();
            assertThat(workshop.yard(CLOCK).state().crew().people().all()).hasSize(4);
        }
    }

    /** An older file in the place of the journal is whole by itself. */
    @Test
    void whatIsMissingAtItsEndIsNoticed() throws IOException {
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.yard(CLOCK).make(new PersonJoined("Finn"), "Ada");
        }
        Files.copy(
                folder.resolve("backups/2026-04-14.sqlite"),
                folder.resolve("workshop.sqlite"),
                StandardCopyOption.REPLACE_EXISTING);
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(examined(workshop))
                    .singleElement()
                    .asString()
                    .startsWith("1 of the newest entries are missing from the journal, which ends on 2026-04-14")
                    .contains("The newest whole backup is of 2026-04-14");
            assertThat(workshop.yard(CLOCK).state().crew().people().all()).hasSize(4);
            workshop.yard(CLOCK).make(new PersonJoined("Gale"), "Ada");
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(examined(workshop))
                    .as("it has been told, and one has gone on")
                    .isEmpty();
        }
    }

    /** The log that SQLite had not played in yet, deleted. */
    @Test
    void aWriteAheadLogThatIsGoneIsNoticed(@TempDir Path killed) throws IOException {
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.yard(CLOCK).make(new PersonJoined("Finn"), "Ada");
            for (var name : List.of("workshop.sqlite", Witness.NAME))
                Files.copy(folder.resolve(name), killed.resolve(name));
        }
        try (var workshop = WorkshopFolder.open(killed)) {
            assertThat(examined(workshop)).singleElement().asString().contains("1 of the newest entries");
        }
    }

    /** Any one bit of the file: the workshop opens and says what is wrong, is refused in words, or is as it was. */
    @Test
    void anyFlippedBitIsNoticedOrDoesNoHarm(@TempDir Path bent) throws IOException {
        var whole = Files.readAllBytes(folder.resolve("workshop.sqlite"));
        var random = new Random(20260414);
        for (var round = 0; round < Integer.getInteger("flip.rounds", 200); round++) {
            var content = whole.clone();
            var at = random.nextInt(content.length);
            content[at] ^= (byte) (1 << random.nextInt(8));
            Files.write(bent.resolve("workshop.sqlite"), content);
            for (var name : List.of("workshop.sqlite-wal", "workshop.sqlite-shm", Witness.NAME))
                Files.deleteIfExists(bent.resolve(name));
            try (var workshop = WorkshopFolder.open(bent)) {
                var people = workshop.yard(CLOCK).state().crew().people().all();
                if (people.size() < 4)
                    assertThat(examined(workshop)).as("byte %d", at).isNotEmpty();
                else
                    assertThat(people)
                            .extracting(person -> person.name())
                            .containsExactly("Ada", "Bram", "Corin", "Edda");
            } catch (StoreException said) {
                assertThat(said.getMessage()).as("byte %d", at).isNotBlank();
            }
        }
    }

    /** Nothing is lost, so that nobody is sent to a backup for it. */
    @Test
    void anEntryOfANewerProgramIsNoDamage() throws SQLException {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var select = connection.createStatement();
                var last = select.executeQuery("SELECT " + Row.COLUMNS + " FROM entry WHERE sequence = 4");
                var insert = connection.prepareStatement(
                        "INSERT INTO entry (%s) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)".formatted(Row.COLUMNS))) {
            last.next();
            var row = Row.of(last);
            new Row(row.stream(), 5, row.at(), "Eve", "made", 9999, "{}", "", "")
                    .summed(row.sum())
                    .write(insert);
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThatThrownBy(() -> workshop.yard(CLOCK))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("written by a newer Welumen. Nothing is lost")
                    .hasMessageNotContaining("estore");
        }
    }
}
