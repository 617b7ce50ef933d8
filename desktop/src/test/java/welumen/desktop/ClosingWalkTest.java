package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.job.WorkStage;

/** What a part buries is said before it goes back, and passed in somebody's name. */
class ClosingWalkTest {

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.REFIT);
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    private List<String> closing() {
        return bench.ask(() -> bench.robot.lookup("#closing .label").<Label>queryAll().stream()
                .map(Label::getText)
                .toList());
    }

    @Test
    void whatNobodyHasLookedAtIsPassedByName() {
        bench.pick("right-front-seat");
        assertThat(closing())
                .anyMatch(text -> text.startsWith("It buries ") && text.endsWith(" places at which nobody has looked"))
                .anyMatch(text -> text.contains("to get at it about 55 min now, about 1 h 36 min from tomorrow"));
        bench.click("look-passed");
        assertThat(closing()).contains("Tick how it was looked at.");
        bench.click("look-press");
        bench.click("look-passed");
        assertThat(bench.ask(() -> bench.model().job().diary().looks().values().stream()
                        .map(look -> look.by())
                        .distinct()
                        .toList()))
                .containsExactly("Orla");
        assertThat(closing()).noneMatch(text -> text.startsWith("It buries "));
    }

    /** How much can be sprayed and laid at once, and how cold slows it. */
    @Test
    void aClockSaysFromWhenUntilWhenAndHowMuch() {
        bench.pick("console");
        assertThat(bench.text("clock-says"))
                .as("at the 18 °C of this workshop")
                .startsWith("Lay from 9 min to 34 min; no more than 5.2 m² at once");
        bench.type("celsius", "10");
        assertThat(bench.text("clock-says")).startsWith("Lay from 16 min to 1 h; no more than ");
        bench.click("start-clock");
        assertThat(bench.ask(() -> bench.model()
                        .job()
                        .clocks()
                        .running()
                        .getLast()
                        .latest()
                        .toMinutes()))
                .isEqualTo(60);
    }
}
