package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.job.JobChange;
import welumen.journal.AnotherCameFirst;
import welumen.journal.Damage;
import welumen.journal.Entry;
import welumen.journal.EntryStore.Addition;
import welumen.journal.Note.Made;
import welumen.journal.Note.TakenBack;
import welumen.yard.Yard;
import welumen.yard.YardChange;
import welumen.yard.YardChange.PersonJoined;

class StoreTest {
    private static final UUID JOB = new UUID(3, 4);
    private static final Instant NOW = Instant.parse("2026-04-14T13:53:00.123456Z");

    @TempDir
    Path folder;

    private SqliteEntryStore store;

    @BeforeEach
    void open() {
        store = SqliteEntryStore.open(folder.resolve("workshop.sqlite"));
    }

    @AfterEach
    void close() {
        store.close();
    }

    private static Addition<YardChange> joined(long sequence, String name) {
        return new Addition<>(Yard.STREAM, new Entry<>(sequence, NOW, "Ada", new Made<>(new PersonJoined(name))));
    }

    @Test
    void entriesComeBackInTheirOrderToTheMicrosecond() {
        store.append(List.of(joined(1, "Ada"), joined(2, "Björn “B” Ünlü")));
        store.append(List.of(new Addition<YardChange>(Yard.STREAM, new Entry<>(3, NOW, "Ada", new TakenBack<>(2)))));
        var entries = store.entries(Yard.STREAM, YardChange.class);
        assertThat(entries).extracting(Entry::sequence).containsExactly(1L, 2L, 3L);
        assertThat(entries.get(1).note()).isEqualTo(new Made<>(new PersonJoined("Björn “B” Ünlü")));
        assertThat(entries.get(2)).isEqualTo(new Entry<YardChange>(3, NOW, "Ada", new TakenBack<>(2)));
        assertThat(store.entries(JOB, JobChange.class)).isEmpty();
    }

    /** What touches the workshop and a job is one transaction over both. */
    @Test
    void allOfAnAppendIsWrittenOrNone() {
        store.append(List.of(joined(1, "Ada")));
        var job = new Addition<JobChange>(JOB, new Entry<>(1, NOW, "Ada", new TakenBack<>(1)));
        assertThatThrownBy(() -> store.append(List.of(job, joined(1, "Eve"))))
                .isInstanceOf(AnotherCameFirst.class)
                .hasMessageContaining("somebody else wrote first");
        assertThat(store.entries(JOB, JobChange.class)).isEmpty();
        assertThat(store.entries(Yard.STREAM, YardChange.class)).hasSize(1);
    }

    /** What is one action with an entry of another log is named beside it; a damaged name is called out. */
    @Test
    void whatWasWrittenBesideIsKeptAndEverybodyHearsOfIt() throws java.sql.SQLException {
        var heard = new java.util.ArrayList<UUID>();
        store.hear(heard::add);
        var beside = List.of(new Entry.Place(JOB, 7));
        store.append(List.of(new Addition<YardChange>(
                Yard.STREAM, new Entry<>(1, NOW, "Ada", new Made<>(new PersonJoined("Ada")), beside))));
        assertThat(heard).containsExactly(Yard.STREAM);
        assertThat(store.entries(Yard.STREAM, YardChange.class).getFirst().beside())
                .isEqualTo(beside);
        assertThat(store.entriesAfter(Yard.STREAM, 1, YardChange.class)).isEmpty();
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute("UPDATE entry SET beside = 'nowhere'");
        }
        assertThat(store.entries(Yard.STREAM, YardChange.class)).isEmpty();
        assertThat(store.damage(Yard.STREAM)).contains(new Damage(1, "it is not as it was written"));
    }

    @Test
    void aCopyIsAWholeWorkshop() {
        store.append(List.of(joined(1, "Ada")));
        store.copyTo(folder.resolve("copy.sqlite"));
        try (var copy = SqliteEntryStore.open(folder.resolve("copy.sqlite"))) {
            assertThat(copy.entries(Yard.STREAM, YardChange.class)).hasSize(1);
            assertThat(copy.isReadOnly()).isFalse();
        }
        assertThatThrownBy(() -> store.copyTo(folder.resolve("no").resolve("where")))
                .hasMessageContaining("No backup could be written");
    }

    @Test
    void onlyTheNewestThirtyBackupsAreKept() throws IOException {
        var backups = new Backups(folder);
        var first = LocalDate.of(2026, 3, 1);
        for (var day = 0; day < 33; day++) backups.make(store, first.plusDays(day));
        assertThat(backups.days()).hasSize(30).first().isEqualTo(first.plusDays(32));
        assertThat(backups.days()).last().isEqualTo(first.plusDays(3));
        try (var files = Files.list(folder.resolve("backups"))) {
            assertThat(files.map(Path::toString)).noneMatch(name -> name.endsWith(".half"));
        }
    }

    @Test
    void aDamagedTakingBackIsCalledOut() {
        store.append(List.of(joined(1, "Ada")));
        assertThat(store.entries(Yard.STREAM, JobChange.class)).isEmpty();
        assertThat(store.damage(Yard.STREAM).orElseThrow().why()).contains("person-joined");
    }

    /** A long log is read on all cores, in its order all the same; of two damaged entries the first is named. */
    @Test
    void aLongLogComesBackInItsOrderAndNamesItsFirstFault() throws java.sql.SQLException {
        var many = new java.util.ArrayList<Addition<?>>();
        for (var i = 1; i <= 900; i++) many.add(joined(i, "person " + i));
        store.append(many);
        var entries = store.entries(Yard.STREAM, YardChange.class);
        assertThat(entries).hasSize(900);
        for (var i = 0; i < 900; i++)
            assertThat(entries.get(i).note()).isEqualTo(new Made<>(new PersonJoined("person " + (i + 1))));
        try (var connection = java.sql.DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute("UPDATE entry SET body = '{' WHERE sequence IN (411, 880)");
        }
        assertThat(store.entries(Yard.STREAM, YardChange.class)).hasSize(410);
        assertThat(store.damage(Yard.STREAM).orElseThrow().sequence()).isEqualTo(411);
    }
}
