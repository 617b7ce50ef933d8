package welumen.desktop;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import welumen.cabin.PartId;
import welumen.desktop.door.Door;
import welumen.desktop.frame.Frame;
import welumen.desktop.model.Devices;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.OpenedWorkshop;
import welumen.finish.reading.ColourReader;
import welumen.job.WorkStage;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.standins.camera.CameraStandin;
import welumen.standins.camera.FloorCameraStandin;
import welumen.standins.camera.LabelPhoto;
import welumen.standins.demo.DemoDay;
import welumen.standins.demo.DemoWorkshop;
import welumen.standins.printer.PrinterStandin;
import welumen.standins.reader.ReaderStandin;

/** A demo workshop in a real window, with a robot's hands: what the walks have in common. */
final class Workbench implements AutoCloseable {
    final FxRobot robot = new FxRobot();
    /** How often a hand clicks that misses. */
    private static final int TRIES = 4;

    private Path folder;
    private final AtomicReference<Instant> now = new AtomicReference<>(DemoDay.start(DemoDay.USUAL));
    private final Clock clock = new Clock() {
        @Override
        public ZoneId getZone() {
            return DemoDay.ZONE;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            throw new UnsupportedOperationException("The bench stands where it stands.");
        }

        @Override
        public Instant instant() {
            return now.get();
        }
    };
    final NoPaper papers = new NoPaper();
    private OpenedWorkshop workshop;
    private WelumenWindow window;
    private String person = DemoWorkshop.PERSON;
    private final CompletableFuture<Void> entered = new CompletableFuture<>();
    private Optional<ColourReader> reader = Optional.of(new ReaderStandin());
    private int strokes;

    private final Faults faults = new Faults();

    private Workbench(Path folder) {
        this.folder = folder;
        faults.listen();
    }

    static Workbench open(Path home) {
        try {
            var bench = new Workbench(DemoCopy.into(home));
            FxToolkit.registerPrimaryStage();
            bench.show();
            return bench;
        } catch (java.util.concurrent.TimeoutException late) {
            throw new IllegalStateException(late);
        }
    }

    /** A first start on an empty home: the door, until a workshop is begun there. */
    static Workbench atTheDoor(Path home, Instant now) {
        try {
            var bench = new Workbench(home);
            bench.now.set(now);
            FxToolkit.registerPrimaryStage();
            var places = new Door.Places(home.resolve("workshops"), home.resolve("demo"), Optional.empty());
            FxToolkit.setupStage(stage -> {
                stage.hide();
                new Door(stage, places, bench.clock, bench::enter).show();
            });
            bench.settle();
            return bench;
        } catch (java.util.concurrent.TimeoutException late) {
            throw new IllegalStateException(late);
        }
    }

    /** From the door on: this bench has no reader of colour and gloss. */
    Workbench withoutReader() {
        reader = Optional.empty();
        return this;
    }

    private void enter(Stage stage, Door.Chosen chosen) {
        folder = chosen.folder();
        workshop = OpenedWorkshop.open(folder, clock);
        person = chosen.person().orElseThrow();
        Platform.runLater(() -> show(stage, entered));
    }

    /** Waits until what was chosen at the door is open. */
    void entered() {
        try {
            entered.get(30, TimeUnit.SECONDS);
        } catch (java.util.concurrent.TimeoutException | ExecutionException | InterruptedException late) {
            throw new IllegalStateException(late);
        }
        settle();
    }

    private void show() {
        workshop = OpenedWorkshop.open(folder, clock);
        var whole = new CompletableFuture<Void>();
        try {
            FxToolkit.setupStage(stage -> show(stage, whole));
            whole.get(30, TimeUnit.SECONDS);
        } catch (java.util.concurrent.TimeoutException | ExecutionException | InterruptedException late) {
            throw new IllegalStateException(late);
        }
        settle();
    }

    private void show(Stage stage, CompletableFuture<Void> whole) {
        window = new WelumenWindow(
                workshop,
                person,
                new Devices(
                        new CameraStandin(),
                        new PrinterStandin(workshop.folder()::keepPaper),
                        LabelPhoto::ofNewest,
                        new FloorCameraStandin(1600), // a walk traces; how closely is for the stand-ins’ tests
                        papers,
                        reader));
        window.showOn(stage, new Painted() {
            @Override
            public void answer() {}

            @Override
            public void whole() {
                whole.complete(null);
            }
        });
        stage.requestFocus();
    }

    /** Ends the program and starts it again on the same folder. */
    void restart() {
        workshop.folder().close();
        show();
    }

    JobModel model() {
        return window.model();
    }

    /** What a thread of ours sees of the window's. */
    <T> T ask(Callable<T> question) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, question);
    }

    void go(WorkStage stage) {
        robot.press(KeyCode.ALT).type(KeyCode.valueOf("DIGIT" + stage.number())).release(KeyCode.ALT);
        settle();
    }

    /** Turns to the yard, or back from it. */
    void yard() {
        robot.press(KeyCode.ALT).type(KeyCode.DIGIT0).release(KeyCode.ALT);
        settle();
    }

    /** Turns to the list of cars, or back from it. */
    void cars() {
        robot.type(KeyCode.F3);
        settle();
    }

    void type(String id, String text) {
        reveal(id);
        robot.clickOn("#" + id);
        ask(() -> {
            robot.lookup("#" + id).queryAs(TextField.class).selectAll();
            return null;
        });
        write(text);
        settle();
    }

    void typeAndEnter(String id, String text) {
        type(id, text);
        robot.type(KeyCode.ENTER);
        settle();
    }

    /** Chooses in a list that opens. */
    <T> void choose(String id, T value) {
        ask(() -> {
            robot.lookup("#" + id).<ComboBox<T>>query().setValue(value);
            return null;
        });
        settle();
    }

    /** Clicks it; where the screen moved under the hand, on a slow machine, the hand clicks again, as anybody's would. */
    void click(String id) {
        if (id.startsWith("leaf-")) openGroupOf(id);
        Node node = reveal(id);
        var isHit = new AtomicBoolean();
        EventHandler<MouseEvent> hit = _ -> isHit.set(true);
        ask(() -> {
            node.addEventFilter(MouseEvent.MOUSE_PRESSED, hit);
            return null;
        });
        for (var i = 0; i < TRIES && !isHit.get(); i++) {
            robot.clickOn("#" + id);
            settle();
            if (node.isDisabled()) isHit.set(true); // nothing reaches it
        }
        ask(() -> {
            node.removeEventFilter(MouseEvent.MOUSE_PRESSED, hit);
            return null;
        });
        if (!isHit.get()) throw new AssertionError("“%s” cannot be clicked.".formatted(id));
    }

    /** A leaf's tab stands there once the group is open that it belongs to. */
    private void openGroupOf(String leaf) {
        if (robot.lookup("#" + leaf).tryQuery().isPresent()) return;
        for (var group : ask(() -> robot.lookup(".leaf-group").queryAllAs(Button.class))) {
            if (group.getScene() == null) continue;
            bringIntoView(group);
            robot.clickOn(group);
            settle();
            if (robot.lookup("#" + leaf).tryQuery().isPresent()) return;
        }
        throw new AssertionError("There is no leaf “%s” here.".formatted(leaf));
    }

    /** Brings it into view, where it lies in what scrolls, as a hand at the wheel does. */
    Node reveal(String id) {
        Node node = robot.lookup("#" + id).query();
        bringIntoView(node);
        return node;
    }

    private void bringIntoView(Node node) {
        ask(() -> {
            for (Node up = node.getParent(); up != null; up = up.getParent())
                if (up instanceof ScrollPane pane) scroll(pane, node);
            return null;
        });
        settle();
    }

    private static void scroll(ScrollPane pane, Node to) {
        var content = pane.getContent();
        var spare =
                content.getLayoutBounds().getHeight() - pane.getViewportBounds().getHeight();
        var box = content.sceneToLocal(to.localToScene(to.getLayoutBounds()));
        var view = pane.localToScene(pane.getLayoutBounds());
        var now = to.localToScene(to.getLayoutBounds());
        if (spare > 0 && (now.getMinY() < view.getMinY() || now.getMaxY() > view.getMaxY()))
            pane.setVvalue(
                    Math.clamp((box.getCenterY() - pane.getViewportBounds().getHeight() / 2) / spare, 0, 1));
    }

    /**
     * Lays out by this button, ends the search once it has a plan, and waits until the plan lies. On a slow machine
     * the time of the search may be over before anybody sees that it runs.
     */
    void layOut(String button) {
        click(button);
        var finish = robot.lookup("#finish-now").queryButton();
        until(() -> {
            if (finish.isVisible() && answer().contains("so far")) finish.fire();
            return !finish.isVisible();
        });
    }

    /** Lets time go by, and the window notice. */
    void pass(Duration time) {
        now.updateAndGet(before -> before.plus(time));
        ask(() -> {
            model().tick();
            return null;
        });
        settle();
    }

    /** How many leaves the open stage has now, of all groups. */
    int leafCount() {
        return ask(() -> ((Frame) window.scene().getRoot()).leafCount());
    }

    /** Turns to the next leaf of the stage. */
    void turnLeaf() {
        robot.press(KeyCode.CONTROL).type(KeyCode.PAGE_DOWN).release(KeyCode.CONTROL);
        settle();
    }

    void pick(String part) {
        ask(() -> {
            model().pickedProperty().set(new PartId(part));
            return null;
        });
        settle();
    }

    /** Types where the focus is, counting the strokes. */
    void keys(String text, KeyCode... then) {
        write(text);
        for (var key : then) robot.type(key);
        strokes += text.length() + then.length;
        settle();
    }

    /** Key by key, without the pause after each that the robot makes. */
    private void write(String text) {
        ask(() -> {
            for (var letter : text.split("")) stroke(letter);
            return null;
        });
    }

    private static void stroke(String letter) {
        var scene = Window.getWindows().stream()
                .filter(Window::isFocused)
                .findFirst()
                .orElseThrow()
                .getScene();
        var key = letter.equals(" ") ? KeyCode.SPACE : KeyCode.UNDEFINED;
        for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
            var target = Optional.<EventTarget>ofNullable(scene.getFocusOwner()).orElse(scene);
            var isTyped = type == KeyEvent.KEY_TYPED;
            Event.fireEvent(
                    target,
                    new KeyEvent(
                            type,
                            isTyped ? letter : "",
                            "",
                            isTyped ? KeyCode.UNDEFINED : key,
                            false,
                            false,
                            false,
                            false));
        }
    }

    /** Strokes since the last time that they were asked for. */
    int strokes() {
        var before = strokes;
        strokes = 0;
        return before;
    }

    String text(String id) {
        return ask(() -> robot.lookup("#" + id).queryAs(Labeled.class).getText());
    }

    /** What stands in every label of a kind. */
    List<String> texts(String selector) {
        return ask(() -> robot.lookup(selector).<Labeled>queryAll().stream()
                .map(Labeled::getText)
                .toList());
    }

    String field(String id) {
        return ask(() -> robot.lookup("#" + id).queryAs(TextInputControl.class).getText());
    }

    String answer() {
        return text("answer");
    }

    /** Waits until the window says so, two minutes at the most: how quick this machine is fails no walk. */
    void until(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(120, TimeUnit.SECONDS, () -> ask(condition));
        } catch (java.util.concurrent.TimeoutException never) {
            throw new AssertionError("It did not come about within 120 s.", never);
        }
        settle();
    }

    Path folder() {
        return folder;
    }

    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What a view could not show is said to the trimmer in a sentence, and fails a walk. */
    private static final class Faults extends Handler {
        private static final Logger SHOWING = Logger.getLogger("welumen.desktop.stage.Showing");
        private final List<LogRecord> records = new CopyOnWriteArrayList<>();

        void listen() {
            SHOWING.setLevel(Level.ALL);
            SHOWING.addHandler(this);
        }

        void end() {
            SHOWING.removeHandler(this);
            for (var one : records) throw new AssertionError(one.getMessage() + " failed to show", one.getThrown());
        }

        @Override
        public void publish(LogRecord one) {
            records.add(one);
        }

        @Override
        public void flush() {}

        @Override
        public void close() {}
    }

    @Override
    public void close() {
        ask(() -> {
            window.scene().getWindow().hide();
            return null;
        });
        workshop.folder().close();
        faults.end();
        Lengths.in(Length.Style.METRIC); // the next bench of this process may be a yard's that counts otherwise
    }
}
