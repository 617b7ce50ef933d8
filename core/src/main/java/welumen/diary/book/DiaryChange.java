package welumen.diary.book;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import welumen.cabin.PartId;
import welumen.diary.task.OneChance;

/** What people say of the tasks of a car. */
public sealed interface DiaryChange {
    record TaskAdded(HandTask task) implements DiaryChange {}

    /** @param because why it need not be done */
    record TaskDropped(String task, String because) implements DiaryChange {}

    /** It is to be done all the same. */
    record TaskWanted(String task) implements DiaryChange {}

    /** A task of one's own is done, or what was awaited has come. */
    record TaskDone(String task) implements DiaryChange {}

    /** It begins then, and not before. */
    record TaskFixed(String task, LocalDateTime start) implements DiaryChange {}

    record TaskFreed(String task) implements DiaryChange {}

    /**
     * A task is done in two goes.
     *
     * @param share of the work that the first has, over 0 and under 1
     */
    record TaskSplit(String task, double share) implements DiaryChange {
        public TaskSplit {
            if (!(share > 0 && share < 1))
                throw new IllegalArgumentException("The share [%s] leaves nothing for one of two.".formatted(share));
        }
    }

    /**
     * The day on which what is awaited will be there.
     *
     * @param by who said so; may be empty
     * @param said the day on which they did
     */
    record DayPromised(String task, LocalDate day, String by, LocalDate said) implements DiaryChange {}

    /** What is done if what is awaited does not come; empty where that is said no more. */
    record OtherwiseSaid(String task, String what) implements DiaryChange {}

    /**
     * The plan as it stands was told to somebody: from now on it moves as little as it can.
     *
     * @param starts of the tasks, by their ids
     * @param end when the car is to be ready
     */
    record DaysTold(Map<String, LocalDateTime> starts, LocalDateTime end, String whom) implements DiaryChange {
        public DaysTold {
            starts = Collections.unmodifiableMap(new TreeMap<>(starts));
        }
    }

    /** What was told binds no more. */
    record DaysFreed() implements DiaryChange {}

    /** All was ready before a step that has only one chance, or it was begun without some of it. */
    record MadeReady(String task, Set<OneChance.Ready> ready, String by) implements DiaryChange {
        public MadeReady {
            var inOrder = EnumSet.noneOf(OneChance.Ready.class);
            inOrder.addAll(ready);
            ready = Collections.unmodifiableSet(inOrder);
        }
    }

    record GoEnded(Go go) implements DiaryChange {}

    /** Somebody passes what lies beneath; the part counts as looked at. */
    record LookPassed(PartId part, Look look) implements DiaryChange {}
}
