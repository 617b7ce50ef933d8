package welumen.desktop.frame;

import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.Screen;
import welumen.job.Progress;
import welumen.job.WorkStage;

/** The tape measure along the top: its graduations are the stages, stitched as they get done. */
final class Tape extends HBox {
    private static final double HEIGHT = 66;
    private static final double LEFT = 292;
    private static final double LONGEST_STITCH = 86;
    /** Beside a day. */
    private static final double SHORT_STITCH = 12;

    private static final DateTimeFormatter READY = DateTimeFormatter.ofPattern("d MMM", Locale.UK);

    /** Size of the brand's text, and widths at that size: of the whole tape with words, of a number, of the open stage's word. */
    private static final double TEXT = 17;

    private static final double WITH_WORDS = 1000;
    private static final double NUMBER = 46;
    private static final double OPEN = 70;

    private final HBox brand = new HBox(4);
    private boolean isNarrow;
    private final JobModel model;
    private final Label name = Nodes.label("", "brand");
    private final Button car = new Button();
    private final Button yard = new Button("Yard");
    private final Map<WorkStage, Mark> marks = new EnumMap<>(WorkStage.class);

    Tape(JobModel model) {
        this.model = model;
        getStyleClass().add("tape");
        setMinHeight(HEIGHT);
        setMinWidth(0);
        getChildren().add(brand);
        fillBrand();
        for (var stage : WorkStage.values()) {
            var mark = new Mark(stage);
            marks.put(stage, mark);
            HBox.setHgrow(mark, Priority.ALWAYS);
            getChildren().add(mark);
        }
        model.versionProperty().subscribe((_, _) -> refresh());
        model.stageProperty().subscribe((_, _) -> refresh());
        model.ready().dayProperty().subscribe((_, _) -> refresh());
        model.screenProperty().subscribe((_, _) -> refresh());
        widthProperty().subscribe(this::fold);
        name.fontProperty().subscribe(this::fold);
        refresh();
    }

    /** With large text or in a small window there is no room for all the words. */
    private void fold() {
        var scale = name.getFont().getSize() / TEXT;
        isNarrow = getWidth() / scale < WITH_WORDS;
        var left = Math.max(LEFT, Math.min(LEFT * scale, getWidth() - marks.size() * NUMBER * scale - OPEN * scale));
        brand.setMinWidth(left);
        brand.setMaxWidth(left);
        marks.values().forEach(Mark::showName);
    }

    /** The yard's name and the open car's: each is pressed for what belongs to it. */
    private void fillBrand() {
        car.getStyleClass().add("car-pick");
        car.setId("cars");
        car.setMaxWidth(Double.MAX_VALUE);
        car.setWrapText(true);
        car.setMinHeight(USE_PREF_SIZE);
        car.setAlignment(Pos.CENTER_LEFT);
        car.setGraphic(new FontIcon(Feather.CHEVRON_DOWN));
        car.setContentDisplay(ContentDisplay.RIGHT);
        Tips.on(car, Keys.CARS.told());
        car.setOnAction(_ -> turn(Screen.CARS));
        yard.getStyleClass().add("yard-pick");
        yard.setId("yard");
        yard.setGraphic(new FontIcon(Feather.HOME));
        yard.setContentDisplay(ContentDisplay.TOP);
        yard.setMinWidth(USE_PREF_SIZE);
        Tips.on(yard, Keys.YARD.told());
        yard.setOnAction(_ -> turn(Screen.YARD));
        var named = new VBox(0, name, car);
        named.setAlignment(Pos.CENTER_LEFT);
        named.setMinWidth(0);
        HBox.setHgrow(named, Priority.ALWAYS);
        brand.getChildren().setAll(yard, named);
        brand.setAlignment(Pos.CENTER_LEFT);
        brand.setMinWidth(LEFT);
        brand.setMaxWidth(LEFT);
        brand.getStyleClass().add("brand-box");
    }

    private void turn(Screen screen) {
        model.screenProperty().set(model.screenProperty().get() == screen ? Screen.STAGE : screen);
    }

    private void refresh() {
        name.setText(model.workshopName().isBlank() ? "Welumen" : model.workshopName());
        car.setText(model.openedProperty().get().title());
        car.setAccessibleText("The car: " + model.openedProperty().get().title());
        var screen = model.screenProperty().get();
        car.pseudoClassStateChanged(Styles.PICKED, screen == Screen.CARS);
        yard.pseudoClassStateChanged(Styles.PICKED, screen == Screen.YARD);
        marks.forEach((stage, mark) -> mark.show(
                Progress.of(model.job(), stage),
                screen == Screen.STAGE && stage == model.stageProperty().get()));
    }

    /** One stage on the tape. */
    private final class Mark extends StackPane {
        private static final int FINE = 10;

        private final Button button = new Button();
        private final Label name = new Label();
        private final Label marker = new Label();
        private final Line stitches = new Line(0, 0, 0, 0);
        private final Label ready = new Label();
        private final Rectangle underline = new Rectangle(0, 3);
        private final Pane graduations = new Pane();
        private final VBox face = new VBox(5);
        private final WorkStage stage;
        private boolean isPicked;

        Mark(WorkStage stage) {
            this.stage = stage;
            name.getStyleClass().add("name");
            name.setMinWidth(USE_PREF_SIZE);
            marker.getStyleClass().add("marker");
            marker.setMinWidth(USE_PREF_SIZE);
            stitches.getStyleClass().add("stitches");
            underline.getStyleClass().add("underline");
            underline.widthProperty().bind(button.widthProperty());
            var words = new HBox(4, name, marker);
            words.setAlignment(Pos.CENTER_LEFT);
            ready.getStyleClass().add("ready-day");
            ready.setManaged(false); // it stands beside the stitches, and moves nothing
            var below = new HBox(6, stitches, ready);
            below.setAlignment(Pos.CENTER_LEFT);
            face.getChildren().addAll(words, below);
            face.setMinWidth(USE_PREF_SIZE); // a long word stands out a little rather than being cut
            face.setAlignment(Pos.CENTER_LEFT);
            face.getStyleClass().add("face");
            button.setGraphic(new StackPane(face));
            button.setId("stage-" + stage.word().toLowerCase(Locale.ROOT));
            button.getStyleClass().setAll("stage-mark");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setMinWidth(0);
            button.setPrefHeight(48);
            button.setAlignment(Pos.CENTER_LEFT);
            button.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
            Tips.on(button, "%s (Alt+%d)".formatted(stage.word(), stage.number()));
            button.setOnAction(_ -> {
                model.stageProperty().set(stage);
                model.screenProperty().set(Screen.STAGE);
            });
            graduations.setMouseTransparent(true);
            StackPane.setAlignment(button, Pos.BOTTOM_CENTER);
            StackPane.setAlignment(underline, Pos.BOTTOM_LEFT);
            getChildren().addAll(graduations, button, underline);
            setPrefWidth(114);
            widthProperty().subscribe(this::graduate);
        }

        /** The day by which the car is ready moves along with what is typed. */
        private void showReady() {
            var day = model.ready().dayProperty().get();
            ready.setText(day.map(READY::format).orElse(""));
            if (day.isEmpty()) return;
            stitches.setEndX(Math.min(stitches.getEndX(), SHORT_STITCH));
            ready.applyCss();
            ready.autosize();
            ready.relocate(SHORT_STITCH + 8, -6);
        }

        @Override
        protected double computeMinWidth(double height) {
            return isNarrow && isPicked ? face.prefWidth(-1) + 24 : 40;
        }

        void show(Progress progress, boolean picked) {
            isPicked = picked;
            showName();
            button.pseudoClassStateChanged(Styles.PICKED, picked);
            underline.setVisible(picked);
            stitches.setEndX(Math.round(LONGEST_STITCH * progress.share() / 12) * 12);
            stitches.setVisible(progress.share() > 0);
            if (stage == WorkStage.HANDOVER) showReady();
            marker.setText(Integer.toString(progress.attention()));
            marker.setVisible(progress.attention() > 0);
            marker.setManaged(marker.isVisible());
            button.setAccessibleText("%s, %.0f per cent done, %d to look at"
                    .formatted(stage.word(), 100 * progress.share(), progress.attention()));
        }

        /** Where there is no room for nine words, the others are numbers, as on their keys. */
        private void showName() {
            name.setText(isPicked || !isNarrow ? stage.word() : Integer.toString(stage.number()));
            requestLayout();
        }

        private void graduate() {
            var coarse = new Path();
            var fine = new Path();
            coarse.getStyleClass().add("graduation");
            fine.getStyleClass().add("graduation-faint");
            for (var i = 0; i < FINE; i++) {
                var x = Math.rint(getWidth() * i / FINE) + 0.5;
                (i == 0 ? coarse : fine)
                        .getElements()
                        .addAll(new MoveTo(x, 0), new LineTo(x, i == 0 ? 15 : i == FINE / 2 ? 9 : 5));
            }
            graduations.getChildren().setAll(coarse, fine);
        }
    }
}
