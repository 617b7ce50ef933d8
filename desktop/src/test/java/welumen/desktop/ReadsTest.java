package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.desktop.look.Headline;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.intake.IntakeChange.WishNoted;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.StepLogging;
import welumen.job.WorkStage;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.piece.EdgeFinish;
import welumen.strip.line.Shorthand;
import welumen.yard.YardChange.PersonJoined;

/**
 * A leaf shows what one made anew would show: where something changes that a leaf reads and does not name, the one that is open
 * stays as it was while a new one is another.
 */
class ReadsTest {
    @TempDir
    Path home;

    private Workbench bench;

    @BeforeEach
    void begin() {
        bench = Workbench.open(home);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    @Test
    void noLeafIsLeftBehindByAChange() {
        var behind = new ArrayList<String>();
        for (var stage : WorkStage.values()) {
            bench.go(stage);
            behind.addAll(bench.ask(this::leftBehind));
            for (var leaf = 1; leaf < bench.ask(this::leaves).size(); leaf++) {
                bench.ask(this::turn);
                behind.addAll(bench.ask(this::leftBehind));
            }
        }
        assertThat(behind).isEmpty();
    }

    private boolean turn() {
        open().orElseThrow().turn(1);
        return true;
    }

    private List<Node> leaves() {
        return List.copyOf(bench.robot.lookup(".leaf").queryAll());
    }

    private Optional<Leaves> open() {
        return bench.robot.lookup(node -> node instanceof Leaves).tryQuery();
    }

    private List<String> leftBehind() {
        return open().map(this::leftBehind).orElse(List.of());
    }

    private List<String> leftBehind(Leaves leaves) {
        var model = bench.model();
        if (leaves.open().readsEverything()) return List.of();
        var pieces = model.job().patterns().pieces();
        var picked = model.pickedProperty().get();
        var changes = new LinkedHashMap<String, Runnable>();
        changes.put(
                "a part with pieces",
                () -> model.pickedProperty().set(pieces.getFirst().part()));
        changes.put(
                "another part",
                () -> model.pickedProperty().set(pieces.getLast().part()));
        changes.put(
                "a person",
                () -> model.yard().make(new PersonJoined("Zita " + leaves.tab().word())));
        changes.put(
                "an edge",
                () -> model.make(new AtPattern(new EdgeFinished(pieces.getLast().id(), 0, EdgeFinish.SEWN, 17))));
        changes.put("a wish", () -> model.make(new AtIntake(new WishNoted("Quiet doors"))));
        changes.put("a step", () -> model.make(step(model)));
        changes.put("that step taken back", model::takeBack);
        var behind = new ArrayList<String>();
        var before = shown(anew(leaves, model));
        for (var change : changes.entrySet()) {
            var live = shown(leaves.open());
            change.getValue().run();
            leaves.getScene().getRoot().layout();
            var now = shown(anew(leaves, model));
            if (!now.equals(before) && shown(leaves.open()).equals(live))
                behind.add("%s: %s".formatted(leaves.tab().word(), change.getKey()));
            before = now;
        }
        model.takeBack();
        model.takeBack();
        model.pickedProperty().set(picked);
        return behind;
    }

    private static JobChange step(JobModel model) {
        var job = model.job();
        var part = job.cabin().parts().getLast().id();
        return StepLogging.log(
                job,
                Shorthand.read("3 screws no. 8, bag 93, loose", part, job.cabin(), job.strip()),
                List.of(),
                "Ada",
                model.nowProperty().get());
    }

    private static Parent anew(Leaves leaves, JobModel model) {
        var other = new Leaves(model, new Headline(), leaves.tab());
        other.refresh();
        return other.open();
    }

    private static List<String> shown(Parent parent) {
        return nodes(parent).flatMap(ReadsTest::said).toList();
    }

    /** Also what scrolls, which lies in its pane only once that has been styled. */
    private static Stream<Node> nodes(Parent parent) {
        if (parent instanceof ScrollPane pane) return withIn(pane.getContent());
        return parent.getChildrenUnmodifiable().stream().flatMap(ReadsTest::withIn);
    }

    private static Stream<Node> withIn(Node node) {
        return node instanceof Parent more ? Stream.concat(Stream.of(node), nodes(more)) : Stream.of(node);
    }

    private static Stream<String> said(Node node) {
        return switch (node) {
            case Labeled label -> Stream.of(label.getText() == null ? "" : label.getText());
            case TextInputControl field -> Stream.of(field.getText() == null ? "" : field.getText());
            case ListView<?> list -> list.getItems().stream().map(String::valueOf);
            case ComboBoxBase<?> box -> Stream.of(String.valueOf(box.getValue()));
            case ChoiceBox<?> box -> Stream.of(String.valueOf(box.getValue()));
            default -> Stream.of();
        };
    }
}
