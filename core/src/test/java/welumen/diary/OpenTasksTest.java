package welumen.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.clock.Cure;
import welumen.clock.CureText;
import welumen.custody.Away;
import welumen.custody.CustodyChange.SentAway;
import welumen.diary.book.DiaryChange.TaskDone;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.Manned;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.job.JobChange.InDiary;
import welumen.measure.Parsed;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Trial;
import welumen.pattern.draft.DraftText;
import welumen.schedule.Booking;
import welumen.schedule.Schedule;
import welumen.schedule.judge.ScheduleCheck;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;
import welumen.yard.Crew;
import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.Limits;
import welumen.yard.Person;
import welumen.yard.Products;
import welumen.yard.Skill;
import welumen.yard.Tin;
import welumen.yard.WorkingHours;
import welumen.yard.Yard;
import welumen.yard.YardChange.OfCrew;
import welumen.yard.YardChange.OfGoods;

/** The tasks of a saloon whose seal, sill cover, seat and carpet lie one over the other, and when they are done. */
class OpenTasksTest {
    private static final UUID CAR = new UUID(1, 2);
    private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 3, 2, 8, 0);

    private Job job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    OpenTasksTest() {
        for (var rule : Saloon.log().rules()) make(new AtStrip(new StripRuleNoted(rule)));
    }

    private void make(JobChange change) {
        job = job.after(change);
    }

    private void off(PartId... parts) {
        for (var part : parts)
            make(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
    }

    private void choose(PartId part, Treatment treatment) {
        make(new AtTreatment(new TreatmentChosen(part, treatment, "")));
    }

    private void found(PartId part, FindingKind kind, Severity severity) {
        make(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), part, kind, new Point(10, 10), 40, severity, ""))));
    }

    private Map<String, Task> tasks() {
        return OpenTasks.of(job.standing()).stream().collect(Collectors.toMap(Task::id, Function.identity()));
    }

    private Set<String> before(String id) {
        return tasks().get(id).after().stream().map(After::task).collect(Collectors.toSet());
    }

    @Test
    void aCarOnWhichNothingIsOpenHasNoTasks() {
        assertThat(tasks()).isEmpty();
    }

    /** Ordered at once; drawn from the old one once it is off; cut when both are there; and so on until it is back. */
    @Test
    void whatIsMadeGoesThroughEveryHand() {
        choose(SEAT, Treatment.RECOVER);
        assertThat(tasks().get("order:left-front-seat:recover").canBegin()).isTrue();
        assertThat(before("draw:left-front-seat")).containsExactly("take-off:left-front-seat");
        assertThat(before("cut:left-front-seat")).contains("draw:left-front-seat", "order:left-front-seat:recover");
        assertThat(before("sew:left-front-seat")).containsExactly("cut:left-front-seat");
        assertThat(before("put-back:left-front-seat")).contains("treat:left-front-seat:-re-cover-on-the-old-pattern");
        assertThat(tasks().get("put-back:left-front-seat").hands()).isEqualTo(2);
        assertThat(before("hand-over")).containsExactly("check");
    }

    /** A sheet on the shelf, and the cold, go before what is usual. */
    @Test
    void whatIsOnTheShelfSaysHowLongItCures() {
        off(SEAL, SILL, SEAT, CARPET);
        choose(CARPET, Treatment.REFIX);
        var slow = new Tin(
                "slow glue",
                Tin.Use.ADHESIVE,
                1,
                0,
                "",
                "",
                ((Parsed.Understood<Cure>) CureText.read("flash 10 min, handle 30 h")).value());
        var goods = Yard.EMPTY
                .after(new OfGoods(new TinCounted("", slow)))
                .after(new OfCrew(new LimitsSaid(new Limits(Limits.Daily.ALWAYS, Limits.Daily.ALWAYS, 10, 0))));
        var back = OpenTasks.of(job.standing(goods.products())).stream()
                .filter(task -> task.id().equals("put-back:left-front-carpet"))
                .findFirst()
                .orElseThrow();
        assertThat(back.after())
                .filteredOn(after -> after.task().startsWith("lay:"))
                .extracting(After::cures)
                .containsExactly(Duration.ofHours(60));
    }

    /** Metal has four times: what is glued over it waits longer than what is laid over it, what is wrapped longest. */
    @Test
    void whatComesOverMetalSaysHowLongItWaits() {
        var mended = Mending.of(FindingKind.RUST_THROUGH);
        var hours = Stream.of(Cure.Next.values())
                .map(next -> mended.cures(Products.USUAL, next).toHours())
                .toList();
        assertThat(hours).containsExactly(24 + 12 + 12L, 24 + 12 + 24L, 24 + 12 + 48L);
        assertThat(mended.said(Products.USUAL, Cure.Next.WRAPPED))
                .isEqualTo("primer 24 h, seam sealer 12 h, floor coating 48 h until it is wrapped");
    }

    /** A part goes back only when what it would cover is finished, and says why. */
    @Test
    void nothingIsCoveredThatIsNotFinished() {
        off(SEAL, SILL, SEAT, CARPET);
        choose(CARPET, Treatment.REFIX);
        var back = tasks().get("put-back:left-sill-cover");
        assertThat(back.canBegin()).isFalse();
        assertThat(back.after()).extracting(After::said).anyMatch(said -> said.startsWith("it would cover the "));
        assertThat(tasks().get("put-back:left-front-carpet").after())
                .filteredOn(after -> after.task().startsWith("lay:"))
                .singleElement()
                .satisfies(after -> assertThat(after.cures()).isEqualTo(Duration.ofHours(24)));
        make(new AtTreatment(new TreatmentDone(CARPET)));
        assertThat(tasks().get("put-back:left-front-carpet").canBegin()).isTrue();
    }

    @Test
    void theGateOfSomebodyElseStandsAmongTheTasks() {
        off(SEAL, SILL);
        found(SILL, FindingKind.TEAR, Severity.BAD);
        assertThat(tasks()).containsKey("choose:left-sill-cover");
        assertThat(before("put-back:left-sill-cover")).contains("choose:left-sill-cover");
        make(new InCustody(new SentAway(new Away(SILL, "at the platers", LocalDate.of(2026, 3, 9)))));
        var away = tasks().get("away:left-sill-cover");
        assertThat(away.kind()).isEqualTo(TaskKind.AWAIT);
        assertThat(away.canBegin()).isFalse();
        assertThat(away.promised()).contains(LocalDate.of(2026, 3, 9));
        assertThat(before("fetch:left-sill-cover")).containsExactly("away:left-sill-cover");
        assertThat(before("put-back:left-sill-cover")).contains("fetch:left-sill-cover");
    }

    /** A card that was not accepted is tried again before the piece is cut; what it waits for is a gate. */
    @Test
    void nothingIsCutBeforeItsCardIsAccepted() {
        choose(SEAT, Treatment.RECOVER);
        var piece = DraftText.read("panel 400 x 300", SEAT, "hide").orThrow().piece();
        make(new AtPattern(new PieceDrawn(piece)));
        make(new AtPattern(new CutHeld(piece.id(), "the bezel")));
        assertThat(before("cut:left-front-seat"))
                .contains("cut-awaits:left-front-seat")
                .doesNotContain("try:left-front-seat");
        make(new AtPattern(new CutFreed(piece.id())));
        make(new AtPattern(new TrialNoted(new Trial(
                piece.id(), 1, Trial.Of.CARD, "", "short", 0, false, LocalDate.EPOCH, List.of(), List.of()))));
        assertThat(before("cut:left-front-seat")).contains("try:left-front-seat");
        assertThat(before("cut:left-front-seat")).doesNotContain("cut-awaits:left-front-seat");
    }

    /** What has a plug is tried before anything closes over it, and again once it has been off again. */
    @Test
    void whatIsPluggedInIsTestedBeforeItIsClosed() {
        off(SEAL, SILL, SEAT);
        make(new AtStrip(new StepLogged(Shorthand.read("1 plug, bag 3", CARPET, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));

        assertThat(before("test:left-front-carpet")).containsExactly("put-back:left-front-carpet");
        assertThat(before("put-back:left-sill-cover")).contains("test:left-front-carpet");
        make(new InDiary(new TaskDone("test:left-front-carpet")));
        assertThat(tasks()).doesNotContainKey("test:left-front-carpet");
        off(CARPET);
        assertThat(tasks()).containsKey("test:left-front-carpet");
    }

    private static Crew crew(Person... people) {
        var yard = Yard.EMPTY;
        for (var person : people) yard = yard.after(new OfCrew(new PersonSaid("", person)));
        return yard.crew();
    }

    private YardPlan plan(Crew crew, LocalDate due) {
        return new YardPlan(
                List.of(new CarWork(CAR, "the saloon", Optional.of(due), OpenTasks.of(job.standing()))), crew, MONDAY);
    }

    private static Booking booking(Schedule schedule, String task) {
        return schedule.bookings().stream()
                .filter(booking -> booking.id().equals(CAR + "/" + task))
                .findFirst()
                .orElseThrow();
    }

    /** A seamstress who comes from Monday to Wednesday sews on no other day. */
    @Test
    void theYardsPlanKeepsToItsPeople() {
        choose(SEAT, Treatment.RECOVER);
        var seamstress = new Person("Ivo")
                .able(EnumSet.of(Skill.SEWING))
                .working(new WorkingHours(
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY), LocalTime.of(8, 0), LocalTime.of(14, 0)));
        var other = new Person("Ada").able(EnumSet.complementOf(EnumSet.of(Skill.SEWING)));
        var plan = plan(crew(seamstress, other), LocalDate.of(2026, 4, 1));
        var steps = new ArrayList<Manned>();
        var manned = plan.plan(Duration.ofMillis(200), steps::add, () -> false);
        var schedule = manned.schedule();
        assertThat(ScheduleCheck.faults(manned.problem(), schedule.bookings())).isEmpty();
        assertThat(manned.rota().of(CAR + "/sew:left-front-seat")).containsExactly("Ivo");
        assertThat(manned.rota().of(CAR + "/take-off:left-front-seat")).containsExactly("Ada", "Ivo");
        assertThat(steps).hasSize(1);
        var sewn = booking(schedule, "sew:left-front-seat");
        assertThat(sewn.start().getDayOfWeek()).isIn(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.WEDNESDAY);
        assertThat(sewn.start().toLocalTime()).isBefore(LocalTime.of(14, 0));
        for (var one : schedule.bookings())
            for (var two : schedule.bookings())
                if (!one.id().equals(two.id())
                        && one.start().isBefore(two.end())
                        && two.start().isBefore(one.end()))
                    assertThat(manned.rota().of(one.id()))
                            .as("nobody is at two things at once")
                            .doesNotContainAnyElementsOf(manned.rota().of(two.id()));
        // leather takes a working week to come, so that it is sewn in the next one
        assertThat(sewn.start().toLocalDate()).isAfterOrEqualTo(LocalDate.of(2026, 3, 9));
        var forecast = plan.forecast(manned, Optional.of(CAR), 200).goals().get(CAR + "/hand-over");
        assertThat(forecast.by(0.8)).isAfterOrEqualTo(forecast.by(0.5));
        assertThat(forecast.chanceOf(LocalDate.of(2026, 3, 3))).isZero();
    }

    /** A day that has passed is no day on which something comes. */
    @Test
    void whatIsOverdueIsNotTakenToComeNow() {
        off(SEAL, SILL);
        make(new InCustody(new SentAway(new Away(SILL, "at the platers", LocalDate.of(2026, 2, 20)))));
        var plan = plan(crew(), LocalDate.of(2026, 4, 1));
        assertThat(plan.isAssumed(tasks().get("away:left-sill-cover"))).isTrue();
        var schedule = plan.plan(Duration.ofMillis(50), _ -> {}, () -> false).schedule();
        assertThat(booking(schedule, "put-back:left-sill-cover").start()).isAfter(MONDAY.plusDays(5));
    }

    /** Whoever types a day of another century is answered all the same. */
    @Test
    void aDayFarAwayIsKept() {
        off(SEAL, SILL);
        var plan = plan(crew(), LocalDate.of(2190, 1, 1));
        assertThat(plan.plan(Duration.ofMillis(50), _ -> {}, () -> false)
                        .schedule()
                        .end())
                .isBefore(MONDAY.plusDays(30));
    }

    @Test
    void aYardOfNobodyIsDoneByWhoeverWorksThere() {
        off(SEAL, SILL);
        var plan = plan(crew(), LocalDate.of(2026, 4, 1));
        var schedule = plan.plan(Duration.ofMillis(50), _ -> {}, () -> false).schedule();
        assertThat(booking(schedule, "hand-over").end()).isBefore(MONDAY.plusDays(1));
    }
}
