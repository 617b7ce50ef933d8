package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;

/** The cabin, large: a hundred parts, each a target that can be reached by hand, by letters and by Tab, and read aloud. */
class LargeCabinWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void open() {
        bench = Workbench.open(home);
        bench.robot.press(KeyCode.ALT).type(KeyCode.C).release(KeyCode.ALT);
        bench.settle();
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private List<Node> cells() {
        return bench.ask(() -> List.copyOf(bench.robot.lookup(".part-cell").queryAll()));
    }

    @Test
    void everyPartIsATargetThatIsReadAloud() {
        var parts = bench.ask(() -> bench.model().job().cabin().parts());
        assertThat(cells()).hasSameSizeAs(parts);
        for (var part : parts) {
            Node cell = bench.ask(() -> bench.robot.lookup("#part-" + part.id()).<Node>query());
            assertThat(cell.getAccessibleText())
                    .isEqualTo("%s, %s"
                            .formatted(
                                    part.name(),
                                    bench.ask(() -> bench.model().stateOf(part.id()))
                                            .word()));
            assertThat(cell.getBoundsInParent().getWidth()).as(part.name()).isGreaterThan(40);
            assertThat(cell.getBoundsInParent().getHeight()).as(part.name()).isGreaterThan(33);
        }
    }

    @Test
    void lettersLeaveThosePartsThatHaveThem() {
        bench.keys("water");
        assertThat(cells().stream().filter(cell -> !cell.isDisabled()))
                .extracting(Node::getId)
                .containsExactlyInAnyOrder(
                        "part-left-front-water-shield",
                        "part-right-front-water-shield",
                        "part-left-rear-water-shield",
                        "part-right-rear-water-shield");
        bench.keys("", KeyCode.ENTER);
        assertThat(bench.ask(() -> bench.model().pickedProperty().get()))
                .isEqualTo(new PartId("left-front-water-shield"));
        assertThat(cells()).as("it closes once a part is picked").isEmpty();
    }

    @Test
    void aPartIsPickedWithTabAndSpace() {
        bench.keys("headlining", KeyCode.TAB, KeyCode.SPACE);
        assertThat(bench.ask(() -> bench.model().pickedProperty().get())).isEqualTo(new PartId("headlining"));
    }

    @Test
    void escapeClosesItAndChangesNothing() {
        var before = bench.ask(() -> bench.model().pickedProperty().get());
        bench.keys("mirror", KeyCode.ESCAPE);
        assertThat(cells()).isEmpty();
        assertThat(bench.ask(() -> bench.model().pickedProperty().get())).isEqualTo(before);
        assertThat(bench.ask(() -> bench.robot.lookup("#spot-dash").tryQuery()))
                .as("the small cabin is back")
                .isPresent();
    }
}
