package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoCommandTest {
    @TempDir
    Path folder;

    /** All in one, since the toolkit starts once in a process. */
    @Test
    void withoutAScreenEveryMainViewBecomesAPicture() throws IOException {
        var shots = folder.resolve("shots");
        var err = new StringWriter();
        var command = Main.commandLine().setErr(new PrintWriter(err));
        assertThat(command.execute(
                        "demo",
                        "--folder",
                        folder.resolve("demo").toString(),
                        "--shots",
                        shots.toString(),
                        "--size",
                        "9"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("1280x800");
        assertThat(folder.resolve("demo")).doesNotExist();
        var mine = Files.writeString(
                Files.createDirectories(folder.resolve("mine")).resolve("notes"), "mine");
        assertThat(command.execute("demo", "--folder", mine.getParent().toString(), "--shots", shots.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("holds something else: notes");
        assertThat(mine.getParent()).isDirectoryContaining(mine::equals).isDirectoryNotContaining("glob:**sqlite");
        assertThat(command.execute("demo", "--folder", folder.resolve("demo").toString(), "--shots", shots.toString()))
                .isZero();
        try (var files = Files.list(shots)) {
            var pictures = files.sorted().toList();
            assertThat(pictures).hasSize(58);
            for (var picture : pictures) {
                var image = ImageIO.read(picture.toFile());
                assertThat(image.getWidth()).isEqualTo(1280);
                assertThat(image.getHeight()).isEqualTo(800);
                assertThat(Files.size(picture)).as("%s is not blank", picture).isGreaterThan(30_000);
            }
        }
    }
}
