package welumen.desktop.diary;

import java.time.LocalDateTime;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import welumen.desktop.model.JobModel;
import welumen.diary.book.DiaryChange.TaskFixed;
import welumen.diary.book.DiaryChange.TaskFreed;
import welumen.job.JobChange.InDiary;

/**
 * What lies on a strip is read by a press; work on the open car is dragged to another time, or moved by an hour with the arrow
 * keys: then its start is fixed there. Backspace frees it again.
 */
final class LaidMoves {
    /** A press that moves no farther is no drag. */
    private static final double STILL = 6;

    private static final int STEP_HOURS = 1;

    private final JobModel model;
    private final Laid laid;
    private final TapeAxis axis;
    private final Rectangle cloth;
    private final Runnable read;
    private double from;

    LaidMoves(JobModel model, Laid laid, TapeAxis axis, Rectangle cloth, Runnable read) {
        this.model = model;
        this.laid = laid;
        this.axis = axis;
        this.cloth = cloth;
        this.read = read;
        cloth.setAccessibleText(laid.words());
        cloth.setOnMouseClicked(event -> {
            if (event.isStillSincePress()) read.run();
        });
        if (!laid.isMovable()) return;
        cloth.setFocusTraversable(true);
        cloth.setOnMousePressed(event -> from = event.getSceneX());
        cloth.setOnMouseDragged(this::dragged);
        cloth.setOnMouseReleased(this::released);
        cloth.setOnKeyPressed(this::pressed);
    }

    private void dragged(MouseEvent event) {
        cloth.setTranslateX(event.getSceneX() - from);
        event.consume();
    }

    private void released(MouseEvent event) {
        var moved = event.getSceneX() - from;
        cloth.setTranslateX(0);
        if (Math.abs(moved) > STILL) fix(axis.time(cloth.getX() + moved));
    }

    private void pressed(KeyEvent key) {
        switch (key.getCode()) {
            case KeyCode.LEFT -> fix(laid.from().minusHours(STEP_HOURS));
            case KeyCode.RIGHT -> fix(laid.from().plusHours(STEP_HOURS));
            case KeyCode.BACK_SPACE, KeyCode.DELETE -> {
                if (laid.isFixed())
                    model.make(new InDiary(new TaskFreed(laid.task().id())));
            }
            case KeyCode.ENTER, KeyCode.SPACE -> read.run();
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void fix(LocalDateTime start) {
        model.make(new InDiary(new TaskFixed(laid.task().id(), start)));
    }
}
