package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.diary.OpenTasks;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.Standard;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.measure.Money;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff.Objection;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

/** A small job from intake to the last part back in, through the fold alone. */
class JobTest {
    private static Job start() {
        var job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));
        for (var rule : Saloon.log().rules()) job = job.after(new AtStrip(new StripRuleNoted(rule)));
        return job.after(new AtStrip(new PlacesNoted(Saloon.SILL, Saloon.log().placesOf(Saloon.SILL))));
    }

    private static Job log(Job job, PartId part, String line) {
        var reading = Shorthand.read(line, part, job.cabin(), job.strip());
        return job.after(new AtStrip(new StepLogged(reading.step(job.strip().nextStep(), List.of()))));
    }

    private static Job found(Job job, PartId part, FindingKind kind) {
        return job.after(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), part, kind, new Point(10, 10), 30, Severity.BAD, ""))));
    }

    @Test
    void aPartGoesThroughItsStates() {
        var job = start();
        assertThat(job.stateOf(Saloon.SILL)).isEqualTo(PartState.IN_CAR);
        job = log(log(job, Saloon.SEAL, "off"), Saloon.SILL, "6 screws no. 8, 2 clips, bag 1");
        assertThat(job.stateOf(Saloon.SILL)).isEqualTo(PartState.OUT);
        job = found(job, Saloon.SILL, FindingKind.SURFACE_RUST);
        job = job.after(new AtTreatment(new TreatmentChosen(Saloon.SILL, Treatment.REFINISH, "")));
        assertThat(job.stateOf(Saloon.SILL)).isEqualTo(PartState.ON_BENCH);
        job = job.after(new AtTreatment(new TreatmentDone(Saloon.SILL)));
        assertThat(job.stateOf(Saloon.SILL)).isEqualTo(PartState.READY);
        job = job.after(new AtRefit(new PartPutBack(new PutBack(Saloon.SILL, 8, ""))));
        assertThat(job.stateOf(Saloon.SILL)).isEqualTo(PartState.FITTED);
    }

    @Test
    void rustThroughHoldsWhatWouldCoverIt() {
        var job = start();
        for (var part : List.of(Saloon.SEAL, Saloon.SEAT)) job = log(job, part, "off");
        job = log(job, Saloon.SILL, "6 screws no. 8, 2 clips, bag 1");
        job = log(job, Saloon.CARPET, "peeled, off");
        job = found(job, Saloon.MEMBER, FindingKind.RUST_THROUGH);
        assertThat(job.stateOf(Saloon.MEMBER)).isEqualTo(PartState.HELD);
        assertThat(job.signOff().objections(Saloon.CARPET)).contains(new Objection.Held(Saloon.MEMBER, "rust through"));
        job = job.after(new AtSurvey(new HoldLifted(Saloon.MEMBER, "a qualified welder")));
        assertThat(job.signOff().objections(Saloon.CARPET)).isEmpty();
    }

    @Test
    void aPartThatIsShortOfFixingsIsObjectedTo() {
        var job =
                log(log(start(), Saloon.SEAL, "off"), Saloon.SILL, "6 screws no. 8, 1 clip, 1 clip broken, off, bag 1");
        assertThat(job.signOff().objections(Saloon.SILL)).containsExactly(new Objection.Short(8, 7));
    }

    @Test
    void aPlaceOfWhichNobodySaidAnythingIsShort() {
        var job = log(log(start(), Saloon.SEAL, "off"), Saloon.SILL, "5 screws no. 8, off, bag 1");
        assertThat(job.signOff().objections(Saloon.SILL)).containsExactly(new Objection.Short(8, 5));
    }

    @Test
    void theDiaryPutsWhatKeepsOthersWaitingFirst() {
        var job = log(log(start(), Saloon.SEAL, "off"), Saloon.SILL, "6 screws no. 8, 2 clips, bag 1");
        var tasks = OpenTasks.of(job.standing());
        assertThat(tasks)
                .extracting(Task::id)
                .containsExactly("put-back:left-sill-cover", "put-back:left-door-seal", "check", "hand-over");
        assertThat(tasks.getFirst().canBegin()).isTrue();
        assertThat(tasks.getFirst().keepsWaiting()).isEqualTo(3);
        assertThat(tasks.get(1).after())
                .extracting(After::said)
                .containsExactly("the left sill cover goes in first; this laps it");
    }

    @Test
    void aClockRunsOutAndIsPutAway() {
        var start = Instant.parse("2026-04-14T13:53:00Z");
        var clock = new BenchClock("c", "Sill, adhesive", "lay", start, Duration.ofMinutes(8));
        var job = start().after(new OnClock(new ClockStarted(clock)));
        assertThat(clock.left(start.plusSeconds(60))).isEqualTo(Duration.ofMinutes(7));
        assertThat(clock.gone(start.plusSeconds(120))).isEqualTo(0.25);
        assertThat(clock.left(start.plusSeconds(9999))).isZero();
        assertThat(job.after(new OnClock(new ClockPutAway("c"))).clocks().running())
                .isEmpty();
    }

    @Test
    void nothingIsAgreedBeforeThereIsACar() {
        var agreement = new Agreement(Standard.GOOD_DRIVER, Money.of(4000, "GBP"), LocalDate.of(2026, 5, 1));
        assertThatThrownBy(() -> Job.EMPTY.after(new AtIntake(new AgreementChanged(agreement))))
                .hasMessageContaining("Take the car in first");
        var taken = Job.EMPTY.after(new AtIntake(
                new CarTakenIn(new Car("Varrow Selkie", 1963, "saloon", ""), new Customer("", ""), agreement)));
        assertThat(Said.of(new AtIntake(new AgreementChanged(agreement)), taken.cabin()))
                .isEqualTo("Agreed: Good driver");
    }

    @Test
    void severalChangesAreOneAction() {
        var job = start();
        var both = new Together(List.of(
                new AtStrip(new StepLogged(Shorthand.read("off", Saloon.SEAL, job.cabin(), job.strip())
                        .step(1, List.of()))),
                new AtStrip(new StepLogged(Shorthand.read("off", Saloon.SEAT, job.cabin(), job.strip())
                        .step(2, List.of())))));
        assertThat(job.after(both).strip().off()).containsExactlyInAnyOrder(Saloon.SEAL, Saloon.SEAT);
        assertThat(Said.of(both, job.cabin())).isEqualTo("Off: Left door seal");
    }
}
