package welumen.desktop.diary;

import java.util.Optional;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.diary.book.DiaryChange;
import welumen.diary.book.DiaryChange.TaskDropped;
import welumen.diary.book.DiaryChange.TaskFreed;
import welumen.diary.book.DiaryChange.TaskSplit;
import welumen.job.JobChange.InDiary;

/** What can be done by hand with the task that is read: in two goes, not at all, or at no fixed time any more. */
final class TaskDeeds extends FlowPane {
    private static final double HALF = 0.5;

    private final JobModel model;

    TaskDeeds(JobModel model) {
        super(10, 6);
        this.model = model;
        setId("task-deeds");
        show(Optional.empty());
    }

    void show(Optional<Laid> read) {
        getChildren().clear();
        read.ifPresent(laid -> {
            var task = laid.task();
            getChildren().add(Nodes.label(task.said()));
            add("split", "In two goes", "Half of it each time", new TaskSplit(task.id(), HALF));
            add(
                    "drop",
                    "Not needed",
                    "It is not to be done; can be taken back",
                    new TaskDropped(task.id(), "not needed"));
            if (laid.isFixed())
                add("unfix", "Not at a fixed time", "The plan puts it where it fits", new TaskFreed(task.id()));
        });
        setManaged(read.isPresent());
        setVisible(read.isPresent());
    }

    private void add(String id, String word, String tip, DiaryChange change) {
        var button = Nodes.button(word, tip, () -> model.make(new InDiary(change)));
        button.setId("task-" + id);
        getChildren().add(button);
    }
}
