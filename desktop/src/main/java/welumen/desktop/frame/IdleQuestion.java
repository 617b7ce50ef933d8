package welumen.desktop.frame;

import java.time.Duration;
import java.time.Instant;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;

/** Notices that nobody has touched anything while working time runs, and asks about it, once for each pause. */
final class IdleQuestion extends HBox {
    /** Shorter pauses are part of any work. */
    static final Duration PAUSE = Duration.ofMinutes(15);

    private final JobModel model;
    private final Label question = Nodes.label("");
    private Instant touched;
    private boolean answered;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    IdleQuestion(JobModel model) {
        super(12);
        this.model = model;
        this.touched = model.nowProperty().get();
        setId("idle");
        getStyleClass().add("trouble");
        setAlignment(Pos.CENTER_LEFT);
        question.setId("idle-question");
        question.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(question, Priority.ALWAYS);
        var still = Nodes.button("Still at it", "All of it was work", this::still);
        still.setId("still-at-it");
        var stopped = Nodes.button("Stopped then", "Work ended when something was last touched", this::stopped);
        stopped.setId("stopped-then");
        getChildren().addAll(question, still, stopped);
        setMinHeight(USE_PREF_SIZE);
        show(false);
        model.nowProperty().subscribe(this::look);
        model.jobProperty().subscribe(this::look);
    }

    /** Somebody has pressed a key or a button; while the question stands, only an answer counts. */
    void touch() {
        if (isVisible()) return;
        touched = model.nowProperty().get();
        answered = false;
    }

    private void look() {
        var running = model.job().work().runningFor(model.person());
        if (running.isEmpty()) {
            show(false);
            return;
        }
        var since = touched.isBefore(running.get().at()) ? running.get().at() : touched;
        var idle = Duration.between(since, model.nowProperty().get());
        if (answered || idle.compareTo(PAUSE) < 0) return;
        question.setText("Still at the %s? Nothing was touched for %d minutes."
                .formatted(running.get().on().replace('-', ' '), idle.toMinutes()));
        show(true);
    }

    private void still() {
        answered = true;
        show(false);
        touched = model.nowProperty().get();
    }

    private void stopped() {
        show(false);
        model.workTime().stopAt(touched);
        touched = model.nowProperty().get();
    }

    private void show(boolean whether) {
        setVisible(whether);
        setManaged(whether);
    }
}
