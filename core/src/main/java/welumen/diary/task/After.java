package welumen.diary.task;

import java.time.Duration;

/**
 * What a task waits for.
 *
 * @param task the other's id
 * @param said in words, “the left sill cover goes in first; this laps it”
 * @param cures how long after the other's end it must wait by the clock on the wall: glue, filler, colour
 * @param workingDays how many working days after it, where it is somebody else's work
 */
public record After(String task, Why why, String said, Duration cures, int workingDays) {
    /** At once after it. */
    public After(String task, Why why, String said) {
        this(task, why, said, Duration.ZERO, 0);
    }

    /** At once after it, for the usual words. */
    public After(String task, Why why) {
        this(task, why, why.words());
    }
}
