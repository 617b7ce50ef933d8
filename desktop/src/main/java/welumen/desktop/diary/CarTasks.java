package welumen.desktop.diary;

import java.util.List;
import org.jspecify.annotations.Nullable;
import welumen.desktop.model.JobModel;
import welumen.diary.OpenTasks;
import welumen.diary.task.Task;
import welumen.job.Job;
import welumen.yard.Yard;

/** The open car's tasks, made once for each state of it and of the yard: the stage's line and its leaf read the same. */
final class CarTasks {
    private final JobModel model;
    private @Nullable Job of;
    private @Nullable Yard in;
    private List<Task> tasks = List.of();

    CarTasks(JobModel model) {
        this.model = model;
    }

    List<Task> all() {
        var job = model.job();
        var yard = model.yard().state();
        if (job != of || yard != in) {
            tasks = OpenTasks.of(job.standing(yard));
            of = job;
            in = yard;
        }
        return tasks;
    }
}
