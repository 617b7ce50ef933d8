package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.job.WorkStage;

/** Something is found, slips, or somebody is away: what it does is seen before it is so. */
class WhatIfWalkTest {
    private static final PartId FLOOR = new PartId("right-front-floor");

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.DIARY);
        bench.click("leaf-what-if");
    }

    @AfterEach
    void close() throws Exception {
        bench.close();
    }

    private void suppose(String text) {
        bench.typeAndEnter("what-if", text);
        bench.until(() -> bench.text("what-if-answer").contains("the car is ready on"));
    }

    private List<String> section(String id) {
        return bench.texts("#what-if-" + id + " .label");
    }

    /** A hole under what is back in the car: what stops, what comes off again, what goes on, the days of all three cars. */
    @Test
    void aHoleUnderWhatIsBack() {
        suppose("rust hole 40 mm under the right front floor");

        assertThat(bench.text("what-if-answer")).startsWith("It stops 14 things; the car is ready on ");
        assertThat(section("the-days")).hasSize(4).anyMatch(text -> text.startsWith("1971 Pellin Dunnock"));
        assertThat(section("stops"))
                .anyMatch(text -> text.contains("rust through: taken to last 8 working days"))
                .anyMatch(text -> text.contains("The body shop mends it"))
                .anyMatch(text -> text.contains("Look at the left front floor too"));
        assertThat(section("comes-off-again"))
                .anyMatch(text -> text.contains("right front carpet"))
                .anyMatch(text -> text.contains("lost: the bond of its glue"));
        assertThat(section("goes-on-meanwhile")).anyMatch(text -> text.contains("Take off the left front door seal"));
        assertThat(section("what-it-costs")).anyMatch(text -> text.startsWith("1.6 h more"));
        bench.click("what-if-letter");
        bench.until(() -> bench.text("what-if-saved").endsWith(".pdf"));
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(FLOOR)))
                .as("the job is not touched")
                .isFalse();
    }

    /** It is kept beside the plan, comes about, and is taken back. */
    @Test
    void whatIsKeptComesAbout() {
        suppose("rust hole 40 mm under the right front floor");
        bench.click("keep-it");
        assertThat(bench.ask(() -> bench.model().job().ifs().all())).hasSize(1);
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(FLOOR))).isFalse();
        bench.robot.clickOn("See what it does");
        bench.until(() -> bench.text("what-if-answer").startsWith("It stops 14 things; the car is ready on"));
        bench.click("it-is-so");
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(FLOOR))).isTrue();
        assertThat(bench.ask(() -> bench.model().job().ifs().all())).isEmpty();
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(FLOOR))).isFalse();
        assertThat(bench.ask(() -> bench.model().job().ifs().all())).hasSize(1);
    }

    /** Somebody is away for a week; and what it does not understand it says. */
    @Test
    void somebodyIsAway() {
        bench.typeAndEnter("what-if", "the moon comes 4 May");
        assertThat(bench.text("what-if-wrong")).startsWith("Nothing that is awaited is called “the moon”");
        bench.robot.press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        suppose("Ivo away 20 Apr to 24 Apr");
        assertThat(section("stops")).isEmpty();
        bench.click("it-is-so");
        assertThat(bench.ask(() -> bench.model()
                        .yard()
                        .state()
                        .crew()
                        .people()
                        .findOne("Ivo")
                        .orElseThrow()
                        .worksOn(LocalDate.of(2026, 4, 21))))
                .isFalse();
    }

    /** Whom to ask and what else is said beside the day; a week later is one press, and stands beside what was asked before. */
    @Test
    void aWaitHasWhomToAskAndAnotherWay() {
        suppose("rust hole 40 mm under the right front floor");
        bench.click("leaf-now");
        var awaited = bench.ask(() -> bench.robot.lookup(".text-field").queryAll().stream()
                .map(node -> String.valueOf(node.getId()))
                .filter(id -> id.startsWith("comes-held"))
                .findFirst()
                .orElseThrow());
        bench.reveal(awaited);
        bench.typeAndEnter(awaited, "in 2 weeks, the body shop, else weld it here");
        assertThat(bench.texts("#waiting .label"))
                .anyMatch(text -> text.equals(
                        "Promised for Tue 28 Apr by the body shop, said on Tue 14 Apr. Else: weld it here."));
        bench.click(awaited.replaceFirst("comes", "later"));
        bench.until(() -> bench.text("what-if-answer").contains("the car is ready on"));
        assertThat(section("the-days")).isNotEmpty();
        suppose("rust hole 40 mm under the right front floor");
        assertThat(bench.texts("#side-by-side .label"))
                .contains("Side by side", "Stops", "Lost for good")
                .anyMatch(text -> text.equals("Rust through, 40 mm, on the right front floor"))
                .anyMatch(text -> text.contains("Tue 5 May"));
    }

    /** A day is typed where something is awaited; what it decides moves with it. */
    @Test
    void aDayIsPromised() {
        bench.click("leaf-now");
        var awaited = bench.ask(() -> bench.robot.lookup(".text-field").queryAll().stream()
                .map(node -> String.valueOf(node.getId()))
                .filter(id -> id.startsWith("comes-held"))
                .findFirst()
                .orElseThrow());
        bench.reveal(awaited);
        bench.typeAndEnter(awaited, "in 2 weeks");
        bench.until(() -> bench.model().ready().dayProperty().get().isPresent());
        var ready = bench.ask(() -> bench.model().ready().dayProperty().get().orElseThrow());
        bench.reveal(awaited);
        bench.typeAndEnter(awaited, "in 9 weeks");
        bench.until(
                () -> bench.model().ready().dayProperty().get().orElseThrow().isAfter(ready.plusWeeks(4)));
        assertThat(bench.ask(() -> bench.robot.lookup(".ready-day").<Label>queryAll().stream()
                        .map(Label::getText)
                        .filter(text -> !text.isEmpty())
                        .toList()))
                .as("the mark on the tape")
                .hasSize(1);
        assertThat(bench.ask(() -> bench.model().job().diary().promises())).hasSize(1);
        assertThat(bench.texts("#waiting .label"))
                .anyMatch(text -> text.startsWith("Promised for Tue 16 Jun, said on Tue 14 Apr"));
    }
}
