package welumen.desktop.diary;

import welumen.desktop.model.JobModel;
import welumen.diary.Task;
import welumen.diary.TaskKind;
import welumen.job.WorkStage;

/** The stage at which a task is done. */
final class TaskPlace {
    private TaskPlace() {}

    /** Picks its part, and turns there. */
    static void go(JobModel model, Task task) {
        task.part().ifPresent(model.pickedProperty()::set);
        model.stageProperty().set(stage(task.kind()));
    }

    static WorkStage stage(TaskKind kind) {
        return switch (kind) {
            case TAKE_OFF -> WorkStage.STRIP;
            case AWAIT, CHOOSE, LOOK, TREAT, BUILD, LAY, COLOUR, SEND_OUT -> WorkStage.SURVEY;
            case DRAW, SEW -> WorkStage.PATTERN;
            case CUT -> WorkStage.CUT;
            case ORDER -> WorkStage.STORES;
            case PUT_BACK -> WorkStage.REFIT;
            case CHECK, HAND_OVER -> WorkStage.HANDOVER;
        };
    }
}
