package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cut.CuttingTable;
import welumen.cut.judge.PlanCheck;
import welumen.job.WorkStage;
import welumen.pattern.piece.EdgeFinish;
import welumen.strip.Bag;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.survey.FindingKind;

/**
 * The main job through the real window, from a line logged at Strip to a part back in the car and the log on paper. The
 * same walk is done headless and in a window under a virtual screen.
 */
final class MainWalk {
    private static final PartId SEAL = new PartId("left-front-door-seal");
    private static final PartId SILL = new PartId("left-sill-cover");
    private static final PartId CONSOLE = new PartId("console");

    private final Workbench bench;

    MainWalk(Workbench bench) {
        this.bench = bench;
    }

    void walk() throws IOException {
        stripBySpeech();
        surveyAPart();
        drawAndFinish();
        layOut();
        stores();
        putBack();
        restartAndTakeBack();
        print();
    }

    private void stripBySpeech() {
        bench.go(WorkStage.STRIP);
        assertThat(bench.answer()).isEqualTo("Two trim clips under the door seal still hold it.");
        bench.typeAndEnter("line", "left front door seal, lifted");
        assertThat(bench.ask(() -> bench.model().job().strip().isOff(SEAL))).isTrue();
        pick(SILL);
        bench.type("line", "2 trim clips grey, under seal, bag 14, lever plastic");
        assertThat(chips()).contains("14", "plastic lever", "under the door seal", "wanted");
        bench.robot.type(KeyCode.F8);
        bench.settle();
        assertThat(chips()).contains("1 taken").doesNotContain("wanted");
        bench.robot.type(KeyCode.ENTER);
        bench.settle();
        assertThat(bench.answer()).isEqualTo("It is off.");
        var step = bench.ask(() -> bench.model().job().strip().steps().getLast());
        assertThat(step.fixings())
                .containsExactly(
                        new FixingLot(2, FixingKind.TRIM_CLIP, "", "grey", "under the door seal", Condition.GOOD));
        assertThat(step.bag()).isEqualTo(new Bag.Numbered(14));
        assertThat(Files.exists(bench.ask(
                        () -> bench.model().photos().file(step.photos().getFirst()))))
                .isTrue();
    }

    private List<String> chips() {
        return bench.ask(() -> bench.robot.lookup("#chips .chip-value").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList());
    }

    private void surveyAPart() {
        bench.go(WorkStage.SURVEY);
        bench.click("mark-point"); // on its outline, whatever photos it has
        bench.robot.clickOn("#part-felt");
        bench.robot.type(KeyCode.RIGHT, 3).type(KeyCode.UP);
        choose("kind", FindingKind.SURFACE_RUST);
        bench.type("size", "1 1/2 in");
        bench.typeAndEnter("finding-note", "under the seal");
        var found = bench.ask(() -> bench.model().job().survey().on(SILL).getLast());
        assertThat(found.kind()).isEqualTo(FindingKind.SURFACE_RUST);
        assertThat(found.sizeMm()).isEqualTo(38.1);
        assertThat(found.note()).isEqualTo("under the seal");
        bench.click("leaf-what-to-do");
        bench.robot.clickOn("Choose");
        bench.settle();
        assertThat(bench.ask(() -> bench.model().job().stateOf(SILL))).isEqualTo(PartState.ON_BENCH);
        bench.robot.clickOn("It is done");
        bench.settle();
        assertThat(bench.ask(() -> bench.model().job().stateOf(SILL))).isEqualTo(PartState.READY);
    }

    private void drawAndFinish() {
        pick(new PartId("left-front-seat"));
        bench.go(WorkStage.PATTERN);
        var before = bench.answer();
        bench.typeAndEnter("draw", "arm cuff 320 x 110, top 300");
        assertThat(bench.answer()).isNotEqualTo(before).startsWith("9 pieces");
        choose("finish", EdgeFinish.HEM);
        var edge = bench.ask(
                () -> bench.model().job().patterns().pieces().getLast().edges().getFirst());
        assertThat(edge.finish()).isEqualTo(EdgeFinish.HEM);
        assertThat(edge.allowanceMm()).isEqualTo(20);
        bench.typeAndEnter("allowance", "1\"");
        assertThat(bench.ask(() -> bench.model()
                        .job()
                        .patterns()
                        .pieces()
                        .getLast()
                        .edges()
                        .getFirst()
                        .allowanceMm()))
                .isEqualTo(25.4);
    }

    private void layOut() {
        bench.go(WorkStage.CUT);
        var before = bench.ask(() -> bench.model().job().table());
        bench.click("lay-out");
        bench.until(() -> bench.robot.lookup("#answer").queryLabeled().getText().contains("so far"));
        bench.click("finish-now");
        bench.until(() -> !bench.model().job().table().equals(before));
        var laid = (CuttingTable.Laid) bench.ask(() -> bench.model().job().table());
        assertThat(PlanCheck.faults(laid.problem(), laid.plan().placements())).isEmpty();
        assertThat(laid.plan().placements().size() + laid.plan().unplaced().size())
                .isEqualTo(37);
        assertThat(laid.plan().placements()).hasSizeGreaterThan(24);
        assertThat(bench.answer()).endsWith(laid.plan().unplaced().isEmpty() ? "lie on them." : "have no place.");
    }

    private void stores() {
        bench.go(WorkStage.STORES);
        assertThat(bench.answer()).contains("sage hide", "of sewing thread", "of contact adhesive");
    }

    private void putBack() {
        bench.go(WorkStage.REFIT);
        pick(SILL);
        assertThat(bench.answer()).isEqualTo("Not yet: the left front carpet under it is not finished.");
        bench.type("count", "8");
        bench.click("put-back");
        assertThat(bench.ask(() -> bench.model().job().refit().isFitted(SILL))).isFalse(); // no word why
        bench.type("count", "7");
        bench.click("put-back");
        assertThat(bench.ask(() -> bench.model().job().refit().isFitted(SILL))).isFalse(); // one short, and no word why
        bench.type("count", "8");
        bench.type("reason", "to try its seal");
        bench.click("put-back");
        assertThat(bench.ask(() -> bench.model().job().stateOf(SILL))).isEqualTo(PartState.FITTED);
        pick(CONSOLE);
        bench.click("start-clock");
        assertThat(bench.ask(() -> bench.model().job().clocks().running())).hasSize(4);
    }

    private void restartAndTakeBack() {
        var before = bench.ask(() -> bench.model().job());
        bench.restart();
        assertThat(bench.ask(() -> bench.model().job())).isEqualTo(before);
        bench.click("take-back");
        assertThat(bench.ask(() -> bench.model().job().clocks().running())).hasSize(3);
        bench.click("put-back-again");
        assertThat(bench.ask(() -> bench.model().job())).isEqualTo(before);
    }

    private void print() throws IOException {
        bench.go(WorkStage.DIARY);
        assertThat(bench.answer()).contains("can be begun now");
        bench.go(WorkStage.HANDOVER);
        bench.click("print-log");
        assertThat(bench.text("printed")).startsWith("Printed to");
        try (var paper = Files.list(bench.folder().resolve("paper"))) {
            assertThat(paper.toList())
                    .singleElement()
                    .satisfies(file -> assertThat(file.toString()).endsWith(".pdf"));
        }
    }

    private void pick(PartId part) {
        bench.ask(() -> {
            bench.model().pickedProperty().set(part);
            return null;
        });
        bench.settle();
    }

    /** Sets a choice box; its list is the toolkit's own and is not walked. */
    private <T> void choose(String id, T value) {
        bench.ask(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<T> box = bench.robot.lookup("#" + id).queryAs(ComboBox.class);
            box.requestFocus();
            box.setValue(value);
            return null;
        });
        bench.settle();
    }
}
