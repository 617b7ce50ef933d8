package welumen.desktop.diary;

import java.time.LocalDateTime;
import java.util.List;
import welumen.diary.task.Task;

/**
 * One thing on a strip, in words of which the longest that fit stand on it.
 *
 * @param task what is done, or what was done before it cures
 * @param decides in what share of the runs it decided the open car's day
 */
record Laid(
        String id,
        Task task,
        String words,
        List<String> brief,
        LocalDateTime from,
        LocalDateTime to,
        boolean isWork,
        boolean isOwn,
        double decides) {
    /** From which share on it is lit. */
    private static final double OFTEN = 0.5;

    boolean isDeciding() {
        return decides >= OFTEN;
    }

    /** Whether its start was fixed by hand. */
    boolean isFixed() {
        return isWork && task.fixed().isPresent();
    }

    /** Whether somebody holds it, until they have seen to it. */
    boolean isHeld() {
        return !isWork && task.id().startsWith("held:");
    }

    /** Whether it can be moved by hand: work on the open car. */
    boolean isMovable() {
        return isWork && isOwn;
    }
}
