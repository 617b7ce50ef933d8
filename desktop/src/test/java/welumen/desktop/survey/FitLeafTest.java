package welumen.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import javafx.event.ActionEvent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import welumen.cabin.PartId;
import welumen.desktop.DemoCopy;
import welumen.desktop.NoPaper;
import welumen.desktop.look.Look;
import welumen.desktop.model.Devices;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OpenedWorkshop;
import welumen.standins.demo.DemoDay;

/** What a file chooser would have chosen is laid over what is needed. */
class FitLeafTest {
    @TempDir
    private Path home;

    private OpenedWorkshop workshop;
    private FitLeaf leaf;

    @BeforeEach
    void openTheSecondJob() throws Exception {
        FxToolkit.registerPrimaryStage();
        workshop = OpenedWorkshop.open(DemoCopy.into(home), Clock.fixed(DemoDay.start(DemoDay.USUAL), DemoDay.ZONE));
        leaf = WaitForAsyncUtils.waitForAsyncFx(10_000, this::build);
    }

    private FitLeaf build() {
        var model = new JobModel(
                workshop,
                "Ada",
                new Devices(_ -> new byte[0], (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new NoPaper()));
        model.open(model.yard().state().garage().all().get(1));
        model.pickedProperty().set(new PartId("right-front-carpet"));
        var built = new FitLeaf(model);
        var scene = new Scene(built, 900, 500);
        Look.dress(scene, false);
        built.refresh();
        settle(built);
        return built;
    }

    private static void settle(FitLeaf leaf) {
        leaf.applyCss();
        leaf.layout();
        leaf.applyCss();
        leaf.layout();
    }

    @AfterEach
    void close() {
        workshop.folder().close();
    }

    /** 20 mm too narrow, but one side lies under a lap of 30: nothing shows. It reaches into what must stay free. */
    @Test
    void whatIsShortIsPushedUnderItsLap() throws Exception {
        var needed = Files.writeString(home.resolve("needed.json"), """
                {"format":"welumen-outline/1","outline":[[0,0],[900,0],[900,760],[0,760]],
                 "covered":[{"edge":2,"by":30}],"keepOuts":[[[400,300],[460,300],[460,380],[400,380]]]}""");
        var bought = Files.writeString(home.resolve("bought.json"), """
                {"format":"welumen-outline/1","outline":[[0,0],[880,0],[880,780],[0,780]]}""");
        lay(needed, bought);
        assertThat(text("fit-answer")).isEqualTo("It reaches where it must, but also into what must stay free.");
        assertThat(leaf.lookup(".keep-out-entered")).isNotNull();
        assertThat(leaf.lookup(".fit-short")).isNull();
    }

    /** Too narrow, and nothing hides it until a lap is typed for the edge under the pen; then a pedal is drawn in its way. */
    @Test
    void lapsAndKeepOutsAreDrawnInTheWindow() throws Exception {
        var needed = Files.writeString(home.resolve("needed.json"), """
                {"format":"welumen-outline/1","outline":[[0,0],[900,0],[900,760],[0,760]]}""");
        var bought = Files.writeString(home.resolve("bought.json"), """
                {"format":"welumen-outline/1","outline":[[0,0],[880,0],[880,780],[0,780]]}""");
        lay(needed, bought);
        assertThat(text("fit-answer")).startsWith("It cannot be trimmed to fit: too short at edge");
        pen(0.97, 0.5, 0.97, 0.5);
        enter("lap-mm", "30 mm");
        assertThat(text("fit-answer")).startsWith("It fits once it is trimmed at");
        assertThat(leaf.lookup(".fit-lap")).isNotNull();
        pen(0.45, 0.4, 0.55, 0.6);
        assertThat(leaf.lookup(".keep-out-entered")).isNotNull();
        assertThat(text("fit-answer")).contains("into what must stay free");
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            ((Button) leaf.lookup("#keep-out-away")).fire();
            settle(leaf);
        });
        assertThat(leaf.lookup(".keep-out-entered")).isNull();
        enter("lap-mm", "wide");
        assertThat(text("fit-wrong")).contains("wide");
        enter("lap-mm", "0");
        assertThat(text("fit-answer")).startsWith("It cannot be trimmed to fit");
    }

    /** Set down and lifted at shares of the drawn outline's box. */
    private void pen(double x, double y, double toX, double toY) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            var felt = (FitFelt) leaf.lookup("#fit");
            var box = felt.lookup(".chalk-fill").getBoundsInParent();
            for (var press : List.of(true, false)) {
                var at = felt.localToScene(
                        box.getMinX() + (press ? x : toX) * box.getWidth(),
                        box.getMinY() + (press ? y : toY) * box.getHeight());
                var kind = press ? MouseEvent.MOUSE_PRESSED : MouseEvent.MOUSE_RELEASED;
                felt.fireEvent(new MouseEvent(
                        kind,
                        at.getX(),
                        at.getY(),
                        0,
                        0,
                        MouseButton.PRIMARY,
                        1,
                        false,
                        false,
                        false,
                        false,
                        press,
                        false,
                        false,
                        false,
                        false,
                        false,
                        null));
            }
            settle(leaf);
        });
    }

    private void enter(String id, String text) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            var field = (TextField) leaf.lookup("#" + id);
            field.setText(text);
            field.fireEvent(new ActionEvent());
            settle(leaf);
        });
    }

    @Test
    void whatCannotBeReadIsSaidAndNothingChanges() throws Exception {
        var before = text("fit-answer");
        var bad = Files.writeString(home.resolve("bad.json"), "{\"format\":\"welumen-outline/1\"}");
        lay(bad, bad);
        assertThat(text("fit-wrong")).contains("/outline is missing");
        lay(home.resolve("missing.json"), bad);
        assertThat(text("fit-wrong")).contains("missing.json");
        assertThat(text("fit-answer")).isEqualTo(before);
    }

    private void lay(Path needed, Path bought) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            leaf.lay(needed, bought);
            settle(leaf);
        });
    }

    private String text(String id) {
        return WaitForAsyncUtils.waitForAsyncFx(
                10_000, () -> (id.equals("fit-answer") ? leaf.answer() : (Label) leaf.lookup("#" + id)).getText());
    }
}
