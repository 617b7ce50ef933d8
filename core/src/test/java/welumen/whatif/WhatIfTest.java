package welumen.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.CustodyChange.SentAway;
import welumen.diary.OpenTasks;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.Task;
import welumen.job.Job;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.refit.Reopening;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.Shorthand;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.yard.Crew;

/** What follows when something is found under what is in the car, or comes late. */
class WhatIfTest {
    private static final UUID CAR = new UUID(1, 2);
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 3, 2, 8, 0);
    private static final LocalDate TODAY = MONDAY.toLocalDate();

    private Job job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    WhatIfTest() {
        for (var rule : Saloon.log().rules()) job = job.after(new AtStrip(new StripRuleNoted(rule)));
    }

    private void off(PartId... parts) {
        for (var part : parts)
            job = job.after(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
    }

    private Parsed<Supposed> read(String text) {
        return new SupposedText(job.cabin(), OpenTasks.of(job.standing()), List.of("Ada", "Ada Two"), TODAY).read(text);
    }

    private Supposed supposed(String text) {
        return read(text).orThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "rust hole 40 mm under the left front carpet, 'rust through, 40 mm, on the left front carpet'",
        "'rust through, left front carpet, in 8 days', 'rust through, 40 mm, on the left front carpet, mended by Thu 12 Mar'",
        "Ada away Thu, Ada is away on Thu 5 Mar",
        "Ada Two is off 4 May to 8 May, Ada Two is away from Mon 4 May to Fri 8 May"
    })
    void readsWhatMayCome(String text, String said) {
        assertThat(supposed(text).said(job.cabin())).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "rust through, Say where",
        "rust through on the moon, The car has no part",
        "the clips 4 May, Nothing is awaited",
        "the clips, Say what is found and where",
        "Ada away, is no day",
        "rust through 0 mm left front carpet, A find of 0 mm"
    })
    void saysWhatItDoesNotUnderstand(String text, String why) {
        assertThat(read(text))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.why()).contains(why));
    }

    /** Nothing is off; the hole lies under carpet, seat, sill cover and seal, which all come off, and go back after it. */
    @Test
    void whatLiesOverAFindComesOffAgain() {
        var found = (Supposed.Found) supposed("rust through on the left front carpet");
        var consequence = Consequence.of(
                job.standing(), job.after(found.change(job, TODAY)).standing());

        assertThat(consequence.again()).extracting(Reopening.Line::part).containsExactlyInAnyOrder(SEAL, SILL, SEAT);
        assertThat(consequence.awaited()).extracting(Task::id).containsExactly("held:" + CARPET);
        assertThat(consequence.awaited().getFirst().othersDays()).isEqualTo(8);
        assertThat(consequence.moreHours()).isPositive();
    }

    /** Seat, sill cover and seal are out; what would cover the hole stops, what has nothing to do with it goes on. */
    @Test
    void whatWouldCoverItStops() {
        off(SEAL, SILL, SEAT);
        job = job.after(new AtTreatment(new TreatmentChosen(SEAT, Treatment.RESTITCH, "")));
        var found = (Supposed.Found) supposed("rust through on the left front carpet");
        var consequence = Consequence.of(
                job.standing(), job.after(found.change(job, TODAY)).standing());

        assertThat(consequence.stops()).extracting(Task::id).contains("put-back:" + SEAT, "put-back:" + SILL);
        assertThat(consequence.meanwhile()).extracting(Task::id).anyMatch(id -> id.startsWith("treat:" + SEAT));
        assertThat(consequence.again()).isEmpty();
    }

    @Test
    void aParcelThatSlipsMovesTheDay() {
        off(SEAL, SILL);
        job = job.after(new InCustody(new SentAway(new Away(SILL, "at the platers", LocalDate.of(2026, 3, 9)))));
        var comes = (Supposed.Comes) supposed("sill cover comes 20 March");
        var later = job.after(comes.change(TODAY));
        var consequence = Consequence.of(job.standing(), later.standing());

        assertThat(consequence.awaited()).extracting(Task::id).containsExactly("away:" + SILL);
        assertThat(consequence.stops()).extracting(Task::id).contains("put-back:" + SILL);
        assertThat(end(later)).isAfter(end(job)).isAfter(LocalDateTime.of(2026, 3, 20, 8, 0));
    }

    /** A find that was thought of before gets a number that nothing else has by now. */
    @Test
    void whatWasKeptIsMadeAsThingsStand() {
        var kept = ((Supposed.Found) supposed("rust through on the left front carpet, in 8 days")).change(job, TODAY);
        job = job.after(((Supposed.Found) supposed("mould on the left sill cover")).change(job, TODAY));
        job = job.after(AsThingsStand.of(kept, job));

        assertThat(job.survey().findings())
                .extracting(finding -> finding.number())
                .containsExactly(1, 2);
        assertThat(job.diary().promises()).containsKey("held:" + CARPET);
    }

    /** What is ordered is no work any more once somebody has said when it comes. */
    @Test
    void whatIsPromisedIsOnItsWay() {
        job = job.after(new AtTreatment(new TreatmentChosen(SEAT, Treatment.RECOVER, "")));
        var comes = (Supposed.Comes) supposed("what is needed for the left front seat comes 20 March");
        var task = OpenTasks.of(job.after(comes.change(TODAY)).standing()).stream()
                .filter(one -> one.id().equals(comes.task()))
                .findFirst()
                .orElseThrow();

        assertThat(task.kind().isWait()).isTrue();
        assertThat(task.promised()).contains(LocalDate.of(2026, 3, 20));
        assertThat(end(job.after(comes.change(TODAY)))).isAfter(LocalDateTime.of(2026, 3, 20, 8, 0));
    }

    /** One pair of hands: another one gains, and what decides is tried sooner. */
    @Test
    void tellsWhatGainsMost() {
        off(SEAL, SILL, SEAT);
        job = job.after(new AtTreatment(new TreatmentChosen(SEAT, Treatment.RECOVER, "")));
        var plan = plan(job);
        var manned = plan.plan(Duration.ofMillis(200), _ -> {}, () -> false);
        var forecast = plan.forecast(manned, Optional.of(CAR), 200);
        var gains = Gains.of(plan, manned.schedule(), forecast, CAR, () -> false);

        assertThat(gains).isNotEmpty().hasSizeLessThanOrEqualTo(Gains.FEW);
        assertThat(gains.getFirst().remedy()).isInstanceOf(Remedy.ByReturn.class);
        assertThat(gains.getFirst().days()).isBetween(3.0, 5.0);
    }

    private static YardPlan plan(Job job) {
        return new YardPlan(
                List.of(new CarWork(CAR, "the saloon", Optional.empty(), OpenTasks.of(job.standing()))),
                Crew.NOBODY,
                MONDAY);
    }

    private static LocalDateTime end(Job job) {
        var plan = plan(job);
        return plan.end(plan.plan(Duration.ofMillis(50), _ -> {}, () -> false).schedule(), CAR)
                .orElseThrow();
    }
}
