package welumen.desktop.model;

import java.nio.file.Path;
import java.time.Clock;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.Workshop;
import welumen.job.WorkshopChange;
import welumen.journal.Journal;
import welumen.journal.StoreException;

/**
 * A workshop that has been opened and read, with its first job. Reading takes a while, so it is done beside the starting
 * toolkit, on any thread.
 */
public record OpenedWorkshop(
        WorkshopFolder folder,
        Clock clock,
        Journal<WorkshopChange, Workshop> workshop,
        Journal<JobChange, Job> firstJob) {

    /** @throws StoreException if the workshop cannot be read, or has no job */
    public static OpenedWorkshop open(Path path, Clock clock) {
        var folder = WorkshopFolder.open(path);
        try {
            var workshop = folder.workshop(clock);
            var jobs = workshop.state().jobs();
            if (jobs.isEmpty()) throw new StoreException("This workshop has no job yet. Begin with: welumen demo.");
            return new OpenedWorkshop(
                    folder, clock, workshop, folder.job(jobs.getFirst().job(), clock));
        } catch (StoreException fault) {
            folder.close();
            throw fault;
        }
    }
}
