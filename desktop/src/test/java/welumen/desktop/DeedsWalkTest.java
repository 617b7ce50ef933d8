package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.job.WorkStage;
import welumen.pattern.piece.EdgeFinish;

/**
 * The same deeds as before, in fewer strokes and clicks. What they took before is counted in {@code docs/figures.md}; here each
 * press of a key and of the mouse is counted as it is made.
 */
class DeedsWalkTest {
    private static final PartId CARD = new PartId("left-front-door-card");
    /** Strokes and clicks of the same deeds as they were before lines had words of their own. */
    private static final Map<String, Integer> BEFORE = before();

    @TempDir
    Path home;

    private Workbench bench;
    private int presses;

    private static Map<String, Integer> before() {
        var before = new LinkedHashMap<String, Integer>();
        before.put("log a step with three fixings", 53);
        before.put("mark five finds", 20);
        before.put("draw, edge and sew a cushion", 44);
        before.put("take in a hide and its flaws", 41);
        return before;
    }

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private void press(String id) {
        bench.click(id);
        presses++;
    }

    private void strokes(String text, KeyCode... then) {
        bench.keys(text, then);
        presses += text.length() + then.length;
    }

    private void fewerThanBefore(String deed) {
        assertThat(presses).as(deed).isLessThanOrEqualTo(2 * BEFORE.get(deed) / 3);
        presses = 0;
    }

    @Test
    void aStepIsLoggedAsItsFellowCameOff() {
        bench.go(WorkStage.STRIP);
        bench.pick("right-centre-pillar-trim");
        bench.typeAndEnter("line", "3 screws no. 8, 2 trim clips, 1 plug, bag 40, off");
        bench.pick("left-centre-pillar-trim");
        bench.robot.clickOn("#line");
        bench.robot.press(KeyCode.CONTROL).type(KeyCode.SPACE).release(KeyCode.CONTROL);
        bench.settle();
        presses++;
        assertThat(bench.field("line")).isEqualTo("3 screws no. 8, 2 trim clips, 1 plug, bag 41");
        strokes("", KeyCode.ENTER);
        assertThat(bench.ask(() -> bench.model().job().strip().stepsNow(new PartId("left-centre-pillar-trim"))))
                .singleElement()
                .satisfies(step -> assertThat(step.fixings()).hasSize(3));
        fewerThanBefore("log a step with three fixings");
    }

    @Test
    void fiveFindsAreTapped() {
        bench.go(WorkStage.SURVEY);
        bench.pick("right-front-seat");
        var before = findings("right-front-seat");
        bench.click("mark-point");
        var places = new double[][] {{-60, -40}, {60, -40}, {-60, 40}, {60, 40}, {0, 70}};
        var kinds = new String[] {"scuff", "fine_crack", "tear", "stain", "fading"};
        for (var i = 0; i < kinds.length; i++) {
            Node felt = bench.robot.lookup("#part-felt").query();
            var middle = bench.ask(() -> felt.localToScreen(felt.getLayoutBounds()));
            bench.robot.clickOn(middle.getCenterX() + places[i][0], middle.getCenterY() + places[i][1]);
            bench.settle();
            presses++;
            press("found-" + kinds[i]);
        }
        assertThat(findings("right-front-seat")).isEqualTo(before + 5);
        fewerThanBefore("mark five finds");
    }

    private int findings(String part) {
        return bench.ask(() -> bench.model().job().survey().on(new PartId(part)).size());
    }

    @Test
    void aCushionIsDrawnEdgedAndSewn() {
        bench.go(WorkStage.PATTERN);
        bench.pick(CARD.value());
        bench.typeAndEnter("draw", "facing 520 x 120");
        press("draw-tapered");
        strokes("cushion", KeyCode.TAB, KeyCode.TAB);
        strokes("480", KeyCode.TAB);
        strokes("440", KeyCode.ENTER);
        var cushion = bench.ask(() -> bench.model().job().patterns().of(CARD).getLast());
        assertThat(cushion.name()).isEqualTo("cushion");
        assertThat(cushion.net().box().height()).isEqualTo(480);
        for (var edge = 0; edge < 3; edge++) {
            press("edge-%s-%d".formatted(cushion.id(), edge));
            strokes("p"); // sewn to piping
        }
        assertThat(bench.ask(() -> bench.model()
                                .job()
                                .patterns()
                                .findOne(cushion.id())
                                .orElseThrow())
                        .edges())
                .extracting(edge -> edge.finish())
                .startsWith(EdgeFinish.PIPED, EdgeFinish.PIPED, EdgeFinish.PIPED);
        press("tool-sew");
        press("edge-%s-0"
                .formatted(bench.ask(
                        () -> bench.model().job().patterns().of(CARD).getFirst().id())));
        assertThat(bench.ask(() -> bench.model().job().patterns().seamAt(cushion.id(), 2)))
                .isPresent();
        fewerThanBefore("draw, edge and sew a cushion");
    }

    @Test
    void aHideIsTakenInWithItsFlaws() {
        bench.go(WorkStage.CUT);
        bench.click("leaf-hides-and-rolls");
        press("stock-typed-a-hide");
        strokes("49");
        press("stock-typed-lot");
        strokes("27B");
        press("stock-typed-cost");
        strokes("290", KeyCode.ENTER);
        var hide = bench.ask(() -> bench.model().toCutFrom().getLast());
        assertThat(hide.id()).isEqualTo("hide 3");
        assertThat(hide.lot().dye()).isEqualTo("27B");
        assertThat(hide.cost()).isEqualTo(290);
        Node felt = bench.robot.lookup("#hide-felt").query();
        var middle = bench.ask(() -> felt.localToScreen(felt.getLayoutBounds()));
        for (var at : new double[] {-40, 0, 40}) {
            bench.robot.clickOn(middle.getCenterX() + at, middle.getCenterY() + at);
            bench.settle();
            presses++;
        }
        assertThat(bench.ask(() -> bench.model().toCutFrom().getLast().shape().holes()))
                .hasSize(3);
        fewerThanBefore("take in a hide and its flaws");
    }
}
