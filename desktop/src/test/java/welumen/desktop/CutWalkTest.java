package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cut.ByHand;
import welumen.cut.CuttingTable;
import welumen.cut.Placement;
import welumen.cut.PlanCheck;
import welumen.job.WorkStage;

/** Hand and engine together: a piece is moved and pinned, and the rest is laid again about it. */
class CutWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void openTheTable() {
        bench = Workbench.open(home);
        bench.go(WorkStage.CUT);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private ByHand plan() {
        return bench.ask(() -> {
            var table = (CuttingTable.Laid) bench.model().job().table();
            return new ByHand(table.problem(), table.plan());
        });
    }

    private Placement any() {
        return plan().plan().placements().getFirst();
    }

    private Node drawn(Placement placement) {
        return bench.robot
                .lookup("#laid-%s-%d".formatted(placement.piece(), placement.copy()))
                .query();
    }

    private void pick(Placement placement) {
        bench.robot.clickOn(drawn(placement));
        bench.settle();
    }

    @Test
    void whatIsPinnedStaysWhileTheRestIsLaidAgain() {
        var kept = any();
        assertThat(bench.ask(() -> bench.robot
                        .lookup("#lay-rest-again")
                        .queryAs(Button.class)
                        .isDisabled()))
                .isTrue();
        pick(kept);
        bench.click("pin");
        assertThat(plan().isPinned(kept)).isTrue();
        assertThat(bench.text("pin")).isEqualTo("Unpin");
        bench.click("lay-rest-again");
        bench.until(() -> bench.answer().contains("so far"));
        bench.click("finish-now");
        bench.until(() ->
                bench.robot.lookup("#lay-rest-again").queryAs(Button.class).isVisible()
                        && !bench.answer().contains("so far"));
        assertThat(plan().plan().placements()).contains(kept);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }

    @Test
    void aPieceIsMovedByArrowsAndByPenAndSaysWhyNot() {
        var piece = any();
        pick(piece);
        bench.robot.type(KeyCode.PERIOD);
        bench.settle();
        var after = plan().find(piece.piece(), piece.copy()).orElseThrow();
        var why = bench.text("cut-wrong");
        assertThat(after.equals(piece) && why.contains("does not go there") || plan().isPinned(after))
                .isTrue();
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        // onto another piece, in the middle of it
        var other = plan().plan().placements().stream()
                .filter(placement -> !placement.piece().equals(piece.piece()))
                .reduce((_, last) -> last)
                .orElseThrow();
        bench.robot.drag(drawn(after)).dropTo(drawn(other));
        bench.settle();
        assertThat(bench.text("cut-wrong")).contains("does not go there");
        assertThat(plan().find(piece.piece(), piece.copy())).contains(after);
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }
}
