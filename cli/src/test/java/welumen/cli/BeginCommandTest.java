package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.files.workshop.LastWorkshop;
import welumen.files.workshop.WorkshopFolder;
import welumen.measure.Length;
import welumen.yard.Person;

class BeginCommandTest {
    @TempDir
    Path home;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... words) {
        return Main.commandLine()
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words);
    }

    @Test
    void anEmptyWorkshopIsMade() {
        var folder = home.resolve("wharf");
        assertThat(run(
                        "begin",
                        folder.toString(),
                        "--name",
                        "Lantern Wharf",
                        "--currency",
                        "chf",
                        "--units",
                        "inch",
                        "--person",
                        "Ada",
                        "--person",
                        "Bram"))
                .isZero();
        assertThat(out.toString()).contains("Lantern Wharf is begun");
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(Clock.systemUTC()).state();
            assertThat(yard.name()).isEqualTo("Lantern Wharf");
            assertThat(yard.counting().currency().getCurrencyCode()).isEqualTo("CHF");
            assertThat(yard.counting().lengths()).isEqualTo(Length.Style.INCHES);
            assertThat(yard.crew().people().all()).extracting(Person::name).containsExactly("Ada", "Bram");
            assertThat(yard.garage().all()).isEmpty();
        }
    }

    @Test
    void aFolderThatHoldsAnythingElseIsRefusedAndLeftAsItWas() throws IOException {
        Files.writeString(home.resolve("letters.txt"), "mine");
        assertThat(run("begin", home.toString(), "--name", "Lantern Wharf")).isEqualTo(2);
        assertThat(err.toString()).contains("holds something else: letters.txt");
        assertThat(run("open", home.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("no workshop and not empty");
        try (var files = Files.list(home)) {
            assertThat(files).hasSize(1);
        }
    }

    @Test
    void aWorkshopIsNotBegunTwiceAndWrongWordsAreRefusedByName() {
        var folder = home.resolve("wharf");
        assertThat(run("begin", folder.toString(), "--name", "Lantern Wharf")).isZero();
        assertThat(run("begin", folder.toString(), "--name", "Another")).isEqualTo(2);
        assertThat(err.toString()).contains("is a workshop already");
        assertThat(run("begin", home.resolve("b").toString(), "--name", " ")).isEqualTo(2);
        assertThat(run("begin", home.resolve("b").toString(), "--name", "B", "--currency", "francs"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("--currency is “francs”");
        assertThat(run("begin", home.resolve("b").toString(), "--name", "B", "--units", "ells"))
                .isEqualTo(2);
        assertThat(home.resolve("b")).doesNotExist();
    }

    /** What was opened last is found again; what is gone since, or never was, is not. */
    @Test
    void theLastWorkshopIsRemembered() throws IOException {
        var last = new LastWorkshop(home.resolve("data"));
        assertThat(last.find()).isEmpty();
        var folder = home.resolve("wharf");
        run("begin", folder.toString(), "--name", "Lantern Wharf");
        last.keep(folder);
        assertThat(new LastWorkshop(home.resolve("data")).find()).contains(folder);
        Files.delete(folder.resolve("workshop.sqlite"));
        assertThat(last.find()).isEmpty();
    }
}
