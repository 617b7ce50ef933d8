package welumen.desktop.diary;

import java.util.Optional;
import welumen.desktop.model.JobModel;
import welumen.diary.task.Task;
import welumen.finish.NextLoad;
import welumen.job.JobChange;
import welumen.job.LoadMoved;

/**
 * What is said of a load of small pieces on the page of today: that it hangs, or that it is sprayed.
 *
 * @param change what comes of it
 */
record LoadDeed(String word, String tip, JobChange change) {
    /** Empty where the task is no load of the open car. */
    static Optional<LoadDeed> of(JobModel model, Task task) {
        var isSprayed = task.id().startsWith(Task.SPRAY_LOAD);
        if (!isSprayed && !task.id().startsWith(Task.PREPARE_LOAD)) return Optional.empty();
        var batch = model.job().finish().batch();
        return NextLoad.of(batch, model.yard().state().crew().loadHolds()).stream()
                .filter(load -> task.id().endsWith(":" + load.number()))
                .findFirst()
                .map(load -> isSprayed
                        ? new LoadDeed(
                                "Sprayed",
                                "All of them: their clock runs until they can be handled",
                                LoadMoved.sprayed(
                                        batch,
                                        load.number(),
                                        load.ids(),
                                        model.nowProperty().get()))
                        : new LoadDeed(
                                "They hang",
                                "All of them are prepared and on their hooks",
                                LoadMoved.hung(load.ids())));
    }
}
