package welumen.desktop.frame;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.help.HelpOver;
import welumen.desktop.help.HelpText;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Look;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.ScrolledPage;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.Screen;
import welumen.desktop.stage.StagePane;
import welumen.job.WorkStage;

/** The whole window: tape, cabin, rail, and the stage that is open. Keys that work everywhere are taken here. */
public final class Frame extends BorderPane {
    /** Those that need no modifier while no hand is on a leaf. */
    private static final Set<Keys> BARE = EnumSet.of(Keys.YARD, Keys.LARGE_CABIN);

    private static final int STEP_PERCENT = 10;
    /** Width of the cabin in pixels. */
    private static final double CABIN_WIDE = 316;
    /** Width in pixels that a stage wants beside the cabin, with text of the usual size. */
    private static final double STAGE_WIDE = 640;

    private final JobModel model;
    private final Map<Keys, BooleanSupplier> ways;
    private final Function<JobModel, StagePane> views;
    private final IdleQuestion idle;
    private final StackPane middle = new StackPane();
    private @Nullable LargeCabin largeCabin;
    private @Nullable HelpOver help;
    private final UnitsBox units = new UnitsBox(this::focusFirst);
    private StagePane open;
    private ScrolledPage page;
    private @Nullable CabinView cabin;
    private @Nullable BenchRail rail;
    private boolean filled;
    private boolean evening;
    private int percent = 100;

    /** @param views what fills the middle, as the model says */
    public Frame(JobModel model, Function<JobModel, StagePane> views) {
        this.model = model;
        this.views = views;
        this.idle = new IdleQuestion(model);
        this.ways = ways();
        this.open = views.apply(model);
        this.page = new ScrolledPage(open);
        setTop(new Tape(model));
        var centre = new VBox(trouble(), paper(), idle, units, middle);
        VBox.setVgrow(middle, Priority.ALWAYS);
        middle.setMinWidth(0);
        centre.setMinWidth(0);
        setCenter(centre);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(InputEvent.ANY, input -> {
            if (input.getEventType() == KeyEvent.KEY_PRESSED || input.getEventType() == MouseEvent.MOUSE_PRESSED)
                idle.touch();
        });
        sceneProperty().subscribe(this::keepFocus);
        widthProperty().subscribe((_, _) -> {
            if (filled && largeCabin == null) showCabin();
        });
        showMiddle();
        model.placeProperty().subscribe((_, _) -> {
            open.close();
            open = views.apply(model);
            showMiddle();
        });
    }

    /** Where a view draws itself anew under the keyboard, what had it gets it again, not whatever comes first in the window. */
    private void keepFocus(Scene in) {
        if (in == null) return;
        in.focusOwnerProperty().subscribe((before, now) -> {
            if (before == null || before.getScene() != null || isInStage(now)) return;
            Platform.runLater(() -> {
                if (isInStage(in.getFocusOwner())) return;
                var again = before.getId() == null ? null : open.lookup("#" + before.getId());
                (again == null ? open.first() : again).requestFocus();
            });
        });
    }

    private boolean isInStage(@Nullable Node node) {
        for (var up = node; up != null; up = up.getParent()) if (up == middle) return true;
        return false;
    }

    /** Builds what is around the answer without showing it, once. */
    public void prepare() {
        if (cabin != null) return;
        cabin = new CabinView(model, this::openLarge);
        rail = new BenchRail(model, this::turnEvening);
        open.prepare();
    }

    /** Adds what is around the answer, once that has been painted: the cabin, the rail and the stage's detail. */
    public void fillIn() {
        prepare();
        showCabin();
        setBottom(rail);
        filled = true;
        open.open();
        focusFirst();
    }

    /** What scrolls has its content only once it is styled. */
    private void focusFirst() {
        if (open.first().getScene() == null) page.applyCss();
        open.first().requestFocus();
    }

    /** The cabin is a car's: the yard has the room to itself. */
    private void showCabin() {
        setLeft(model.screenProperty().get() == Screen.STAGE && hasRoomBeside() ? cabin : null);
    }

    /** Beside large text in a small window the cabin would leave the stage no room; it opens large by its key. */
    private boolean hasRoomBeside() {
        return getWidth() == 0 || getWidth() - CABIN_WIDE >= STAGE_WIDE * percent / 100.0;
    }

    private HBox trouble() {
        var words = Nodes.label("");
        words.setId("trouble");
        words.textProperty().bind(model.troubleProperty());
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        var row = Nodes.row(16, words, Nodes.button("Seen", "Put this message away", model::forgetTrouble));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("trouble");
        row.visibleProperty().bind(model.troubleProperty().isNotEmpty());
        row.managedProperty().bind(row.visibleProperty());
        row.setMinHeight(USE_PREF_SIZE);
        return row;
    }

    /** What was made last, to be opened or printed with one press. */
    private HBox paper() {
        var words = Nodes.label("");
        words.setId("paper-made");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMaxWidth(Double.MAX_VALUE);
        var opens = Nodes.chief("Open", "Open it with the program for such files", model.papers()::open);
        opens.setId("paper-open");
        var prints = Nodes.button("Print", "Send it to the usual printer", model.papers()::print);
        prints.setId("paper-print");
        var seen = Nodes.button(
                "Seen", "Put this away", () -> model.paperProperty().set(null));
        seen.setId("paper-seen");
        var row = Nodes.row(12, words, opens, prints, seen);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("paper-made");
        row.setMinHeight(USE_PREF_SIZE);
        row.managedProperty().bind(row.visibleProperty());
        model.paperProperty().subscribe(file -> {
            row.setVisible(file != null);
            if (file == null) return;
            words.setText("Made: %s, in %s".formatted(file.getFileName(), file.getParent()));
            prints.setVisible(file.toString().endsWith(".pdf"));
        });
        return row;
    }

    private void showMiddle() {
        page = new ScrolledPage(open);
        middle.getChildren().setAll(page);
        largeCabin = null;
        help = null;
        showCabin();
        if (filled) open.open();
        else open.openWithAnswer();
        focusFirst();
    }

    /** Turns to the open stage's next leaf, or by −1 to the one before. */
    public void turnLeaf(int by) {
        open.turnLeaf(by);
    }

    /** What stands on the open leaf's tab; empty where the open stage has none. */
    public String leafWord() {
        return open.leafWord();
    }

    /** How many leaves the open stage has now. */
    public int leafCount() {
        return open.leafCount();
    }

    /** Opens the cabin large over the stage. */
    public void openLarge() {
        largeCabin = new LargeCabin(model, this::closeLarge);
        setLeft(null); // it shows the same, smaller
        middle.getChildren().setAll(page, largeCabin);
        largeCabin.open();
    }

    private void closeLarge() {
        largeCabin = null;
        showCabin();
        middle.getChildren().setAll(page);
        open.first().requestFocus();
    }

    private void turnEvening() {
        evening = !evening;
        Look.evening(getScene(), evening);
    }

    private void key(KeyEvent key) {
        if (acts(key)) key.consume();
    }

    private boolean acts(KeyEvent key) {
        var digit = digit(key);
        var free = !isInStage(getScene().getFocusOwner());
        if (digit > 0 && (key.isAltDown() || free && !key.isShortcutDown())) {
            model.stageProperty().set(WorkStage.values()[digit - 1]);
            model.screenProperty().set(Screen.STAGE);
            return true;
        }
        if (Keys.TAKE_BACK.is(key) && hasTyped(getScene())) return false;
        for (var entry : ways.entrySet())
            if (entry.getKey().is(key)
                    || BARE.contains(entry.getKey()) && free && entry.getKey().isBare(key))
                return entry.getValue().getAsBoolean();
        return false;
    }

    /** What each key does here; false where it is for somebody else just now. */
    private Map<Keys, BooleanSupplier> ways() {
        var all = new EnumMap<Keys, BooleanSupplier>(Keys.class);
        all.put(Keys.YARD, always(() -> turn(Screen.YARD)));
        all.put(Keys.CARS, always(() -> turn(Screen.CARS)));
        all.put(Keys.TAKE_BACK, always(model::takeBack));
        all.put(Keys.PUT_BACK, always(model::putBack));
        all.put(Keys.LARGER, always(() -> scale(percent + STEP_PERCENT)));
        all.put(Keys.SMALLER, always(() -> scale(percent - STEP_PERCENT)));
        all.put(Keys.NEXT_LEAF, always(() -> turnLeaf(1)));
        all.put(Keys.LEAF_BEFORE, always(() -> turnLeaf(-1)));
        all.put(Keys.WORK_TIME, always(model.workTime()::startOrStop));
        all.put(Keys.EVENING, always(this::turnEvening));
        all.put(Keys.HELP, always(this::turnHelp));
        all.put(Keys.OTHER_UNITS, always(units::turn));
        all.put(Keys.TO_THE_STAGE, this::toTheStage);
        all.put(Keys.LARGE_CABIN, this::turnLarge);
        return all;
    }

    private static BooleanSupplier always(Runnable act) {
        return () -> {
            act.run();
            return true;
        };
    }

    /** Explains the open leaf on the leaf itself, or no more. */
    public void turnHelp() {
        if (help != null) {
            closeHelp();
            return;
        }
        var stage = switch (model.screenProperty().get()) {
            case STAGE -> model.stageProperty().get().word();
            case YARD -> "Yard";
            case CARS -> "Cars";
        };
        var sentences = HelpText.of(stage, open.leafWord());
        if (sentences.isEmpty() || largeCabin != null) return;
        help = new HelpOver(
                open.leafWord().isEmpty() ? stage : stage + ", " + open.leafWord(), sentences, page, this::closeHelp);
        middle.getChildren().add(help);
        help.first().requestFocus();
    }

    private void closeHelp() {
        middle.getChildren().remove(help);
        help = null;
        focusFirst();
    }

    private boolean toTheStage() {
        if (help != null) {
            closeHelp();
            return true;
        }
        if (units.isVisible()) {
            units.turn();
            return true;
        }
        if (model.screenProperty().get() == Screen.STAGE) return false;
        model.screenProperty().set(Screen.STAGE);
        return true;
    }

    private boolean turnLarge() {
        if (model.screenProperty().get() != Screen.STAGE) return false;
        if (largeCabin != null) closeLarge();
        else openLarge();
        return true;
    }

    /** There, or back to the stage where one is there already. */
    private void turn(Screen screen) {
        model.screenProperty().set(model.screenProperty().get() == screen ? Screen.STAGE : screen);
    }

    /** All text so large, from 100 to 200 %. */
    public void scale(int newPercent) {
        percent = Math.clamp(newPercent, 100, 200);
        Look.scale(getScene(), percent);
        showCabin();
    }

    private static int digit(KeyEvent key) {
        var number = key.getCode().ordinal() - KeyCode.DIGIT0.ordinal();
        return number >= 1 && number <= 9 ? number : 0;
    }

    /** Whether the focus is in a field with text of its own to take back. */
    private static boolean hasTyped(Scene scene) {
        return scene != null
                && scene.getFocusOwner() instanceof TextInputControl field
                && !field.getText().isEmpty()
                && field.isUndoable();
    }
}
