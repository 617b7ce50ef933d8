package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.CustodyChange.SentAway;
import welumen.job.JobChange.InCustody;
import welumen.job.WorkStage;

/** The diary of the demo's three cars: what to do now, and when the car goes home. */
class DiaryWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.DIARY);
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    private String planned() {
        bench.click("leaf-days");
        bench.until(() -> bench.text("days-answer").contains("in 80 of 100"));
        return bench.text("days-answer");
    }

    /** What is on the leaf is what a trimmer would begin with; a press turns to where it is done. */
    @Test
    void whatCanBeBegunIsPressedAndDoneThere() {
        assertThat(bench.ask(() -> bench.robot.lookup("#now .label").<Label>queryAll().stream()
                        .map(Label::getText)
                        .toList()))
                .contains("Take off the dash switches")
                .noneMatch(text -> text.startsWith("Put back the left front seat"));
        bench.robot.clickOn("Take off the dash switches");
        bench.settle();
        assertThat(bench.ask(() -> bench.model().stageProperty().get())).isEqualTo(WorkStage.STRIP);
        assertThat(bench.ask(() -> bench.model().picked().orElseThrow().name())).isEqualTo("dash switches");
    }

    /** The day is said with its chance, what is left out with it; and it moves when a part comes back late. */
    @Test
    void aLatePartMovesTheDay() {
        var before = planned();
        assertThat(before).contains("in 80 of 100 runs", "agreed is Fri 12 Jun: it fits");
        assertThat(bench.text("days-left-out")).contains("nothing is chosen yet");
        bench.ask(() -> bench.model()
                .make(new InCustody(
                        new SentAway(new Away(new PartId("console"), "at the platers", LocalDate.of(2026, 7, 6))))));
        bench.until(() -> !bench.text("days-answer").equals(before)
                && bench.text("days-answer").contains("runs"));
        assertThat(bench.text("days-answer")).contains("it does not fit");
    }

    /** Each change is tried; what gains most stands first. What was told holds, and says so when it does not any more. */
    @Test
    void whatGainsDaysIsTriedAndWhatWasToldIsKept() {
        planned();
        assertThat(bench.text("days-decide")).startsWith("Decides the day: ").contains("of 100 runs");
        bench.click("days-tell");
        bench.until(() -> bench.text("days-told").endsWith("was told, and it holds."));
        bench.until(
                () -> bench.ask(() -> !bench.robot.lookup("#days-gain").query().isDisabled()));
        bench.click("days-gain");
        bench.until(() -> bench.ask(() -> bench.robot.lookup("#days-gains .label").<Label>queryAll().stream()
                .anyMatch(label -> label.getText().contains(" day"))));
    }

    /** Work is moved by the arrow keys: its start is fixed there, the plan keeps to it, and Backspace frees it. */
    @Test
    void aStartIsFixedByHand() {
        planned();
        bench.settle();
        Optional<Node> work = bench.ask(() -> bench.robot.lookup(".day-work").queryAll().stream()
                .filter(node -> !node.getStyleClass().contains("other-car") && node.isFocusTraversable())
                .max(Comparator.comparing(node -> node.getBoundsInParent().getWidth())));
        bench.ask(() -> {
            work.orElseThrow().requestFocus();
            return null;
        });
        bench.robot.press(KeyCode.RIGHT).release(KeyCode.RIGHT);
        bench.settle();
        var fixed = bench.ask(() -> Map.copyOf(bench.model().job().diary().fixed()));
        assertThat(fixed).hasSize(1);
        planned();
        bench.until(
                () -> bench.ask(() -> bench.robot.lookup(".day-tack").queryAll().size() == 1));
    }

    /** The days go out as a calendar, and as a table beside it. */
    @Test
    void theDaysAreSaved() throws IOException {
        planned();
        bench.click("save-days");
        var said = bench.text("days-saved");
        assertThat(said).startsWith("Saved to ").endsWith(".ics");
        var calendar = Path.of(said.substring("Saved to ".length()));
        assertThat(Files.readString(calendar)).contains("BEGIN:VEVENT", "By Bram");
        assertThat(calendar.resolveSibling(calendar.getFileName().toString().replace(".ics", ".csv")))
                .exists();
    }

    /** A page for each who works here, in the order of the day. */
    @Test
    void todayHasAPageForEach() {
        bench.click("leaf-today");
        bench.until(() -> bench.text("today-answer").startsWith("Today"));
        assertThat(bench.text("today-answer")).contains("3 pairs of hands", "most waits for one");
        assertThat(page("bram")).contains("Bram").anyMatch(text -> text.contains(" to 1"));
        var ivo = page("ivo");
        for (var i = 0; i < ivo.size(); i++)
            if (ivo.get(i).startsWith("Take off"))
                assertThat(ivo.get(i + 1))
                        .as("whoever only sews holds the other end")
                        .contains(", with ");
    }

    private List<String> page(String name) {
        return bench.ask(() -> bench.robot.lookup("#today-" + name + " .label").<Label>queryAll().stream()
                .map(Label::getText)
                .toList());
    }

    /** A strip for each who works here; a press on what lies there reads it, and picks its part. */
    @Test
    void whoDoesWhatLiesOnStrips() {
        planned();
        bench.settle();
        var names = bench.ask(() -> bench.robot.lookup("#days-felt .label").<Label>queryAll().stream()
                .map(Label::getText)
                .toList());
        assertThat(names).contains("Orla", "Bram", "Ivo", "hands off").doesNotContain("nobody free");
        Optional<Node> work = bench.ask(() -> bench.robot.lookup(".day-work").queryAll().stream()
                .filter(node -> !node.getStyleClass().contains("other-car"))
                .filter(node -> node.getBoundsInParent().getWidth() > 20)
                .findFirst());
        bench.robot.clickOn(work.orElseThrow());
        bench.settle();
        assertThat(bench.ask(() -> bench.robot.lookup("#days-felt .label").<Label>queryAll().stream()
                        .map(Label::getText)
                        .anyMatch(text -> text.contains("Selkie") && text.contains(" to "))))
                .isTrue();
    }
}
