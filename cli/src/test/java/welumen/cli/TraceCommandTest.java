package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.files.outline.OutlineReader;
import welumen.files.pattern.PatternDxf;
import welumen.standins.camera.FloorCameraStandin;
import welumen.standins.camera.FloorCameraStandin.Lying;

class TraceCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void listen() {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
    }

    private int run(String... words) {
        return Main.commandLine()
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute(words);
    }

    /** The stand-in's door card: its outline and holes as JSON, and as a drawing that is read again. */
    @Test
    void aPhotoBecomesAnOutlineAndADrawing() throws Exception {
        var photo = Files.write(folder.resolve("card.jpg"), new FloorCameraStandin().above("left door card"));
        var json = folder.resolve("card.json");
        var dxf = folder.resolve("card.dxf");
        assertThat(run("trace", photo.toString(), "--out", json.toString(), "--dxf", dxf.toString()))
                .isZero();
        var truth = Lying.CARD.shape();
        var area = truth.outline().area();
        assertThat(OutlineReader.read(Files.readString(json)).area()).isCloseTo(area, within(0.003 * area));
        var file = JsonMapper.builder().build().readTree(Files.readString(json));
        assertThat(file.at("/format").asText()).isEqualTo("welumen-outline/1");
        assertThat(file.at("/circles")).hasSize(3);
        assertThat(file.at("/holes")).hasSize(3);
        assertThat(file.at("/targets").asInt()).isEqualTo(8);
        assertThat(file.at("/residual").asDouble()).isLessThan(0.3);
        var drawn = PatternDxf.read(Files.readString(dxf), new PartId("card")).getFirst();
        assertThat(drawn.net().area()).isCloseTo(area, within(0.003 * area));
        assertThat(drawn.inside().piercings()).hasSize(3);
    }

    @Test
    void whatCannotBeTracedIsRefusedAndNothingIsWritten() throws Exception {
        var json = folder.resolve("out.json");
        var text = Files.writeString(folder.resolve("photo.jpg"), "no photo");
        assertThat(run("trace", text.toString(), "--out", json.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("photo.jpg").contains("cannot be read");
        assertThat(run("trace", folder.resolve("gone.jpg").toString())).isEqualTo(2);
        assertThat(run("trace", folder.toString())).isEqualTo(2);
        assertThat(run("trace", text.toString(), "--target", "-3")).isEqualTo(2);
        assertThat(err.toString())
                .contains("There is no file")
                .contains("is a folder")
                .contains("target");
        assertThat(json).doesNotExist();
    }
}
