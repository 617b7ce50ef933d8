package welumen.desktop.frame;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
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
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.Progress;
import welumen.job.WorkStage;
import welumen.job.WorkshopChange.JobOpened;

/** The tape measure along the top: its graduations are the stages, stitched as they get done. */
final class Tape extends HBox {
    private static final double HEIGHT = 66;
    private static final double LEFT = 228;
    private static final double LONGEST_STITCH = 86;

    private final JobModel model;
    private final Map<WorkStage, Mark> marks = new EnumMap<>(WorkStage.class);

    Tape(JobModel model) {
        this.model = model;
        getStyleClass().add("tape");
        setMinHeight(HEIGHT);
        setMinWidth(0);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        getChildren().add(brand());
        for (var stage : WorkStage.values()) {
            var mark = new Mark(stage);
            marks.put(stage, mark);
            HBox.setHgrow(mark, Priority.ALWAYS);
            getChildren().add(mark);
        }
        model.jobProperty().subscribe(this::refresh);
        model.stageProperty().subscribe(this::refresh);
        refresh();
    }

    private VBox brand() {
        var jobs = new ComboBox<JobOpened>();
        jobs.getStyleClass().add("job-pick");
        jobs.getItems().setAll(model.workshop().jobs());
        jobs.setCellFactory(_ -> new JobCell());
        jobs.setButtonCell(new JobCell());
        jobs.setValue(model.openedProperty().get());
        jobs.setAccessibleText("The job");
        jobs.setTooltip(new Tooltip("Turn to another job"));
        jobs.valueProperty().subscribe(job -> {
            if (job != null && job != model.openedProperty().get()) model.open(job);
        });
        model.openedProperty().subscribe(jobs::setValue);
        jobs.setMaxWidth(LEFT - 24);
        var brand = new VBox(0, Nodes.whole("Welumen", "brand"), jobs);
        brand.setAlignment(Pos.CENTER_LEFT);
        brand.setMinWidth(LEFT);
        brand.getStyleClass().add("brand-box");
        return brand;
    }

    private void refresh() {
        marks.forEach((stage, mark) -> mark.show(
                Progress.of(model.job(), stage), stage == model.stageProperty().get()));
    }

    private static final class JobCell extends ListCell<JobOpened> {
        @Override
        protected void updateItem(JobOpened job, boolean empty) {
            super.updateItem(job, empty);
            setText(empty || job == null ? "" : job.title());
        }
    }

    /** One stage on the tape. */
    private final class Mark extends StackPane {
        private static final int FINE = 10;

        private final Button button = new Button();
        private final Label marker = new Label();
        private final Line stitches = new Line(0, 0, 0, 0);
        private final Rectangle underline = new Rectangle(0, 3);
        private final Pane graduations = new Pane();
        private final WorkStage stage;

        Mark(WorkStage stage) {
            this.stage = stage;
            var name = new Label(stage.word());
            name.getStyleClass().add("name");
            name.setMinWidth(USE_PREF_SIZE);
            marker.getStyleClass().add("marker");
            marker.setMinWidth(USE_PREF_SIZE);
            stitches.getStyleClass().add("stitches");
            underline.getStyleClass().add("underline");
            underline.widthProperty().bind(button.widthProperty());
            var words = new HBox(4, name, marker);
            words.setAlignment(Pos.CENTER_LEFT);
            var face = new VBox(5, words, stitches);
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
            button.setTooltip(new Tooltip("%s (Alt+%d)".formatted(stage.word(), stage.number())));
            button.setOnAction(_ -> model.stageProperty().set(stage));
            graduations.setMouseTransparent(true);
            StackPane.setAlignment(button, Pos.BOTTOM_CENTER);
            StackPane.setAlignment(underline, Pos.BOTTOM_LEFT);
            getChildren().addAll(graduations, button, underline);
            setMinWidth(60);
            setPrefWidth(114);
            widthProperty().subscribe(this::graduate);
        }

        void show(Progress progress, boolean picked) {
            button.pseudoClassStateChanged(Styles.PICKED, picked);
            underline.setVisible(picked);
            stitches.setEndX(Math.round(LONGEST_STITCH * progress.share() / 12) * 12);
            stitches.setVisible(progress.share() > 0);
            marker.setText(Integer.toString(progress.attention()));
            marker.setVisible(progress.attention() > 0);
            marker.setManaged(marker.isVisible());
            button.setAccessibleText("%s, %.0f per cent done, %d to look at"
                    .formatted(stage.word(), 100 * progress.share(), progress.attention()));
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
