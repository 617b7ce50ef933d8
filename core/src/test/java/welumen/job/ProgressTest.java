package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartState;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;
import welumen.survey.SurveyChange.HoldPut;

class ProgressTest {
    private static final JobChange LISTED =
            new InCabin(new PartsListed(Saloon.cabin().parts()));
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);
    private static final Job JOB = Job.EMPTY.after(LISTED);

    @ParameterizedTest
    @EnumSource(WorkStage.class)
    void everyStageHasAProgressFromTheFirstDay(WorkStage stage) {
        for (var job : List.of(Job.EMPTY, JOB)) {
            var progress = Progress.of(job, stage);
            assertThat(progress.share()).isBetween(0.0, 1.0);
            assertThat(progress.attention()).isZero();
        }
    }

    @Test
    void aMissingBagAHoldAndAShortFixingWantAttention() {
        var job = JOB;
        for (var line : List.of("2 clips broken, off", "off"))
            job = job.after(new AtStrip(new StepLogged(Shorthand.read(line, Saloon.SILL, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
        job = job.after(new AtSurvey(new HoldPut(Saloon.CARPET, "damp")));
        assertThat(Progress.of(job, WorkStage.STRIP).attention()).isEqualTo(1);
        assertThat(Progress.of(job, WorkStage.STORES).attention()).isEqualTo(1);
        assertThat(Progress.of(job, WorkStage.DIARY).attention()).isEqualTo(1);
        assertThat(job.stateOf(Saloon.CARPET)).isEqualTo(PartState.HELD);
    }

    @Test
    void aStartedClockReplacesTheOneOfItsName() {
        var first = new BenchClock("c", "Sill", "lay", Instant.EPOCH, Duration.ofMinutes(8));
        var second = new BenchClock("c", "Sill", "lay", Instant.EPOCH.plusSeconds(60), Duration.ofMinutes(8));
        var job = JOB.after(new OnClock(new ClockStarted(first))).after(new OnClock(new ClockStarted(second)));
        assertThat(job.clocks().running()).containsExactly(second);
    }
}
