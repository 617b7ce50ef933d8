package welumen.standins.demo;

import static welumen.standins.demo.SelkieParts.id;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Side;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.StripTested;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.leather.LeatherTest;
import welumen.cut.leather.Shade;
import welumen.cut.leather.Working;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.FromPattern;
import welumen.evidence.Evidence;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.Strength;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Agreement;
import welumen.intake.Approval;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.FeatureLook;
import welumen.intake.FoundThing;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.WishNoted;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InAlbum;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.Together;
import welumen.journal.Journal;
import welumen.measure.Money;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.piece.Piece;
import welumen.pattern.seam.LikelySeams;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff;
import welumen.shape.Point;
import welumen.standins.camera.CameraStandin;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;
import welumen.yard.Yard;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OnTheRail;

/** The first job: the right side is back in but for its floor, where rust was found; the left is being stripped today. */
final class SelkieJob {
    static final String HIDE = "sage hide";
    private static final long ROUNDS = 2;

    private final WorkshopFolder workshop;
    private final SetClock clock;
    private final LocalDate today;
    private final Journal<YardChange, Yard> yard;
    private final Journal<JobChange, Job> journal;

    SelkieJob(WorkshopFolder workshop, Journal<YardChange, Yard> yard, SetClock clock, LocalDate today) {
        this.workshop = workshop;
        this.clock = clock;
        this.today = today;
        this.yard = yard;
        this.journal = workshop.job(DemoWorkshop.SELKIE, clock);
    }

    void write() {
        intake();
        rightSide();
        yesterday();
        layOut();
        leftSide();
    }

    private void intake() {
        on(today.minusDays(18), 9, 10);
        make(new AtIntake(new CarTakenIn(
                new Car("Varrow Selkie", 1963, "four-door saloon", "invented, none"),
                new Customer("Mr Tolliver Quandish", "by letter to the yard"),
                new Agreement(Standard.BETTER_THAN_NEW, Money.of(9800, "GBP"), LocalDate.of(2026, 6, 12)))));
        make(new InCabin(new PartsListed(SelkieParts.all())));
        make(new Together(
                SelkieRules.all().stream().<JobChange>map(AtStrip::new).toList()));
        brief();
        for (var side : List.of("left", "right")) draw(SeatPattern.frontSeat(side));
        draw(SeatPattern.rearSeat());
        for (var piece : FloorAndDoors.pieces()) make(new AtPattern(new PieceDrawn(piece)));
    }

    /** And sewn as their names say. */
    private void draw(List<Piece> pieces) {
        for (var piece : pieces) make(new AtPattern(new PieceDrawn(piece)));
        for (var seam : LikelySeams.among(pieces, List.of())) make(new AtPattern(new SeamJoined(seam)));
    }

    /** What was said and found before anything came off. */
    private void brief() {
        make(new AtIntake(new WishNoted("looks as it did, but lasts; the boy sits behind on the left")));
        make(new AtIntake(new SchoolChosen(School.ONE_SIDE)));
        make(new AtIntake(new HouseWayChosen(HouseWay.KEEP_OLD_AS_PATTERN, true)));
        make(new AtStrip(new SideFirst(Side.RIGHT)));
        make(new AtIntake(
                new FeatureLookedAt(new FeatureLook("seat belts", false, "no anchorages in pillars or floor"))));
        make(new AtIntake(
                new ThingFound(new FoundThing(1, "two coins and a pencil", "under the rear cushion", false))));
        make(new InAlbum(new EvidenceLogged(new Evidence(
                1,
                "sage, unfaded, twin stitch 6 mm apart",
                "left seat cushion, under the runner cover",
                "L 52.1 a −8.4 b 10.9",
                Strength.PROOF,
                List.of(id("left front seat"), id("right front seat"), id("rear cushion"), id("rear backrest")),
                List.of(workshop.photos().keep(new CameraStandin().shoot("sage scrap"), "sage scrap.png"))))));
        make(new AtIntake(new ApprovalAsked(new Approval(
                1,
                "the new striped wool, its stripe 2 mm wider?",
                List.of(id("left front door card"), id("left rear door card"), id("right rear door card")),
                today.minusDays(4),
                new Approval.Answer.Awaited()))));
        make(new AtIntake(new ApprovalAsked(new Approval(
                2,
                "moisture-proof board in place of fibreboard?",
                List.of(id("right front door card")),
                today.minusDays(15),
                new Approval.Answer.Awaited()))));
        make(new AtIntake(
                new ApprovalAnswered(2, new Approval.Answer.Given(true, "yes, by letter", today.minusDays(13)))));
    }

    private void rightSide() {
        on(today.minusDays(15), 8, 40);
        step("right front door seal", "lifted");
        step("right seat runner cover", "3 screws no. 8, screwdriver, bag 1");
        step("right front seat", "4 bolts M10x25, 1 plug, 17 mm socket, bag 2");
        step("right front window winder", "1 screw no. 8, bag 3");
        step("right front door handle", "1 screw no. 8, bag 3");
        step("right front door pull", "2 screws 1/4\", bag 3");
        step("right front door card", "13 clips, 1 clip broken, 2 screws no. 6, plastic lever, bag 4");
        on(today.minusDays(14), 10, 5);
        step("right sill cover", "6 screws no. 8, 2 clips grey under seal, bag 5");
        step("right kick panel", "4 screws no. 6, bag 6");
        step("rear cushion", "lifted, note hooked at the front");
        step("right rear carpet", "peeled, off, note damp beneath");
        step("right rear underlay", "lifted, note wet through");
        finding(
                "right rear floor",
                FindingKind.RUST_THROUGH,
                90,
                Severity.WORST,
                320,
                260,
                "beside the seam, thumb-sized");
        finding("right rear underlay", FindingKind.DAMP, 300, Severity.BAD, 400, 300, "find the leak first");
        on(today.minusDays(3), 15, 20);
        back(
                "right front door card",
                "right front door pull",
                "right front window winder",
                "right front door handle",
                "right kick panel",
                "right seat runner cover");
    }

    private void yesterday() {
        on(today.minusDays(1), 11, 0);
        FinishBench.sage(today.minusDays(1)).forEach(this::make);
        finding("padded roll", FindingKind.DEEP_CRACK, 180, Severity.PLAIN, 600, 130, "sun side");
        make(new AtTreatment(
                new TreatmentChosen(id("padded roll"), Treatment.RECOVER, "the crack goes through the skin")));
        finding("dash", FindingKind.SCUFF, 60, Severity.SLIGHT, 400, 200, "");
        on(today, 12, 0);
        clock("Dash test card", "read it dry", Duration.ofHours(6));
    }

    /** The same few rounds from the same seed, so that the demo's plan never moves. */
    private void layOut() {
        on(today.minusDays(1), 16, 20);
        make(new AtCut(new StripTested(
                new LeatherTest(HIDE, "", Working.DAMP, 200, 196.4, 195, 12, Shade.DARKER, Shade.SAME))));
        on(today.minusDays(1), 16, 30);
        var pieces = FromPattern.pieces(journal.state().patterns());
        var problem = new CutProblem(
                CutProblem.USUAL_GAP_MM, pieces, yard.state().stock().here(), List.of());
        var plan = Nester.lay(
                problem,
                NestOptions.USUAL.withRounds(ROUNDS).withTime(Duration.ofMinutes(5)),
                (_, _) -> {},
                () -> false);
        make(new AtCut(new PlanAccepted(problem, plan)));
    }

    private void leftSide() {
        on(today, 13, 40);
        step("battery", "off, note negative first, waited 10 min");
        on(today, 13, 52);
        step("gear gaiter", "4 screws no. 6 chrome, bag 9");
        on(today, 13, 58);
        step("console", "5 screws no. 8, 2 plugs, bag 10, note cracked at its rear left post", true);
        finding("console", FindingKind.BROKEN_TAB, 25, Severity.PLAIN, 60, 60, "rear left post");
        make(new AtTreatment(new TreatmentChosen(id("console"), Treatment.REPAIR_BOARD, "plate behind, epoxy")));
        on(today, 14, 0);
        clock("Console boss, epoxy", "clamp off", Duration.ofHours(24));
        on(today, 14, 31);
        step("left seat runner cover", "2 screws no. 8, 1 screw no. 8 behind the lever, bag 11", true);
        on(today, 14, 44);
        step(
                "left front seat",
                "3 bolts M10x25, 1 bolt M10x22, 1 plug under the cushion, bag 12, note the short bolt sits front inner",
                true);
        finding("left front seat", FindingKind.TEAR, 120, Severity.BAD, 200, 420, "cushion, outer bolster");
        finding("left front seat", FindingKind.SHRUNK_COVER, 300, Severity.PLAIN, 260, 900, "");
        on(today, 14, 48);
        clock("Sill carpet, adhesive", "lay", Duration.ofMinutes(8));
        on(today, 14, 52);
        step("left sill cover", "6 screws no. 8, screwdriver, bag 13, note hooked at the front");
    }

    private void clock(String on, String next, Duration lasts) {
        var id = on.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
        var started = new ClockStarted(new BenchClock(id, on, next, clock.instant(), lasts));
        yard.make(new OnTheRail(started, DemoWorkshop.SELKIE), DemoWorkshop.PERSON);
    }

    private void step(String part, String line) {
        step(part, line, false);
    }

    private void step(String part, String line, boolean photographed) {
        var reading = Shorthand.read(
                line, id(part), journal.state().cabin(), journal.state().strip());
        reading.notUnderstood().ifPresent(why -> {
            throw new IllegalStateException("The demo's line “%s” is none. %s".formatted(line, why));
        });
        var photos = photographed
                ? List.of(workshop.photos().keep(new CameraStandin().shoot(part), part + ".png"))
                : List.<String>of();
        make(new AtStrip(new StepLogged(reading.step(journal.state().strip().nextStep(), photos))));
    }

    private void finding(
            String part, FindingKind kind, double size, Severity severity, double x, double y, String note) {
        make(new AtSurvey(new FindingMade(new Finding(
                journal.state().survey().nextFinding(), id(part), kind, new Point(x, y), size, severity, note))));
    }

    private void back(String... parts) {
        for (var part : parts) {
            var usable = SignOff.usable(journal.state().strip(), id(part));
            var isShort = usable < SignOff.places(journal.state().strip(), id(part));
            make(new AtTreatment(new TreatmentDone(id(part))));
            make(new AtRefit(
                    new PartPutBack(new PutBack(id(part), usable, isShort ? "one clip on order, two days" : ""))));
        }
    }

    private void make(JobChange change) {
        journal.make(change, DemoWorkshop.PERSON);
        clock.set(clock.instant().plusSeconds(1));
    }

    private void on(LocalDate day, int hour, int minute) {
        Instant then = DemoWorkshop.at(day, hour, minute);
        clock.set(then);
    }
}
