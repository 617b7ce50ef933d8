package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.job.WorkStage;

/**
 * A new car comes in: its parts are listed by its body in one step; a front seat, its runners, the sill cover, the console
 * and the front carpet come off by keyboard, with one clip missing, one boss broken and one wrong entry; the program ends
 * and is started again; the way to the cross-member is asked, and all goes back in the order given. No mouse is touched.
 */
class StripAndRefitWalkTest {
    /** The most strokes for a logged step with three lots of fixings, its part picked and its photo taken. */
    private static final int MOST_STROKES = 45;

    /** Which part, by its letters, and what is typed of it. */
    private record Typed(String letters, String line) {}

    private static final List<Typed> STRIP = List.of(
            new Typed("lsrc", "3 screws no8 b1"),
            new Typed("lfs", "4 bolts m10x25, 1 plug, b2"),
            new Typed("lsr", "4 bolts m8x16 b3"),
            new Typed("lfds", "lifted"),
            new Typed("lsc", "6 screws no8 1 clip grey 1 missing b4"),
            new Typed("gg", "4 screws no6 chrome b5"),
            new Typed("con", "5 screws no8 2 plugs 1 boss broken b6"),
            new Typed("lkp", "4 screws no6 b7"),
            new Typed("lfc", "12 push pins b8, loose"),
            new Typed("lfc", "8 edge clips b9"));

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        openTheEstate();
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private void openTheEstate() {
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(DemoCopy.EMPTY_JOB));
            return null;
        });
        bench.settle();
    }

    @Test
    void aCarComesApartAndGoesBackTogether() {
        listTheParts();
        strip();
        takeBackAWrongEntry();
        bench.restart();
        openTheEstate();
        askTheWayToTheCrossMember();
        readTheAccount();
        putAllBack();
    }

    private void listTheParts() {
        bench.go(WorkStage.INTAKE);
        bench.turnLeaf(); // the keyboard is on the last body; two before it is the estate's
        assertThat(bench.text("wheel-left")).contains("left");
        focus("body-estate");
        bench.keys("", KeyCode.SPACE);
        assertThat(bench.ask(() -> bench.model().job().cabin().parts().size())).isBetween(60, 120);
    }

    private void strip() {
        bench.go(WorkStage.STRIP);
        for (var typed : STRIP) {
            bench.strokes();
            bench.keys(typed.letters(), KeyCode.ENTER);
            bench.keys(typed.line(), KeyCode.F8, KeyCode.ENTER);
            var lots = bench.ask(() ->
                    bench.model().job().strip().steps().getLast().fixings().size());
            var strokes = bench.strokes();
            if (lots == 3) assertThat(strokes).as(typed.line()).isLessThanOrEqualTo(MOST_STROKES);
            if (typed.letters().equals("con")) sayHowTheBossIsRejoined();
        }
        var strip = bench.ask(() -> bench.model().job().strip());
        assertThat(strip.bags()).containsExactly(1, 2, 3, 4, 5, 6, 7, 8, 9);
        assertThat(strip.steps()).hasSize(STRIP.size());
        assertThat(strip.steps().stream().mapToInt(step -> step.cameOut()).sum())
                .isGreaterThan(40);
        assertThat(strip.steps()).allSatisfy(step -> assertThat(step.photos()).hasSize(1));
        assertThat(strip.steps()).allSatisfy(step -> assertThat(step.note()).isEmpty());
        assertThat(state("left-front-carpet")).isEqualTo(PartState.OUT);
    }

    /** What was destroyed is asked after at once, and said by putting the step right. */
    private void sayHowTheBossIsRejoined() {
        assertThat(bench.ask(() -> bench.robot.lookup(".chip-label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList()))
                .containsExactly("rejoin with");
        bench.keys("", KeyCode.F2, KeyCode.END);
        bench.keys(", rejoin with plate and epoxy", KeyCode.ENTER);
    }

    private void takeBackAWrongEntry() {
        bench.keys("rfds", KeyCode.ENTER);
        bench.keys("lifted", KeyCode.ENTER);
        assertThat(state("right-front-door-seal")).isEqualTo(PartState.OUT);
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        bench.settle();
        assertThat(state("right-front-door-seal")).isEqualTo(PartState.IN_CAR);
    }

    /** After the restart all is there, and only the underlay is left in the way. */
    private void askTheWayToTheCrossMember() {
        bench.go(WorkStage.STRIP);
        bench.keys("cross", KeyCode.ENTER);
        assertThat(bench.answer()).isEqualTo("The left front underlay still holds it.");
        var felt = bench.ask(() -> bench.robot.lookup(".reach-part .strong").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList());
        assertThat(felt).containsExactly("Left front underlay", "Cross-member");
    }

    private void readTheAccount() {
        bench.go(WorkStage.REFIT);
        bench.turnLeaf();
        assertThat(bench.text("fixings-answer")).contains("0 are back in").endsWith("Buy 2 trim clips grey.");
        bench.click("leaf-in-this-order");
    }

    /** Each time the first of the list; where fixings are short the program asks why, once. */
    private void putAllBack() {
        var order = bench.ask(() ->
                bench.robot.lookup("#order").queryAs(ListView.class).getItems().size());
        assertThat(order).isEqualTo(9);
        for (var left = order; left > 0; left--) {
            focus("order");
            bench.keys("", KeyCode.HOME, KeyCode.ENTER);
            if (bench.ask(() -> bench.model().job().strip().off().size()) == left)
                bench.keys("on order", KeyCode.ENTER);
        }
        assertThat(bench.ask(() -> bench.model().job().refit().back()))
                .extracting(back -> back.part().value())
                .containsSubsequence("left-seat-runners", "left-front-seat", "left-seat-runner-cover")
                .containsSubsequence("left-front-carpet", "left-sill-cover", "left-front-door-seal")
                .containsSubsequence("left-front-carpet", "console", "gear-gaiter");
        assertThat(bench.ask(() -> bench.model().job().refit().back()))
                .filteredOn(back -> !back.shortBecause().isEmpty())
                .extracting(back -> back.part().value())
                .containsExactlyInAnyOrder("left-sill-cover", "console");
        bench.turnLeaf();
        assertThat(bench.text("fixings-answer")).contains("0 wait in bags");
    }

    /** Moves the keyboard on with Tab until it is there. */
    private void focus(String id) {
        for (var tries = 0; tries < 60; tries++) {
            if (bench.ask(() -> bench.robot.lookup("#" + id).query().isFocused())) return;
            bench.robot.type(KeyCode.TAB);
            bench.settle();
        }
        throw new AssertionError("The keyboard cannot reach #" + id);
    }

    private PartState state(String part) {
        return bench.ask(() -> bench.model().job().stateOf(new PartId(part)));
    }
}
