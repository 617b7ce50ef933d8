package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import javafx.geometry.Dimension2D;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.desktop.frame.Frame;
import welumen.desktop.help.HelpText;
import welumen.desktop.model.Screen;
import welumen.job.WorkStage;

/** In a small window and a large one, with large text too: all of every leaf can be read and reached. */
class EveryLeafFitsTest {
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

    @ParameterizedTest
    @ValueSource(ints = {100, 150, 200})
    void nothingIsCutOffOrCovered(int percent) {
        bench.ask(() -> {
            frame().scale(percent);
            return null;
        });
        bench.settle();
        var faults = new TreeMap<String, String>();
        everyLeaf(leaf -> {
            for (var size :
                    List.of(new Dimension2D(1024, 700), new Dimension2D(1280, 800), new Dimension2D(1920, 1080))) {
                frame().resize(size.getWidth(), size.getHeight());
                laidOut();
                for (var fault : LayoutFaults.of(frame()))
                    faults.putIfAbsent(fault, "%s, %.0f wide".formatted(leaf, size.getWidth()));
            }
        });
        assertThat(faults).isEmpty();
    }

    /** F1 has something to say of each, five sentences at the most, each about something that is there. */
    @Test
    void everyLeafIsExplained() {
        var without = new ArrayList<String>();
        everyLeaf(leaf -> {
            var words = leaf.split(" / ", 2);
            var sentences = HelpText.of(words[0], words[1]);
            if (sentences.isEmpty() || sentences.size() > 5) without.add(leaf + ": " + sentences.size() + " sentences");
            for (var sentence : sentences)
                if (!sentence.about().isEmpty() && frame().lookup("#" + sentence.about()) == null)
                    without.add("%s: there is no %s".formatted(leaf, sentence.about()));
        });
        assertThat(without).isEmpty();
    }

    private Frame frame() {
        return (Frame) Window.getWindows().getFirst().getScene().getRoot();
    }

    private void laidOut() {
        for (var i = 0; i < 3; i++) { // what wraps knows its height once it has a width
            frame().applyCss();
            frame().layout();
        }
    }

    /** “Stage / Leaf”, looked at on the window's thread once it is laid out. */
    private interface Look {
        void at(String leaf);
    }

    private void everyLeaf(Look look) {
        for (var stage : WorkStage.values()) {
            bench.ask(() -> {
                bench.model().stageProperty().set(stage);
                bench.model().screenProperty().set(Screen.STAGE);
                return null;
            });
            leaves(stage.word(), look);
        }
        for (var screen : List.of(Screen.YARD, Screen.CARS)) {
            bench.ask(() -> {
                bench.model().screenProperty().set(screen);
                return null;
            });
            leaves(screen == Screen.YARD ? "Yard" : "Cars", look);
        }
    }

    private void leaves(String stage, Look look) {
        bench.settle();
        for (var leaf = 0; leaf < bench.leafCount(); leaf++) {
            bench.ask(() -> {
                laidOut();
                look.at("%s / %s".formatted(stage, frame().leafWord()));
                frame().turnLeaf(1);
                return null;
            });
            bench.settle();
        }
    }
}
