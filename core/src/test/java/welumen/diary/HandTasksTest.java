package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.SILL;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.diary.book.DiaryBook;
import welumen.diary.book.DiaryChange;
import welumen.diary.book.DiarySaid;
import welumen.diary.book.Go;
import welumen.diary.book.HandTask;
import welumen.diary.task.After;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InDiary;
import welumen.schedule.Effort;
import welumen.strip.Saloon;
import welumen.survey.SurveyChange.HoldPut;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;

/** What people say of the tasks goes before what the job says. */
class HandTasksTest {
    private static final String OFF = "take-off:" + SILL;
    private static final String BACK = "put-back:" + SILL;

    private final Job job = after(
            Job.EMPTY,
            new InCabin(new PartsListed(Saloon.cabin().parts())),
            new AtTreatment(new TreatmentChosen(SILL, Treatment.REFIX, "loose")));

    @Test
    void aTaskOfOnesOwnStandsWhereItWasPut() {
        var more = said(new DiaryChange.TaskAdded(own("own:1", List.of(OFF), List.of(BACK))));

        assertThat(waits(more, "own:1")).containsExactly(OFF);
        assertThat(waits(more, BACK)).contains("own:1");
        assertThat(waits(more, "check")).contains("own:1");
        assertThat(ids(after(more, new InDiary(new DiaryChange.TaskDone("own:1")))))
                .doesNotContain("own:1");
    }

    @Test
    void aTaskOfOnesOwnOutlivesWhatItWaitedFor() {
        var more = said(new DiaryChange.TaskAdded(own("own:1", List.of("draw:" + SILL), List.of())));

        assertThat(waits(more, "own:1")).isEmpty();
    }

    @Test
    void whatIsDroppedIsStoodInForByWhatItWaitedFor() {
        var mend = ids(job).stream()
                .filter(id -> id.startsWith("treat:"))
                .findFirst()
                .orElseThrow();
        var less = said(new DiaryChange.TaskDropped(mend, "it holds"));

        assertThat(ids(less)).doesNotContain(mend).contains(BACK);
        assertThat(waits(less, BACK)).contains(OFF);
        assertThat(ids(after(less, new InDiary(new DiaryChange.TaskWanted(mend)))))
                .contains(mend);
    }

    @Test
    void whatIsSplitIsDoneInTwoGoesOfAsMuchWork() {
        var mend = ids(job).stream()
                .filter(id -> id.startsWith("treat:"))
                .findFirst()
                .orElseThrow();
        var whole = task(job, mend).effort();
        var parted = said(new DiaryChange.TaskSplit(mend, 0.4));

        assertThat(waits(parted, mend + ":rest")).containsExactly(mend);
        assertThat(waits(parted, BACK)).contains(mend + ":rest").doesNotContain(mend);
        assertThat(task(parted, mend)
                        .effort()
                        .likely()
                        .plus(task(parted, mend + ":rest").effort().likely()))
                .isEqualTo(whole.likely());
    }

    @Test
    void aDayThatIsFixedGoesWithTheTaskUntilItIsFreed() {
        var start = LocalDateTime.of(2026, 4, 20, 9, 0);
        var fixed = said(new DiaryChange.TaskFixed(BACK, start));

        assertThat(task(fixed, BACK).fixed()).contains(start);
        assertThat(task(after(fixed, new InDiary(new DiaryChange.TaskFreed(BACK))), BACK)
                        .fixed())
                .isEmpty();
    }

    @Test
    void whatFailsTeachesAndIsAskedAgain() {
        var book = DiaryBook.EMPTY
                .after(new DiaryChange.MadeReady(BACK, Set.of(OneChance.Ready.DRY_FIT), "Ada"))
                .after(new DiaryChange.GoEnded(new Go(BACK, 1, "Ada", Instant.EPOCH, "it let go", "")));

        assertThat(book.ready()).isEmpty();
        assertThat(book.goesAt(BACK)).isEqualTo(1);
        assertThat(book.fails(TaskKind.PUT_BACK, 0.1)).isEqualTo(2.0 / 11);
        assertThat(book.fails(TaskKind.COLOUR, 0.1)).isEqualTo(0.1);
    }

    /** A hold is let go by whoever has seen to it, by name: not by a press in the diary; nor is it dropped there. */
    @Test
    void whatSomebodyHoldsIsNotDoneInTheDiary() {
        var held = after(job, new AtSurvey(new HoldPut(SILL, "a crack")));
        var pressed = after(held, new InDiary(new DiaryChange.TaskDone("held:" + SILL)));
        var dropped = after(held, new InDiary(new DiaryChange.TaskDropped("held:" + SILL, "no")));

        assertThat(ids(pressed)).contains("held:" + SILL);
        assertThat(ids(dropped)).contains("held:" + SILL);
    }

    @Test
    void saysWhatWasDone() {
        assertThat(DiarySaid.of(
                        new DiaryChange.DayPromised(BACK, LocalDate.of(2026, 5, 11), "the plater", LocalDate.EPOCH),
                        Saloon.cabin()))
                .startsWith("Promised for Mon 11 May by the plater: put back the ");
        assertThat(DiarySaid.of(
                        new DiaryChange.DaysTold(Map.of(), LocalDateTime.of(2026, 5, 20, 16, 0), "the owner"),
                        Saloon.cabin()))
                .isEqualTo("Told the owner: ready Wed 20 May");
    }

    private Job said(DiaryChange change) {
        return after(job, new InDiary(change));
    }

    private static Job after(Job job, JobChange... changes) {
        var at = job;
        for (var change : changes) at = at.after(change);
        return at;
    }

    private static HandTask own(String id, List<String> after, List<String> before) {
        return new HandTask(id, TaskKind.TREAT, "a loom", Effort.ofHours(1, 2, 3), 1, List.of(), after, before);
    }

    private static List<String> ids(Job job) {
        return OpenTasks.of(job.standing()).stream().map(Task::id).toList();
    }

    private static Task task(Job job, String id) {
        return OpenTasks.of(job.standing()).stream()
                .filter(task -> task.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> waits(Job job, String id) {
        return task(job, id).after().stream().map(After::task).toList();
    }
}
