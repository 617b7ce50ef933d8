package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import welumen.files.json.BadFile;
import welumen.files.outside.Outside;

/** Writing to what is no plain file, and reading from it. */
@EnabledOnOs(OS.LINUX)
class TextFilesTest {
    @TempDir
    private Path folder;

    @Test
    void aLinkIsWrittenThrough() throws Exception {
        var target = Files.writeString(folder.resolve("real.json"), "old");
        var link = Files.createSymbolicLink(folder.resolve("link.json"), target);
        TextFiles.write(Map.of(link, "new"));
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(target).hasContent("new");
        var loose = Files.createSymbolicLink(folder.resolve("loose.json"), Path.of("later.json"));
        TextFiles.write(Map.of(loose, "new"));
        assertThat(Files.isSymbolicLink(loose)).isTrue();
        assertThat(folder.resolve("later.json")).hasContent("new");
    }

    @Test
    void aDeviceIsNeverReplaced() throws Exception {
        TextFiles.write(Map.of(Path.of("/dev/null"), "nothing"));
        assertThat(Files.isRegularFile(Path.of("/dev/null"))).isFalse();
        assertThatThrownBy(() -> TextFiles.write(Map.of(Path.of("/dev/full"), "something")))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("cannot be written");
        assertThatThrownBy(() -> TextFiles.write(Map.of(folder, "something"))).hasMessageContaining("folder");
    }

    @Test
    void twoNamesOfOneFileAreRefusedAndNothingIsLeftBehind() throws IOException {
        var files = new LinkedHashMap<Path, String>();
        files.put(folder.resolve("plan"), "one");
        files.put(folder.resolve("../%s/plan".formatted(folder.getFileName())), "other");
        assertThatThrownBy(() -> TextFiles.write(files)).hasMessageContaining("is named twice");
        assertThat(folder).isEmptyDirectory();
    }

    /** As any other program would: not for its owner alone. */
    @Test
    void aNewFileHasTheUsualMode() throws Exception {
        var usual = Files.writeString(folder.resolve("usual"), "");
        TextFiles.write(Map.of(folder.resolve("ours"), "text"));
        assertThat(Files.getPosixFilePermissions(folder.resolve("ours")))
                .isEqualTo(Files.getPosixFilePermissions(usual))
                .contains(PosixFilePermission.OWNER_WRITE);
    }

    @Test
    void whatIsReadIsAFileOfText() throws Exception {
        var marked = Files.writeString(folder.resolve("marked"), "\uFEFF{}");
        assertThat(Outside.text(marked)).isEqualTo("{}");
        var latin = Files.write(folder.resolve("latin"), "Käfer".getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> Outside.text(latin)).hasMessageContaining("Save it as UTF-8");
        assertThatThrownBy(() -> Outside.text(Path.of("/dev/zero"))).hasMessageContaining("may never end");
        assertThatThrownBy(() -> Outside.text(folder)).hasMessageContaining("folder");
        assertThatThrownBy(() -> Outside.text(folder.resolve("none"))).hasMessageContaining("There is no file");
    }
}
