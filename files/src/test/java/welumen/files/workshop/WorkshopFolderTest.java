package welumen.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.journal.StoreException;
import welumen.yard.Person;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.PersonJoined;
import welumen.yard.YardChange.WorkshopNamed;

class WorkshopFolderTest {
    private static final Clock CLOCK = Clock.systemUTC();
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);

    @TempDir
    Path folder;

    private void name(String name) {
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.yard(CLOCK).make(new WorkshopNamed(name), "Ada");
        }
    }

    private String name() {
        try (var workshop = WorkshopFolder.open(folder)) {
            return workshop.yard(CLOCK).state().name();
        }
    }

    @Test
    void whatWasDoneIsThereAfterARestartAndCanBeTakenBack() {
        name("Thimble Yard");
        try (var workshop = WorkshopFolder.open(folder)) {
            var journal = workshop.yard(CLOCK);
            journal.make(new PersonJoined("Ada"), "Ada");
            journal.make(new JobOpened(UUID.randomUUID(), "1963 Varrow Selkie", ""), "Ada");
            journal.takeBack("Ada");
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            var journal = workshop.yard(CLOCK);
            assertThat(journal.state().crew().people().all())
                    .extracting(Person::name)
                    .containsExactly("Ada");
            assertThat(journal.state().garage().all()).isEmpty();
            assertThat(journal.putBack("Ada")).isPresent();
            assertThat(journal.state().garage().all()).hasSize(1);
        }
    }

    @Test
    void twoProgramsCannotWriteOneWorkshop() {
        try (var _ = WorkshopFolder.open(folder)) {
            assertThatThrownBy(() -> WorkshopFolder.open(folder))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("open in another window");
        }
        assertThat(name()).isEmpty();
    }

    /** Whoever was there first takes it again before he writes; one of the two does not write. */
    @Test
    void aLockThatWasDeletedByHandIsTakenAnew() throws IOException {
        try (var first = WorkshopFolder.open(folder)) {
            var yard = first.yard(CLOCK);
            yard.make(new WorkshopNamed("Thimble Yard"), "Ada");
            Files.delete(folder.resolve("workshop.lock"));
            yard.make(new PersonJoined("Ada"), "Ada");
            assertThatThrownBy(() -> WorkshopFolder.open(folder)).hasMessageContaining("open in another window");
            Files.delete(folder.resolve("workshop.lock"));
            try (var _ = WorkshopLock.take(folder)) {
                assertThatThrownBy(() -> yard.make(new PersonJoined("Eve"), "Ada"))
                        .hasMessageContaining("open in another window");
            }
            yard.make(new PersonJoined("Bram"), "Ada");
            assertThat(yard.state().crew().people().all()).hasSize(2);
        }
    }

    @Test
    void aNewerWorkshopIsOpenedForReadingOnly() throws SQLException {
        name("Thimble Yard");
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute("PRAGMA user_version = 99");
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            assertThat(workshop.isReadOnly()).isTrue();
            var journal = workshop.yard(CLOCK);
            assertThat(journal.state().name()).isEqualTo("Thimble Yard");
            assertThatThrownBy(() -> journal.make(new PersonJoined("Ada"), "Ada"))
                    .hasMessageContaining("reading only");
        }
    }

    @Test
    void aDamagedFileIsNamedWithWhatToDo() throws IOException {
        name("Thimble Yard");
        Files.writeString(folder.resolve("workshop.sqlite"), "this is no database at all, only some text ".repeat(200));
        assertThatThrownBy(() -> WorkshopFolder.open(folder))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("workshop.sqlite")
                .hasMessageContaining("Restore a backup");
    }

    @Test
    void aDamagedEntryIsNamedAndNothingIsLost() throws SQLException {
        name("Thimble Yard");
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("workshop.sqlite"));
                var statement = connection.createStatement()) {
            statement.execute("UPDATE entry SET body = '{\"is\":\"workshop-named\"}'");
        }
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(CLOCK);
            assertThat(yard.damage().orElseThrow().sequence()).isEqualTo(1);
            assertThat(yard.entries()).isEmpty();
        }
    }

    @Test
    void aBackupIsMadeOnceADayAndRestored() {
        name("Morning");
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.backUp(DAY);
        }
        name("Evening");
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.backUp(DAY); // there is one already
        }
        var backups = new Backups(folder);
        assertThat(backups.days()).containsExactly(DAY);
        var aside = backups.restore(DAY, LocalDateTime.of(2026, 4, 14, 15, 0));
        assertThat(name()).isEqualTo("Morning");
        assertThat(aside.resolve("workshop.sqlite")).exists();
    }

    @Test
    void aRestoreThatWasCutOffIsEnded() throws IOException {
        name("Thimble Yard");
        Files.move(folder.resolve("workshop.sqlite"), folder.resolve("workshop.restoring"));
        assertThat(name()).isEqualTo("Thimble Yard");
    }

    @Test
    void anOpenWorkshopOrAnUnknownDayIsNotRestored() {
        var backups = new Backups(folder);
        name("Thimble Yard");
        assertThatThrownBy(() -> backups.restore(DAY, LocalDateTime.MIN)).hasMessageContaining("There are: none");
        try (var workshop = WorkshopFolder.open(folder)) {
            workshop.backUp(DAY);
            assertThatThrownBy(() -> backups.restore(DAY, LocalDateTime.MIN))
                    .hasMessageContaining("open in another window");
        }
    }

    @Test
    void aPhotoIsKeptOnceUnderItsContent() throws IOException {
        var picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4, 3, BufferedImage.TYPE_INT_RGB), "png", picture);
        try (var workshop = WorkshopFolder.open(folder)) {
            var hash = workshop.photos().keep(picture.toByteArray(), "sill.png");
            assertThat(workshop.photos().keep(picture.toByteArray(), "again.png"))
                    .isEqualTo(hash);
            assertThat(Files.readAllBytes(workshop.photos().file(hash))).isEqualTo(picture.toByteArray());
            assertThatThrownBy(() -> workshop.photos().keep(new byte[] {1, 2, 3}, "broken.jpg"))
                    .hasMessageContaining("broken.jpg");
        }
    }
}
