package welumen.job;

import java.util.List;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.care.CareChange.CautionSeen;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.custody.CustodyChange.CameBack;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;
import welumen.cut.CutChange.PieceLeftDry;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PieceWorked;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.CutChange.StripTested;
import welumen.cut.CutChange.TermsSaid;
import welumen.doubt.DoubtChange.Confirmed;
import welumen.doubt.DoubtChange.Guessed;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.ApprovalReworded;
import welumen.intake.IntakeChange.ApprovalWithdrawn;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.IntakeChange.CarDescribed;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.HouseWayLeftToYard;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.ThingStruck;
import welumen.intake.IntakeChange.WishDropped;
import welumen.intake.IntakeChange.WishNoted;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtHandover;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InAlbum;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.job.JobChange.InDoubt;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.OnTheYardsRail;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WithCare;
import welumen.measure.Lengths;
import welumen.measure.Many;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.CuttingAllowed;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.FigureSaid;
import welumen.pattern.PatternChange.LayersSaid;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Seam;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LapStruck;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripChange.StripRuleStruck;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FindingCorrected;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FindingStruck;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.survey.SurveyChange.QualifiedAnswered;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.PricesLeftToYard;
import welumen.treatment.TreatmentChange.PricesSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

/** Says in a few words what a change did: on the bench rail beside “Take back”, and in the job's log. */
public final class Said {
    private Said() {}

    public static String of(JobChange change, Cabin cabin) {
        return switch (change) {
            case AtIntake(CarTakenIn(var car, var customer, var agreement)) -> "Taken in: " + car.name();
            case AtIntake(CarBrought(var car, var customer)) -> "Came in: " + car.name();
            case AtIntake(CarDescribed(var car, var customer)) -> "Described anew: " + car.name();
            case AtIntake(AgreementChanged(var agreement)) ->
                "Agreed: " + agreement.standard().word();
            case AtIntake(WishNoted(var wish)) -> "Wish: " + wish;
            case AtIntake(HouseWayChosen(var way, var taken)) -> (taken ? "House way: " : "No longer: ") + way.word();
            case AtIntake(SchoolChosen(var school)) ->
                "%s: %s".formatted(school.question().word(), school.word());
            case AtIntake(HouseWayLeftToYard(var way)) -> "As in the yard: " + way.word();
            case AtIntake(WishDropped(var wish)) -> "No wish any more: " + wish;
            case AtIntake(ApprovalReworded(var approval)) -> "Asked otherwise: " + approval.question();
            case AtIntake(ApprovalWithdrawn(var number)) -> "Asked no more: question " + number;
            case AtIntake(ThingStruck(var number)) -> "Struck out: find " + number;
            case AtIntake(QuestionLeftOpen(var question)) -> "%s: left open".formatted(question.word());
            case AtIntake(FeatureLookedAt(var look)) ->
                "%s: %s".formatted(capital(look.feature()), look.present() ? "there" : "not there");
            case AtIntake(PartMissing(var part, var missing)) ->
                "%s: %s"
                        .formatted(
                                missing ? "Came without" : "Turned up",
                                part(cabin, part).name());
            case AtIntake(ApprovalAsked(var approval)) -> "Asked: " + approval.question();
            case AtIntake(ApprovalAnswered(var number, var answer)) ->
                "Answered, question %d: %s".formatted(number, answer.agreed() ? "yes" : "no");
            case AtIntake(ThingFound(var thing)) -> "Found in the car: " + thing.what();
            case AtIntake(ThingHandedBack(var number)) -> "Handed back: find %d".formatted(number);
            case InCabin(PartsListed(var parts)) ->
                parts.size() == 1 ? "Listed: " + parts.getFirst().title() : "Listed: %d parts".formatted(parts.size());
            case InCabin(PartStruckOff(var part)) ->
                "Struck off: " + part.value().replace('-', ' ');
            case AtStrip(StepLogged(var step)) -> step(step, cabin);
            case AtStrip(StepCorrected(var step)) -> "Corrected: " + step(step, cabin);
            case AtStrip(StripRuleNoted(var rule)) ->
                "%s %s the %s"
                        .formatted(
                                part(cabin, rule.part()).title(),
                                rule.reason().verb(),
                                names(rule.byAnyOf(), " or the ", cabin));
            case AtStrip(RefitLinkNoted(var link)) ->
                "%s goes in before the %s"
                        .formatted(
                                part(cabin, link.first()).title(),
                                part(cabin, link.then()).name());
            case AtStrip(LapNoted(var lap)) ->
                "%s laps the %s by %s"
                        .formatted(
                                part(cabin, lap.over()).title(),
                                part(cabin, lap.under()).name(),
                                Lengths.near(lap.byMm()));
            case AtStrip(LapStruck(var over, var under)) ->
                "%s does not lap the %s"
                        .formatted(part(cabin, over).title(), part(cabin, under).name());
            case AtStrip(LooseGroupNoted(var group)) ->
                "Loose together: the " + names(group.parts(), " and the ", cabin);
            case AtStrip(SideFirst(var side)) ->
                side == Side.MIDDLE
                        ? "Either side may come first"
                        : "The %s side goes back first".formatted(side.word());
            case AtStrip(PlacesNoted(var part, var places)) ->
                "Places known: " + part(cabin, part).title();
            case AtSurvey(FindingMade(var finding)) ->
                "Found: %s on the %s"
                        .formatted(
                                finding.kind().word(),
                                part(cabin, finding.part()).name());
            case AtTreatment(TreatmentChosen(var part, var treatments, var because, var fixed)) ->
                "Chosen for the %s: %s"
                        .formatted(
                                part(cabin, part).name(), treatments.getFirst().word());
            case AtSurvey(FitMeasured(var part, var stations)) ->
                "Measured: %s, %s".formatted(part(cabin, part).name(), Many.of(stations.size(), "place"));
            case AtTreatment(PartStandardSaid(var part, var standard)) ->
                "%s: %s".formatted(part(cabin, part).title(), standard.word());
            case AtSurvey(FindingCorrected(var finding)) ->
                "Put right: %s on the %s"
                        .formatted(
                                finding.kind().word(),
                                part(cabin, finding.part()).name());
            case AtSurvey(FindingStruck(var number)) -> "Struck out: finding " + number;
            case AtTreatment(PricesLeftToYard()) -> "Prices as in the yard";
            case AtTreatment(PricesSaid(var prices)) -> "Prices: %.2f an hour".formatted(prices.hour());
            case AtTreatment(TreatmentDone(var part)) ->
                "Ready: " + part(cabin, part).title();
            case AtSurvey(LookedAt(var part)) ->
                "Looked at: " + part(cabin, part).name();
            case AtSurvey(CauseCured(var part, var cause)) ->
                "Cured: %s, %s"
                        .formatted(
                                part(cabin, part).name(), cause.length() > 30 ? cause.substring(0, 30) + "…" : cause);
            case AtSurvey(PatinaGrouped(var parts)) ->
                parts.size() < 2 ? "Aged apart" : "Aged alike: %d parts".formatted(parts.size());
            case AtSurvey(HoldPut(var part, var because)) ->
                "Held: %s, %s".formatted(part(cabin, part).name(), because);
            case AtSurvey(QualifiedAnswered(var part, var answer)) ->
                "%s: %s, by %s"
                        .formatted(
                                part(cabin, part).title(),
                                answer.mayBeWorked() ? "may be worked on" : "not to be touched",
                                answer.by());
            case AtSurvey(HoldLifted(var part, var by)) ->
                "Let go: %s, seen by %s".formatted(part(cabin, part).name(), by);
            case AtPattern(PieceDrawn(var piece)) -> "Drawn: " + piece.name();
            case AtPattern(PieceDropped(var piece)) -> "Dropped: " + piece;
            case AtPattern(EdgeLeftLong(var piece, var edge, var mm)) ->
                mm == 0 ? "Edge confirmed" : "Edge left long by %s".formatted(Lengths.near(mm));
            case AtPattern(TrialNoted(var trial)) ->
                "%s trial %d".formatted(capital(trial.of().word()), trial.number());
            case AtPattern(CutHeld(var piece, var awaited)) -> "Not cut until: " + awaited;
            case AtPattern(CutFreed(var piece)) -> "Free to cut";
            case AtPattern(StationMeasured(var piece, var station)) -> "Both sides measured: " + station.name();
            case AtPattern(PaddingSaid(var piece, var padding)) -> "Padding: " + padding.sheetWord();
            case AtPattern(LikenessWanted(var likeness)) -> "By reference: " + likeness.what();
            case AtPattern(LikenessDropped(var what)) -> "No longer by reference: " + what;
            case AtPattern(LessonLearnt(var lesson)) -> "First side taught about " + lesson.piece();
            case AtPattern(LayersSaid(var part, var layers)) ->
                "Under the %s: %s thicker".formatted(part(cabin, part).name(), Lengths.said(layers.thickerMm()));
            case AtPattern(FigureSaid(var part, var what, var typed)) ->
                "Noted of the %s: %s %s"
                        .formatted(
                                part(cabin, part).name(), what.replace('-', ' '), typed.isEmpty() ? "not said" : typed);
            case AtPattern(CuttingAllowed(var allowed)) -> "May be cut all the same, says " + allowed.by();
            case AtPattern(LessonTaken(var number, var piece)) -> "Taken over from the first side: " + words(piece);
            case AtPattern(ClearanceMeasured(var clearance)) -> "Clearance: " + clearance.what();
            case AtPattern(SeamJoined(var seam)) ->
                "Sewn together: %s and %s".formatted(words(seam.one()), words(seam.other()));
            case AtPattern(SeamTakenApart(var seam)) ->
                "Taken apart: %s and %s".formatted(words(seam.one()), words(seam.other()));
            case AtPattern(EdgeFinished(var piece, var edge, var finish, var allowance)) -> "Edge: " + finish.word();
            case AtCut(StockSeen(var stock, var what)) -> "%s: %s".formatted(what.word(), stock);
            case AtCut(StockBrought(var stock)) -> "Came in: " + stock.id();
            case AtCut(StockSentBack(var stock)) -> "Sent back: " + stock;
            case AtCut(SheetCut(var stock, var offcuts, var day)) ->
                offcuts.isEmpty()
                        ? "Cut: " + stock
                        : "Cut: %s, %d %s kept"
                                .formatted(stock, offcuts.size(), offcuts.size() == 1 ? "offcut" : "offcuts");
            case AtCut(StripTested(var test)) ->
                "Strip tested: %s, %s".formatted(test.material(), test.working().word());
            case AtCut(PieceWorked(var piece, var working)) ->
                "Worked %s: %s".formatted(working.word(), piece.replace('-', ' '));
            case AtCut(PieceLeftDry(var piece)) -> "Cut to its line at once: " + piece.replace('-', ' ');
            case AtCut(TermsSaid(var material, var terms)) -> "How it is bought: " + material;
            case AtCut(PieceSpoilt(var piece, var copy, var stock, var why)) -> "Spoilt: " + piece.replace('-', ' ');
            case AtCut(PlanAccepted(var problem, var plan)) ->
                "Laid out: %s on %s"
                        .formatted(
                                Many.of(plan.placements().size(), "piece"),
                                Many.of(plan.sheets().size(), "hide or roll")
                                        .replace("hide or rolls", "hides and rolls"));
            case AtRefit(PartPutBack(var back)) ->
                "Put back: " + part(cabin, back.part()).title();
            case OnClock(ClockStarted(var clock)) -> "Clock started: " + clock.on();
            case OnClock(ClockPutAway(var id)) -> "Clock put away";
            case OnTheYardsRail(var inner) -> of(new OnClock(inner), cabin);
            case InCustody(SentAway(var away)) ->
                "%s is %s until %s".formatted(part(cabin, away.part()).title(), away.where(), away.due());
            case InCustody(CameBack(var part)) ->
                "Back here: " + part(cabin, part).name();
            case InCustody(FateSaid(var part, var fate, var agreed)) ->
                "%s: %s".formatted(part(cabin, part).title(), fate.word());
            case InCustody(PartLeftOff(var left)) ->
                "Left off: %s, until the %s"
                        .formatted(
                                part(cabin, left.part()).name(),
                                part(cabin, left.before()).name());
            case InAlbum(EvidenceLogged(var evidence)) -> "Evidence: " + evidence.shows();
            case InAlbum(Concluded(var conclusion)) -> "Concluded: " + conclusion.says();
            case InAlbum(PhotoKept(var photo)) ->
                "Photo, %s: %s"
                        .formatted(
                                photo.moment().word(), part(cabin, photo.part()).name());
            case InAlbum(PhotoMarked(var photo, var marks)) -> "Photo marked";
            case AtWork(WorkBegun(var person, var on, var kind, var at)) ->
                "%s is at the %s".formatted(person, on.replace('-', ' '));
            case AtWork(WorkEnded(var person, var at, var idle)) -> person + " has stopped";
            case WithCare(CautionSeen(var caution, var at)) -> "Caution seen: " + at;
            case InDoubt(Guessed(var guesses)) -> "Guessed: " + guesses.size();
            case InDoubt(Confirmed(var guesses)) ->
                guesses.size() == 1
                        ? "Confirmed: %s, %s"
                                .formatted(
                                        guesses.getFirst().about().replace('-', ' '),
                                        guesses.getFirst().kind().word())
                        : "Confirmed: %d guesses".formatted(guesses.size());
            case AtStrip(StripRuleStruck(var rule)) ->
                "No longer held so: " + part(cabin, rule.part()).name();
            case AtHandover(Checked(var check, var by)) ->
                "Checked by %s: %s".formatted(by, part(cabin, check.part()).name());
            case AtHandover(SignedFor(var by)) -> "Signed for by " + by;
            case Together(var changes) -> of(changes.getFirst(), cabin);
        };
    }

    private static String names(List<PartId> parts, String between, Cabin cabin) {
        return parts.stream().map(part -> part(cabin, part).name()).collect(Collectors.joining(between));
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static String step(Step step, Cabin cabin) {
        var name = part(cabin, step.part()).title();
        return step.outcome() == Outcome.OFF ? "Off: " + name : "Loosened: " + name;
    }

    /** A log may speak of a part that is not listed, and is to be read all the same. */
    private static Part part(Cabin cabin, PartId id) {
        return cabin.findOne(id)
                .orElseGet(() -> new Part(
                        id, words(id.value()), PartKind.BOARD, Side.MIDDLE, Spot.TUNNEL, "", Supply.NOT_KNOWN));
    }

    private static String words(Seam.Side side) {
        return words(side.piece());
    }

    /** A piece's name begins with its part's, in words. */
    private static String words(String piece) {
        return piece.replace('-', ' ');
    }
}
