package welumen.desktop;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The main walk once more in a real window, on the virtual screen that {@code ./check} brings. */
@Tag("real-window")
class RealWindowTest {
    @TempDir
    Path home;

    @Test
    void theMainJobInARealWindow() throws IOException {
        try (var bench = Workbench.open(home)) {
            new MainWalk(bench).walk();
        }
    }
}
