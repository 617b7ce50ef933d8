package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.care.Caution;
import welumen.evidence.PhotoMark;
import welumen.job.WorkStage;
import welumen.standins.camera.CameraStandin;
import welumen.strip.line.Wanted;

/** What the Strip stage does beside logging a line: putting right, photos, labels, cautions, working time, another day. */
class StripLeavesWalkTest {
    private static final PartId SILL = new PartId("left-sill-cover");

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.go(WorkStage.STRIP);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    /** The last step lacks a photo, which is asked for at once; one key adds it, another loads the step to put it right. */
    @Test
    void theLastStepIsCompletedAndPutRight() {
        assertThat(bench.ask(
                        () -> bench.robot.lookup(".chip-label").queryAllAs(javafx.scene.control.Label.class).stream()
                                .map(javafx.scene.control.Label::getText)
                                .toList()))
                .as("what it lacks, then what is likely next")
                .containsExactly(Wanted.PHOTO.word(), "what still holds it (Ctrl+Space)");
        bench.keys("", KeyCode.F8);
        assertThat(bench.ask(() -> bench.model().job().strip().steps().getLast().photos()))
                .hasSize(1);
        bench.keys("", KeyCode.F2);
        bench.keys(", 1 screw no. 10 worn", KeyCode.ENTER);
        var step = bench.ask(() -> bench.model().job().strip().steps().getLast());
        assertThat(step.fixings()).extracting(lot -> lot.size()).containsExactly("no. 8", "no. 10");
        assertThat(step.photos()).hasSize(1);
        assertThat(bench.ask(() -> bench.model().job().strip().steps())).hasSize(18);
    }

    @Test
    void phonePhotosArePickedUpWithTheNextStep() throws IOException {
        var phone = Files.createDirectories(bench.folder().resolve("phone"));
        Files.write(phone.resolve("one.png"), new CameraStandin().shoot("a clip"));
        Files.setLastModifiedTime(phone.resolve("one.png"), FileTime.from(Instant.parse("2026-04-14T14:30:00Z")));
        bench.keys("2 clips grey under seal, bag 14", KeyCode.F7, KeyCode.ENTER);
        bench.until(() -> bench.model().job().strip().steps().size() == 19);
        assertThat(bench.ask(() -> bench.model().job().strip().steps().getLast().photos()))
                .hasSize(1);
        assertThat(phone.resolve("kept/one.png")).exists();
    }

    /** What it looked like stands beside what it looks like. */
    @Test
    void beforeAndAfterStandSideBySide() {
        bench.keys("lifted", KeyCode.F8, KeyCode.ENTER);
        bench.until(() -> !bench.model().job().album().of(SILL).isEmpty());
        bench.click("leaf-photos");
        bench.click("photo-after");
        assertThat(bench.ask(() -> bench.robot.lookup("#photo-before").query().isVisible()))
                .isTrue();
        assertThat(bench.text("photos-said")).startsWith("Before: ").contains("After: ");
    }

    @Test
    void aMarkIsDrawnOverAPhotoAndTakenBack() {
        bench.pick("console");
        bench.click("leaf-photos");
        bench.until(() -> bench.robot.lookup("#marked-photo").query().isVisible());
        bench.click("pen-ring");
        bench.until(
                () -> "pen-ring".equals(line().getScene().getFocusOwner().getId())); // though the pens were drawn anew
        bench.robot.drag("#marked-photo").moveBy(30, 20).drop();
        bench.settle();
        var photo = bench.ask(() -> bench.model()
                .job()
                .strip()
                .stepsOn(new PartId("console"))
                .getFirst()
                .photos()
                .getFirst());
        assertThat(bench.ask(() -> bench.model().job().album().marksOn(photo)))
                .singleElement()
                .isInstanceOf(PhotoMark.Ring.class);
        bench.click("take-back");
        assertThat(bench.ask(() -> bench.model().job().album().marksOn(photo))).isEmpty();
    }

    @Test
    void labelsArePrintedForEveryBag() throws IOException {
        bench.click("leaf-bags");
        bench.click("print-labels");
        assertThat(bench.text("bags-said")).startsWith("11 labels printed to");
        bench.click("paper-open");
        bench.click("print-part-labels");
        try (var papers = Files.list(bench.folder().resolve("paper"))) {
            assertThat(papers)
                    .as("bags and parts have a sheet each")
                    .hasSize(2)
                    .anyMatch(paper -> paper.toString().endsWith("labels of bags.pdf"))
                    .anyMatch(paper -> paper.toString().endsWith("labels of parts.pdf"));
        }
        bench.click("paper-print");
        bench.until(() -> bench.text("trouble").equals("There is no printer."));
        assertThat(bench.papers.asked())
                .anyMatch(asked -> asked.startsWith("open") && asked.endsWith("bags.pdf"))
                .anyMatch(asked -> asked.startsWith("print") && asked.endsWith("parts.pdf"));
        bench.click("paper-seen");
        assertThat(bench.text("bags-said")).startsWith("11 labels printed to");
        bench.pick("dash");
        bench.click("read-by-camera");
        bench.until(() -> bench.text("bags-said").equals("Bag 13 is open."));
        assertThat(bench.ask(() -> bench.model().pickedProperty().get())).isEqualTo(SILL);
    }

    @Test
    void aCautionIsShownOnceAndNotedAsSeen() {
        bench.pick("headlining");
        assertThat(bench.ask(() -> bench.robot.lookup("#cautions").query().isVisible()))
                .isTrue();
        bench.keys("", KeyCode.F4);
        assertThat(bench.ask(() -> bench.robot.lookup("#cautions").query().isVisible()))
                .isFalse();
        assertThat(bench.ask(() -> bench.model().job().care().seen()))
                .anyMatch(seen -> seen.caution() == Caution.SPRINGS_AND_BLADES
                        && seen.work().equals("headlining off"));
        bench.restart();
        bench.go(WorkStage.STRIP);
        bench.pick("headlining");
        assertThat(bench.ask(() -> bench.robot.lookup("#cautions").query().isVisible()))
                .isFalse();
    }

    /** One key starts the work and the part that comes off ends it; a pause is asked about once. */
    @Test
    void workingTimeHasOneKeyAndAPauseIsAskedAbout() {
        bench.pick("left-kick-panel");
        bench.keys("", KeyCode.F6);
        assertThat(bench.text("work")).startsWith("left kick panel");
        bench.pass(Duration.ofMinutes(20));
        assertThat(bench.text("idle-question"))
                .isEqualTo("Still at the left kick panel? Nothing was touched for 20 minutes.");
        bench.click("still-at-it");
        bench.pass(Duration.ofMinutes(16));
        assertThat(bench.ask(() -> bench.robot.lookup("#idle").query().isVisible()))
                .as("asked once for each pause")
                .isFalse();
        bench.robot.clickOn("#line");
        bench.pass(Duration.ofMinutes(30));
        bench.click("stopped-then");
        var spell = bench.ask(() -> bench.model().job().work().spells().getLast());
        assertThat(spell.worked()).isEqualTo(Duration.ofMinutes(36));
        assertThat(spell.on()).isEqualTo("left-kick-panel");
        assertThat(bench.text("work")).isEqualTo("Start work");
    }

    @Test
    void theCarStandsAsItStoodOnAnotherDay() {
        bench.click("leaf-as-it-stood");
        bench.click("day-earlier");
        assertThat(bench.text("stood-answer")).startsWith("On the evening of Mon 13 Apr");
        bench.typeAndEnter("stood-day", "2026-03-01");
        assertThat(bench.text("stood-answer")).isEqualTo("On Sun 1 Mar the car had not been taken in.");
        bench.typeAndEnter("stood-day", "yesterday");
        assertThat(bench.text("stood-answer")).contains("is no date");
    }

    /** Where a part is, and what was left off, is typed in the same line, and stops the refit that would forget it. */
    @Test
    void whereAPartIsAndWhatIsLeftOffIsTyped() {
        bench.pick("console");
        bench.keys("at the platers until 2026-04-20", KeyCode.ENTER);
        bench.go(WorkStage.REFIT);
        assertThat(bench.answer()).isEqualTo("Not yet: it is at the platers until Mon 20 Apr.");
        bench.go(WorkStage.STRIP);
        bench.keys("is back", KeyCode.ENTER);
        bench.pick("left-seat-runner-cover");
        bench.keys("left off for the heater cable, before the console", KeyCode.ENTER);
        bench.pick("console");
        bench.go(WorkStage.REFIT);
        assertThat(bench.answer()).isEqualTo("Not yet: the left seat runner cover was left off on purpose.");
    }

    /** From a chip to the words that it stands for; from what is wanted to where it is given. */
    @Test
    void aChipLeadsToItsWords() {
        bench.keys("2 trim clips grey, under seal, lever plastic");
        bench.robot.clickOn("wanted"); // the photo
        bench.settle();
        bench.robot.clickOn("trim clips, grey");
        bench.settle();
        assertThat(bench.ask(() -> line().getSelectedText())).isEqualTo("2 trim clips grey");
        bench.robot.clickOn("wanted"); // the bag
        bench.settle();
        assertThat(bench.ask(() -> line().getText())).endsWith(", bag 14");
        bench.keys("", KeyCode.ENTER);
        var step = bench.ask(() -> bench.model().job().strip().steps().getLast());
        assertThat(step.photos()).hasSize(1);
        assertThat(step.tool()).isEqualTo("plastic lever");
        assertThat(bench.ask(() -> bench.model().job().album().of(SILL))).hasSize(1);
    }

    /** The other side is still out: none is left to look at, which is said and stops nobody. */
    @Test
    void bothSidesAtOnceAreCalledOut() {
        bench.pick("left-front-door-seal");
        bench.keys("lifted, off");
        assertThat(bench.ask(
                        () -> bench.robot.lookup(".chip-value").queryAllAs(javafx.scene.control.Label.class).stream()
                                .map(javafx.scene.control.Label::getText)
                                .toList()))
                .contains("the right front door seal is not back yet: none is left to look at");
        bench.keys("", KeyCode.ENTER);
        assertThat(bench.ask(() -> bench.model().job().strip().isOff(new PartId("left-front-door-seal"))))
                .isTrue();
        bench.keys("throw away, agreed by letter", KeyCode.ENTER);
        assertThat(bench.text("wrong")).startsWith("House way: the old part is kept as pattern");
    }

    private javafx.scene.control.TextField line() {
        return bench.robot.lookup("#line").queryAs(javafx.scene.control.TextField.class);
    }

    /** A line that tells how a part is held is noted as such, and what holds it changes at once. */
    @Test
    void howAPartIsHeldIsTyped() {
        bench.pick("right-sun-visor");
        bench.keys("held by 3 screws no. 6", KeyCode.ENTER);
        assertThat(bench.answer()).isEqualTo("Three screws still hold it.");
        bench.pick(SILL.value());
        bench.keys("laps the left rear carpet by 15 mm", KeyCode.ENTER);
        assertThat(bench.ask(() -> bench.model().job().strip().laps().getLast().byMm()))
                .isEqualTo(15);
    }
}
