package welumen.standins.demo;

import static welumen.survey.FindingKind.*;
import static welumen.survey.Severity.BAD;
import static welumen.survey.Severity.PLAIN;
import static welumen.survey.Severity.SLIGHT;
import static welumen.survey.Severity.WORST;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Supply;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.files.workshop.WorkshopFolder;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.WishNoted;
import welumen.intake.Standard;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.Together;
import welumen.journal.Journal;
import welumen.measure.Money;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.reach.UsualRules;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.Station;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.PatinaGrouped;

/** The second job: an estate that is to be a good driver; its parts have been looked at, and nothing is chosen yet. */
final class DunnockJob {
    private final SetClock clock;
    private final LocalDate today;
    private final Journal<JobChange, Job> journal;

    DunnockJob(WorkshopFolder workshop, SetClock clock, LocalDate today) {
        this.clock = clock;
        this.today = today;
        this.journal = workshop.job(DemoWorkshop.DUNNOCK, clock);
    }

    void write() {
        clock.set(DemoWorkshop.at(today.minusDays(6), 10, 30));
        make(new AtIntake(new CarTakenIn(
                new Car("Pellin Dunnock", 1971, "estate", "invented, none"),
                new Customer("Mrs Isolde Farrowby", "by telephone, evenings"),
                new Agreement(Standard.GOOD_DRIVER, Money.of(4200, "GBP"), LocalDate.of(2026, 7, 24)))));
        make(new AtIntake(new WishNoted("a car to use; the marks of its years may stay where all share them")));
        var parts = BodyParts.of(Body.ESTATE, Side.RIGHT).stream()
                .map(DunnockJob::asSeen)
                .toList();
        make(new InCabin(new PartsListed(parts)));
        make(new Together(UsualRules.of(new Cabin(parts)).stream()
                .<JobChange>map(rule -> new AtStrip(new StripRuleNoted(rule)))
                .toList()));
        clock.set(DemoWorkshop.at(today.minusDays(1), 9, 0));
        seats();
        cardsAndRoof();
        floors();
        dash();
        make(new AtSurvey(new FitMeasured(
                id("right front carpet"),
                List.of(
                        new Station("tunnel", 12, 0),
                        new Station("bulkhead", 4, 30),
                        new Station("sill, front", -6, 20),
                        new Station("sill, rear", -18, 20),
                        new Station("seat rail", -9, 0)))));
        make(new AtSurvey(new PatinaGrouped(List.of(id("fascia"), id("glove box lid"), id("dash")))));
    }

    private void seats() {
        find("left front seat", FINE_CRACK, PLAIN, 180, 300, 200, "where one slides in");
        find("left front seat", FADING, SLIGHT, 300, 260, 700, "");
        find("right front seat", DEEP_CRACK, BAD, 220, 180, 240, "driver's bolster");
        find("right front seat", BROKEN_SEAM, PLAIN, 140, 200, 500, "piping let go");
        find("right seat cushion foam", FLAT_FOAM, BAD, 400, 260, 280, "sits on the wire");
        find("rear cushion", SCUFF, SLIGHT, 120, 500, 400, "");
        find("rear backrest", TEAR, PLAIN, 90, 700, 300, "from a crate");
    }

    private void cardsAndRoof() {
        find("left front door card", WARPED_BOARD, PLAIN, 260, 300, 100, "damp came behind it");
        find("left front water shield", HOLE, BAD, 120, 300, 200, "torn for a loudspeaker");
        find("right front door card", SCUFF, SLIGHT, 90, 600, 300, "");
        find("left rear door card", STAIN, SLIGHT, 110, 400, 200, "");
        find("tailgate trim", BROKEN_TAB, PLAIN, 25, 60, 60, "upper left");
        find("headlining", STAIN, PLAIN, 300, 900, 600, "smoke, and one drip line");
        find("left rear pillar trim", LOOSE_GLUE, SLIGHT, 80, 200, 60, "");
        run("right cant rail trim", LOOSE_GLUE, PLAIN, "its whole length", 100, 30, 500, 34, 1100, 30);
    }

    private void floors() {
        find("left front carpet", HOLE, BAD, 110, 300, 200, "under the heels");
        find("right front carpet", HOLE, WORST, 200, 500, 220, "worn through");
        patch("left rear carpet", FADING, SLIGHT, "sun through the glass", 200, 100, 700, 600);
        find("right rear floor", SURFACE_RUST, PLAIN, 140, 300, 260, "sound when tapped");
        find("load board", DELAMINATION, BAD, 260, 500, 200, "");
        find("load carpet", STAIN, PLAIN, 320, 400, 300, "oil");
        find("right load side trim", WRONG_COLOUR, PLAIN, 500, 400, 200, "from another car");
    }

    private void dash() {
        find("dash", SCUFF, SLIGHT, 60, 400, 200, "");
        find("fascia", FADING, SLIGHT, 260, 500, 100, "");
        find("glove box lid", SCUFF, SLIGHT, 40, 200, 120, "");
        find("padded roll", FINE_CRACK, PLAIN, 240, 700, 120, "sun side");
        find("gear gaiter", TEAR, BAD, 60, 110, 110, "");
        find("left dash vent", BRITTLE, PLAIN, 40, 90, 40, "two fins gone");
    }

    /** What is usual for the body, put right by looking. */
    private static Part asSeen(Part part) {
        var material = part.material().replaceFirst("^hide\\b", "brown vinyl");
        return part.withMaterial(part.kind() == PartKind.SEAT ? "brown leather" : material)
                .withSupply(
                        switch (part.kind()) {
                            case CARPET, DOOR_SEAL, UNDERLAY, FOAM, SHIELD, BATTERY -> Supply.STILL_MADE;
                            case DASH, FASCIA, LID, VENT, PAD, RAIL -> Supply.NO_LONGER_MADE;
                            default -> Supply.NOT_KNOWN;
                        });
    }

    private void find(String part, FindingKind kind, Severity severity, double size, double x, double y, String note) {
        log(part, kind, new Mark.Dot(new Point(x, y)), size, severity, note);
    }

    private void run(String part, FindingKind kind, Severity severity, String note, double... places) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < places.length; i += 2) points.add(new Point(places[i], places[i + 1]));
        var mark = new Mark.Run(points);
        log(part, kind, mark, mark.sizeMm(), severity, note);
    }

    private void patch(
            String part, FindingKind kind, Severity severity, String note, double x, double y, double x2, double y2) {
        var mark = new Mark.Patch(
                new Outline(List.of(new Point(x, y), new Point(x2, y), new Point(x2, y2), new Point(x, y2))));
        log(part, kind, mark, mark.sizeMm(), severity, note);
    }

    private void log(String part, FindingKind kind, Mark mark, double size, Severity severity, String note) {
        make(new AtSurvey(new FindingMade(new Finding(
                journal.state().survey().nextFinding(), id(part), kind, mark, size, severity, note, List.of()))));
    }

    private static PartId id(String name) {
        return PartId.named(name);
    }

    private void make(JobChange change) {
        journal.make(change, DemoWorkshop.PERSON);
        clock.set(clock.instant().plusSeconds(40));
    }
}
