package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.job.WorkStage;

/** Walks through the real interface without a screen. */
class HeadlessWalkTest {
    @TempDir
    Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    @Test
    void theMainJobFromStripToHandover() throws IOException {
        new MainWalk(bench).walk();
    }

    @Test
    void everyStageOpensByKeyAndAnswersFirst() {
        for (var stage : WorkStage.values()) {
            bench.go(stage);
            assertThat(bench.ask(() -> bench.model().stageProperty().get())).isEqualTo(stage);
            assertThat(bench.answer()).endsWith(".");
            everythingCanBeReadAloud(stage.word());
        }
    }

    /** The leaves too: all that is on them has a word, is large enough for a hand, and stays within the window. */
    @Test
    void everyLeafCanBeReadAloudAndHit() {
        for (var stage : WorkStage.values()) {
            bench.go(stage);
            allLeavesCanBeReadAloudAndHit(stage.word());
        }
        bench.robot.press(KeyCode.ALT).type(KeyCode.DIGIT0).release(KeyCode.ALT);
        bench.settle();
        allLeavesCanBeReadAloudAndHit("the yard");
    }

    private void allLeavesCanBeReadAloudAndHit(String stage) {
        var leaves = bench.leafCount();
        for (var leaf = 0; leaf < leaves; leaf++) {
            everythingCanBeReadAloud(stage);
            everythingCanBeHit(stage);
            if (leaves > 1) bench.turnLeaf();
        }
    }

    private void everythingCanBeHit(String stage) {
        for (var button : bench.ask(() -> bench.robot.lookup(".button").queryAllAs(Button.class))) {
            if (!button.isVisible() || button.getStyleClass().contains("label")) continue;
            var box = bench.ask(() -> button.localToScene(button.getBoundsInLocal()));
            assertThat(box.getHeight()).as("%s on %s", button.getText(), stage).isGreaterThanOrEqualTo(39.5);
            assertThat(box.getMinX()).as("%s on %s", button.getText(), stage).isGreaterThanOrEqualTo(0);
            assertThat(box.getMaxX()).as("%s on %s", button.getText(), stage).isLessThanOrEqualTo(1280.5);
        }
    }

    private void everythingCanBeReadAloud(String stage) {
        for (var button : bench.ask(() -> bench.robot.lookup(".button").queryAllAs(Button.class)))
            assertThat(button.getText().isBlank() && button.getAccessibleText() == null)
                    .as("a button on %s without a word: %s", stage, button)
                    .isFalse();
        for (var field : bench.ask(() ->
                bench.robot.lookup(node -> node instanceof TextInputControl).queryAll()))
            assertThat(field.getAccessibleText() != null || hasLabel(field))
                    .as("the field %s on %s has no word: %s", field.getId(), stage, field.getParent())
                    .isTrue();
    }

    private boolean hasLabel(Node field) {
        return bench.ask(() -> bench.robot
                .lookup(node -> node instanceof Label label
                        && (label.getLabelFor() == field || label.getLabelFor() == field.getParent()))
                .tryQuery()
                .isPresent());
    }

    @Test
    void aBareDigitIsALetterInAField() {
        bench.go(WorkStage.STRIP);
        bench.type("line", "2");
        assertThat(bench.ask(() -> bench.model().stageProperty().get())).isEqualTo(WorkStage.STRIP);
    }

    @Test
    void aPartIsPickedByTypingItsLettersInTheLargeCabin() {
        bench.robot.press(KeyCode.ALT).type(KeyCode.C).release(KeyCode.ALT);
        bench.settle();
        bench.typeAndEnter("letters", "glove");
        assertThat(bench.ask(() -> bench.model().pickedProperty().get())).isEqualTo(new PartId("glove-box-lid"));
    }

    @Test
    void aPlaceInTheCabinPicksItsPartsOneAfterTheOther() {
        bench.click("spot-dash");
        var first = bench.ask(() -> bench.model().pickedProperty().get());
        bench.click("spot-dash");
        assertThat(first).isEqualTo(new PartId("dash"));
        assertThat(bench.ask(() -> bench.model().pickedProperty().get())).isEqualTo(new PartId("padded-roll"));
    }

    @Test
    void badInputIsAnsweredInWordsAndChangesNothing() {
        var before = bench.ask(() -> bench.model().job());
        bench.go(WorkStage.INTAKE);
        bench.type("budget", "about 1200");
        bench.click("agree");
        assertThat(bench.text("wrong")).contains("is not an amount of money");
        bench.go(WorkStage.SURVEY);
        bench.typeAndEnter("size", "3//8\"");
        bench.go(WorkStage.PATTERN);
        bench.typeAndEnter("draw", "nonsense");
        assertThat(bench.ask(() -> bench.model().job())).isEqualTo(before);
    }

    @Test
    void theStandardIsChangedWithOneClickAndTakenBackWithOneKey() {
        bench.go(WorkStage.INTAKE);
        bench.click("standard-good_driver");
        assertThat(bench.answer()).startsWith("Good driver");
        bench.click("stage-intake");
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(bench.answer()).startsWith("Better than new");
    }

    @Test
    void anotherJobSaysWhatItLacks() {
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(DemoCopy.EMPTY_JOB));
            return null;
        });
        for (var stage : WorkStage.values()) {
            bench.go(stage);
            assertThat(bench.answer()).endsWith(".");
        }
        bench.go(WorkStage.INTAKE);
        assertThat(bench.answer()).isEqualTo("This car has not been taken in yet.");
    }

    @Test
    void theEveningLookTurnsTheWholeWindow() {
        bench.robot.type(KeyCode.F9);
        bench.settle();
        Parent root = bench.ask(() -> bench.robot.lookup(".root").query());
        assertThat(root.getStyleClass()).contains("evening");
    }

    @Test
    void theTextGrowsAndShrinksByKeyWithinItsBounds() {
        Parent root = bench.ask(() -> bench.robot.lookup(".root").query());
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.EQUALS, 3).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(root.getStyle()).isEqualTo("-fx-font-size: 18px");
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.MINUS, 9).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(root.getStyle()).isEqualTo("-fx-font-size: 14px");
    }

    @Test
    void aHeldPartStopsWhatWouldCoverIt() {
        var carpet = new PartId("right-rear-carpet");
        bench.go(WorkStage.REFIT);
        pick(carpet);
        assertThat(bench.answer()).startsWith("Hold: right rear floor");
        bench.click("put-back");
        assertThat(bench.ask(() -> bench.model().job().refit().isFitted(carpet)))
                .isFalse();
        var floor = new PartId("right-rear-floor");
        pick(floor);
        bench.go(WorkStage.SURVEY);
        bench.robot.clickOn("Let it go"); // in nobody's name
        bench.settle();
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(floor))).isTrue();
        bench.typeAndEnter("seen-by", "a qualified welder");
        assertThat(bench.ask(() -> bench.model().job().survey().isHeld(floor))).isFalse();
        bench.go(WorkStage.REFIT);
        pick(carpet);
        assertThat(bench.answer()).startsWith("Hold: right rear underlay, where the damp comes from is not found");
        pick(new PartId("right-rear-underlay"));
        bench.go(WorkStage.SURVEY);
        bench.typeAndEnter("cause", "a blocked drain; dry after ten minutes of the hose");
        bench.go(WorkStage.REFIT);
        pick(carpet);
        assertThat(bench.answer()).startsWith("Not yet: the right rear underlay goes in first");
    }

    private void pick(PartId part) {
        bench.ask(() -> {
            bench.model().pickedProperty().set(part);
            return null;
        });
        bench.settle();
    }

    /** The words appear once the mouse rests, and go when a key is pressed. */
    @Test
    void wordsAppearWhereTheMouseRests() {
        bench.robot.moveTo("#take-back");
        bench.until(() -> tip().isPresent());
        assertThat(bench.ask(this::tip))
                .hasValueSatisfying(words -> assertThat(words).isNotBlank());
        bench.keys("", KeyCode.SHIFT);
        bench.until(() -> tip().isEmpty());
    }

    private Optional<String> tip() {
        return Window.getWindows().stream()
                .filter(Window::isShowing)
                .filter(Tooltip.class::isInstance)
                .map(window -> ((Tooltip) window).getText())
                .findFirst();
    }

    /** What takes longer than a moment is listed on the rail, and stopped there if whoever asked is told of it. */
    @Test
    void whatRunsIsListedAndStopped() {
        var end = new CountDownLatch(1);
        seeking(end);
        assertThat(bench.ask(() -> bench.robot.lookup("#stop-running").query().isVisible()))
                .as("nobody would be told")
                .isFalse();
        end.countDown();
        bench.until(() -> !bench.robot.lookup("#running").query().isVisible());

        var other = new CountDownLatch(1);
        var stopped = new AtomicBoolean();
        var running = bench.ask(() -> asked(other).whenStopped(() -> stopped.set(true)));
        bench.until(() -> bench.robot.lookup("#running").query().isVisible());
        assertThat(bench.text("running-word")).isEqualTo("Seeking");
        bench.click("stop-running");
        assertThat(running.isStopped()).isTrue();
        assertThat(stopped).isTrue();
        assertThat(bench.ask(() -> bench.robot.lookup("#running").query().isVisible()))
                .isFalse();
        other.countDown();
    }

    private void seeking(CountDownLatch end) {
        bench.ask(() -> asked(end));
        bench.until(() -> bench.robot.lookup("#running").query().isVisible());
    }

    private Running asked(CountDownLatch end) {
        return bench.model()
                .background()
                .ask("seeking", Takes.A_WHILE, _ -> end.await(5, TimeUnit.MINUTES), _ -> {}, _ -> {});
    }
}
