package welumen.desktop.diary;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.WorkStage;

/** The stage at which a task is done. */
final class TaskPlace {
    private TaskPlace() {}

    /** A press or Enter on a card of it leads there. */
    static void leads(Node card, JobModel model, Task task) {
        card.setFocusTraversable(true);
        card.setAccessibleText(Words.capital(task.said()));
        card.setOnMouseClicked(_ -> go(model, task));
        card.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) go(model, task);
        });
    }

    /** Picks its part, and turns there. */
    static void go(JobModel model, Task task) {
        task.part().ifPresent(model.pickedProperty()::set);
        var isCoated = task.kind() == TaskKind.COLOUR
                && task.part().flatMap(model.job().finish().coatings()::openOf).isPresent();
        model.stageProperty().set(task.isOfTheFinishBench() || isCoated ? WorkStage.REFIT : stage(task.kind()));
    }

    static WorkStage stage(TaskKind kind) {
        return switch (kind) {
            case TAKE_OFF, FETCH -> WorkStage.STRIP;
            case AWAIT, CHOOSE, LOOK, TREAT, BUILD, LAY, COLOUR, SEND_OUT -> WorkStage.SURVEY;
            case DRAW, TRY, SEW -> WorkStage.PATTERN;
            case CUT -> WorkStage.CUT;
            case ORDER -> WorkStage.STORES;
            case PUT_BACK, TEST -> WorkStage.REFIT;
            case CHECK, HAND_OVER -> WorkStage.HANDOVER;
        };
    }
}
