package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartState;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.UsualWait;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.job.WorkshopChange.JobOpened;
import welumen.job.WorkshopChange.PersonJoined;
import welumen.job.WorkshopChange.StockTakenIn;
import welumen.job.WorkshopChange.WorkshopNamed;
import welumen.pattern.EdgeFinish;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PieceText;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.FixingKind;
import welumen.strip.FixingPlaces;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.Saloon;
import welumen.strip.Shorthand;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.TreatmentChosen;
import welumen.survey.SurveyChange.TreatmentDone;
import welumen.survey.Treatment;

class SaidAndProgressTest {
    private static final JobChange LISTED =
            new InCabin(new PartsListed(Saloon.cabin().parts()));
    private static final Job JOB = Job.EMPTY.after(LISTED);

    static Stream<JobChange> changes() {
        var step = Shorthand.read("2 clips, bag 4", Saloon.SILL, JOB.cabin(), JOB.strip())
                .step(1, List.of());
        var piece = PieceText.read("cuff 100 x 50", Saloon.SEAT, "hide").orThrow();
        var clock = new BenchClock("c", "Sill", "lay", Instant.EPOCH, UsualWait.EPOXY.lasts());
        return Stream.of(
                LISTED,
                new AtStrip(new StepLogged(step)),
                new AtStrip(new StepCorrected(step)),
                new AtStrip(new StripRuleNoted(new StripRule(Saloon.SILL, StripReason.FOULS, Saloon.SEAL))),
                new AtStrip(new RefitLinkNoted(new RefitLink(Saloon.SILL, RefitReason.HIDES, Saloon.SEAL))),
                new AtStrip(new PlacesNoted(Saloon.SILL, List.of(new FixingPlaces(2, FixingKind.SCREW, "", "")))),
                new AtSurvey(new TreatmentChosen(Saloon.SILL, Treatment.REFINISH, "")),
                new AtSurvey(new TreatmentDone(Saloon.SILL)),
                new AtSurvey(new HoldPut(Saloon.SILL, "damp")),
                new AtSurvey(new HoldLifted(Saloon.SILL, "Ada")),
                new AtPattern(new PieceDrawn(piece)),
                new AtPattern(new EdgeFinished(piece.id(), 0, EdgeFinish.HEM, 20)),
                new AtCut(new PlanAccepted(
                        new CutProblem(0, List.of(), List.of(), List.of()),
                        new CutPlan(List.of(), List.of(), List.of(), 0))),
                new AtRefit(new PartPutBack(new PutBack(Saloon.SILL, 2, ""))),
                new OnClock(new ClockStarted(clock)),
                new OnClock(new ClockPutAway("c")));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeIsSaidShortlyAndWithoutProgramSpeak(JobChange change) {
        var said = Said.of(change, JOB.cabin());
        assertThat(said).isNotBlank().hasSizeLessThan(70).doesNotContain("[", "null", "_", "record", "entity");
        assertThat(Character.isUpperCase(said.charAt(0))).isTrue();
    }

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
    void theWorkshopGathersItsPeopleJobsAndStock() {
        var workshop = Workshop.EMPTY
                .after(new WorkshopNamed("Thimble Yard"))
                .after(new PersonJoined("Ada"))
                .after(new JobOpened(new UUID(1, 2), "A car", ""))
                .after(new StockTakenIn(new Stock.Roll("r", "wool", 1400, 9000, 42, 0, 0)));
        assertThat(workshop.name()).isEqualTo("Thimble Yard");
        assertThat(workshop.people()).containsExactly("Ada");
        assertThat(workshop.jobs()).hasSize(1);
        assertThat(workshop.stock()).hasSize(1);
    }

    @Test
    void aStartedClockReplacesTheOneOfItsName() {
        var first = new BenchClock("c", "Sill", "lay", Instant.EPOCH, Duration.ofMinutes(8));
        var second = new BenchClock("c", "Sill", "lay", Instant.EPOCH.plusSeconds(60), Duration.ofMinutes(8));
        var job = JOB.after(new OnClock(new ClockStarted(first))).after(new OnClock(new ClockStarted(second)));
        assertThat(job.clocks().running()).containsExactly(second);
    }
}
