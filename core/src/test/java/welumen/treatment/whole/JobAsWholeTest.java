package welumen.treatment.whole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.intake.Agreement;
import welumen.intake.Approval;
import welumen.intake.Brief;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.measure.Money;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.treatment.Criterion;
import welumen.treatment.Terms;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

class JobAsWholeTest {
    /** A Tuesday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 4, 14);

    private static final Part DASH = part("dash", PartKind.DASH, "painted steel");
    private static final Part LID = part("glove box lid", PartKind.LID, "painted steel");
    private static final Part PAD = part("padded roll", PartKind.PAD, "leather");

    private static Part part(String name, PartKind kind, String material) {
        return new Part(PartId.named(name), name, kind, Side.MIDDLE, Spot.DASH, material, Supply.NO_LONGER_MADE);
    }

    private static Agreement agreed(Standard standard, long budget) {
        return new Agreement(standard, Money.of(budget, "GBP"), LocalDate.of(2026, 5, 12));
    }

    private static Job job() {
        return Job.EMPTY
                .after(new AtIntake(new CarTakenIn(
                        new Car("Demo", 1971, "estate", "none"),
                        new Customer("Ada", "by letter"),
                        agreed(Standard.GOOD_DRIVER, 2000))))
                .after(new InCabin(new PartsListed(List.of(DASH, LID, PAD))));
    }

    private static Job found(Job job, Part part, FindingKind kind, Severity severity) {
        return job.after(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), part.id(), kind, new Point(9, 9), 30, severity, ""))));
    }

    @Test
    void onlyWhatWasFoundAndIsNotDoneIsAsked() {
        var job = found(found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN), LID, FindingKind.SCUFF, Severity.PLAIN);
        var whole = job.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY);
        assertThat(whole.parts()).extracting(WholeJob.Open::part).containsExactly(DASH.id(), LID.id());
        assertThat(whole.days()).isEqualTo(20);
        assertThat(whole.hours()).isEqualTo(160);
        assertThat(whole.neighbours())
                .containsExactly(
                        new WholeJob.Group(SeenTogether.DASH, WholeJob.Measure.FINISH, List.of(DASH.id(), LID.id())),
                        new WholeJob.Group(SeenTogether.DASH, WholeJob.Measure.GLOSS, List.of(DASH.id(), LID.id())));
        var done = job.after(new AtTreatment(new TreatmentChosen(LID.id(), Treatment.REFINISH, "")))
                .after(new AtTreatment(new TreatmentDone(LID.id())));
        assertThat(done.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY)
                        .parts())
                .hasSize(1);
    }

    /** What the trimmer chose himself stays; what a plan chose is free again. */
    @Test
    void whatIsFixedIsKeptAndWhatAPlanChoseIsNot() {
        var job = found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN);
        var fixed = job.after(new AtTreatment(new TreatmentChosen(DASH.id(), Treatment.CLEAN, "")));
        assertThat(fixed.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY)
                        .parts()
                        .getFirst()
                        .fixed())
                .isPresent();
        var planned =
                job.after(new AtTreatment(new TreatmentChosen(DASH.id(), List.of(Treatment.CLEAN), "the plan", false)));
        assertThat(planned.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY)
                        .parts()
                        .getFirst()
                        .fixed())
                .isEmpty();
    }

    /** Chosen by hand, though nothing that was found would offer it: it is kept, reckoned, and the customer is asked. */
    @Test
    void whatWouldNotBeOfferedIsKeptAllTheSame() {
        var job = found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN)
                .after(new AtTreatment(new TreatmentChosen(DASH.id(), Treatment.SEND_OUT, "")));
        var open = job.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY)
                .parts()
                .getFirst();
        assertThat(open.fixed()).contains(0);
        assertThat(open.options().getFirst().candidate().steps()).containsExactly(Treatment.SEND_OUT);
        assertThat(job.approvalSheet(Terms.USUAL, TODAY).lines()).hasSize(1);
    }

    /** The standard moves the plan: what is kept for a tidy car is made good for a show. */
    @Test
    void theStandardAndTheBudgetMoveThePlan() {
        var job =
                found(found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN), PAD, FindingKind.FINE_CRACK, Severity.BAD);
        var cheap = BestSet.of(job.whole(agreed(Standard.TIDY_AND_CHEAP, 2000), Terms.USUAL, TODAY));
        var show = BestSet.of(job.whole(agreed(Standard.SHOW_CUSTOM, 2000), Terms.USUAL, TODAY));
        assertThat(show.changesFrom(cheap)).isNotEmpty().allSatisfy(change -> {
            assertThat(change.now().steps()).isNotEqualTo(change.before().steps());
            assertThat(change.better()).isNotEmpty().doesNotContain(Criterion.COST);
        });
        assertThat(show.cost()).isGreaterThan(cheap.cost());
        var poor = BestSet.of(job.whole(agreed(Standard.SHOW_CUSTOM, 300), Terms.USUAL, TODAY));
        assertThat(poor.cost()).isLessThan(show.cost());
        assertThat(poor.chosen()).anyMatch(WholePlan.Chosen::isGivenUp);
        assertThat(poor.isBetterThan(show)).isFalse();
    }

    /** One part for the show in a car that is only tidy: its own standard weighs it, and wants its finish. */
    @Test
    void aPartMayHaveAStandardOfItsOwn() {
        var job = found(job(), PAD, FindingKind.FINE_CRACK, Severity.BAD);
        var tidy = BestSet.of(job.whole(agreed(Standard.TIDY_AND_CHEAP, 2000), Terms.USUAL, TODAY));
        var own = job.after(new AtTreatment(new PartStandardSaid(PAD.id(), Standard.SHOW_CUSTOM)));
        assertThat(own.standardOf(PAD.id())).contains(Standard.SHOW_CUSTOM);
        assertThat(own.standardOf(DASH.id())).contains(Standard.GOOD_DRIVER);
        var show = BestSet.of(own.whole(agreed(Standard.TIDY_AND_CHEAP, 2000), Terms.USUAL, TODAY));
        assertThat(show.chosen().getFirst().candidate().finish())
                .isGreaterThan(tidy.chosen().getFirst().candidate().finish());
    }

    @Test
    void whatAgedAlikeIsTreatedAlike() {
        var job = found(found(job(), DASH, FindingKind.SCUFF, Severity.SLIGHT), LID, FindingKind.SCUFF, Severity.SLIGHT)
                .after(new AtSurvey(new PatinaGrouped(List.of(DASH.id(), LID.id()))));
        for (var standard : Standard.values()) {
            var plan = BestSet.of(job.whole(agreed(standard, 2000), Terms.USUAL, TODAY));
            assertThat(plan.broken()).noneMatch(Broken.PatinaSplit.class::isInstance);
        }
    }

    /** Refinishing a dash: 5 to 22.5 hours at 45, material besides; it fails 15 % of the time, at what it costs. */
    @Test
    void theSheetSaysTheLeastAndTheMost() {
        var job = found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN)
                .after(new AtTreatment(new TreatmentChosen(DASH.id(), Treatment.REFINISH, "")));
        var sheet = job.approvalSheet(Terms.USUAL, TODAY);
        var bought = 12 + 30 * DASH.kind().outline().area() / 1e6;
        assertThat(sheet.least()).isEqualTo(Math.rint(5 * 45 + bought));
        assertThat(sheet.most()).isEqualTo(Math.rint(22.5 * 45 + bought + 0.15 * (10 * 45 + bought)));
        assertThat(sheet.least())
                .as("what is printed adds up")
                .isEqualTo(sheet.lines().stream()
                        .mapToDouble(line -> Math.round(line.least()))
                        .sum());
        // ten hours and two days of curing: four working days on from a Tuesday
        assertThat(sheet.earliest()).isEqualTo(LocalDate.of(2026, 4, 20));
        assertThat(job().approvalSheet(Terms.USUAL, TODAY).lines()).isEmpty();
    }

    /** Asked again, it stands in the place of what was answered; what is still open is not replaced. */
    @Test
    void theSheetIsOneQuestionThatHoldsItsParts() {
        var sheet = job().approvalSheet(Terms.USUAL, TODAY);
        var first = sheet.asked(Brief.EMPTY, "£", TODAY);
        assertThat(first.replaces()).isZero();
        assertThat(first.holds())
                .isEqualTo(sheet.lines().stream().map(line -> line.part().id()).toList());
        var asked = Brief.EMPTY.after(new ApprovalAsked(first));
        assertThat(sheet.asked(asked, "£", TODAY).replaces()).isZero();
        var answered = asked.after(new ApprovalAnswered(1, new Approval.Answer.Given(true, "yes", TODAY)));
        assertThat(sheet.asked(answered, "£", TODAY).replaces()).isEqualTo(1);
    }

    /** A roll that is re-covered and one into which a panel is let: the whole, and 0.35 of it, with waste. */
    @Test
    void newMaterialOfOneMatterIsOneLot() {
        var second = part("second roll", PartKind.PAD, "leather");
        var job = found(
                        found(
                                job().after(new InCabin(new PartsListed(List.of(second)))),
                                PAD,
                                FindingKind.TEAR,
                                Severity.BAD),
                        second,
                        FindingKind.TEAR,
                        Severity.BAD)
                .after(new AtTreatment(new TreatmentChosen(PAD.id(), Treatment.RECOVER, "")))
                .after(new AtTreatment(new TreatmentChosen(second.id(), Treatment.LET_IN_PANEL, "")));
        var plan = BestSet.of(job.whole(agreed(Standard.GOOD_DRIVER, 2000), Terms.USUAL, TODAY));
        var area = PAD.kind().outline().area() / 1e6;
        assertThat(DyeLots.of(job.cabin(), plan)).singleElement().satisfies(lot -> {
            assertThat(lot.parts()).containsExactlyInAnyOrder(PAD.id(), second.id());
            assertThat(lot.squareMetres()).isCloseTo(1.3 * area * (1 + 0.35), within(1e-9));
        });
    }

    /** More days never leave fewer parts as wanted. */
    @Test
    void aWeekMoreIsNeverWorse() {
        var job =
                found(found(job(), DASH, FindingKind.SCUFF, Severity.PLAIN), PAD, FindingKind.FINE_CRACK, Severity.BAD);
        var now = job.whole(agreed(Standard.SHOW_CUSTOM, 2000), Terms.USUAL, LocalDate.of(2026, 5, 8));
        var plan = BestSet.of(now);
        var later = BestSet.of(now.withMoreDays(5));
        assertThat(plan.isBetterThan(later)).isFalse();
        assertThat(later.broken().size()).isLessThanOrEqualTo(plan.broken().size());
    }

    @Test
    void partsThatNobodySeesStandBesideNothing() {
        var groups = SeenTogether.groups(new Cabin(List.of(DASH, LID, part("frame", PartKind.FRAME, "steel"))));
        assertThat(groups).containsOnlyKeys(SeenTogether.DASH);
        assertThat(groups.get(SeenTogether.DASH)).containsExactly(DASH.id(), LID.id());
    }
}
