package welumen.files.json;

import static welumen.files.json.Kind.kind;
import static welumen.files.json.Kinds.Family.family;

import java.util.List;
import welumen.cabin.CabinChange;
import welumen.care.CareChange;
import welumen.clock.ClockChange;
import welumen.clock.WorkChange;
import welumen.custody.CustodyChange;
import welumen.cut.CutChange;
import welumen.diary.book.DiaryChange;
import welumen.doubt.DoubtChange;
import welumen.evidence.EvidenceChange;
import welumen.finish.FinishChange;
import welumen.finish.underway.CoatingChange;
import welumen.handover.HandoverChange;
import welumen.intake.IntakeChange;
import welumen.job.JobChange;
import welumen.pattern.PatternChange;
import welumen.refit.RefitChange;
import welumen.strip.StripChange;
import welumen.survey.SurveyChange;
import welumen.treatment.TreatmentChange;

/** What each kind of change of a job is called in a file. A kind keeps its word whatever becomes of its record’s name. */
final class JobKinds {
    private JobKinds() {}

    static List<Kinds.Family> families() {
        return List.of(
                family(
                        JobChange.class,
                        kind("at-intake", JobChange.AtIntake.class),
                        kind("in-cabin", JobChange.InCabin.class),
                        kind("at-strip", JobChange.AtStrip.class),
                        kind("at-survey", JobChange.AtSurvey.class),
                        kind("at-treatment", JobChange.AtTreatment.class),
                        kind("at-pattern", JobChange.AtPattern.class),
                        kind("at-cut", JobChange.AtCut.class),
                        kind("at-refit", JobChange.AtRefit.class),
                        kind("on-clock", JobChange.OnClock.class),
                        kind("on-the-yards-rail", JobChange.OnTheYardsRail.class),
                        kind("in-custody", JobChange.InCustody.class),
                        kind("in-album", JobChange.InAlbum.class),
                        kind("at-work", JobChange.AtWork.class),
                        kind("with-care", JobChange.WithCare.class),
                        kind("at-handover", JobChange.AtHandover.class),
                        kind("in-doubt", JobChange.InDoubt.class),
                        kind("in-diary", JobChange.InDiary.class),
                        kind("at-finish", JobChange.AtFinish.class),
                        kind("what-if-kept", JobChange.WhatIfKept.class),
                        kind("what-if-dropped", JobChange.WhatIfDropped.class),
                        kind("together", JobChange.Together.class)),
                family(
                        IntakeChange.class,
                        kind("car-brought", IntakeChange.CarBrought.class),
                        kind("car-described", IntakeChange.CarDescribed.class),
                        kind("car-taken-in", IntakeChange.CarTakenIn.class),
                        kind("agreement-changed", IntakeChange.AgreementChanged.class),
                        kind("wish-noted", IntakeChange.WishNoted.class),
                        kind("wish-dropped", IntakeChange.WishDropped.class),
                        kind("house-way-chosen", IntakeChange.HouseWayChosen.class),
                        kind("house-way-left-to-yard", IntakeChange.HouseWayLeftToYard.class),
                        kind("school-chosen", IntakeChange.SchoolChosen.class),
                        kind("question-left-open", IntakeChange.QuestionLeftOpen.class),
                        kind("feature-looked-at", IntakeChange.FeatureLookedAt.class),
                        kind("part-missing", IntakeChange.PartMissing.class),
                        kind("approval-asked", IntakeChange.ApprovalAsked.class),
                        kind("approval-answered", IntakeChange.ApprovalAnswered.class),
                        kind("approval-reworded", IntakeChange.ApprovalReworded.class),
                        kind("approval-withdrawn", IntakeChange.ApprovalWithdrawn.class),
                        kind("thing-found", IntakeChange.ThingFound.class),
                        kind("thing-handed-back", IntakeChange.ThingHandedBack.class),
                        kind("thing-struck", IntakeChange.ThingStruck.class)),
                family(
                        CabinChange.class,
                        kind("parts-listed", CabinChange.PartsListed.class),
                        kind("part-struck-off", CabinChange.PartStruckOff.class)),
                family(
                        StripChange.class,
                        kind("step-logged", StripChange.StepLogged.class),
                        kind("step-corrected", StripChange.StepCorrected.class),
                        kind("strip-rule-noted", StripChange.StripRuleNoted.class),
                        kind("strip-rule-struck", StripChange.StripRuleStruck.class),
                        kind("refit-link-noted", StripChange.RefitLinkNoted.class),
                        kind("places-noted", StripChange.PlacesNoted.class),
                        kind("lap-noted", StripChange.LapNoted.class),
                        kind("lap-struck", StripChange.LapStruck.class),
                        kind("loose-group-noted", StripChange.LooseGroupNoted.class),
                        kind("side-first", StripChange.SideFirst.class)),
                family(
                        SurveyChange.class,
                        kind("finding-made", SurveyChange.FindingMade.class, KindSteps::findingSaysWhetherItStops),
                        kind(
                                "finding-corrected",
                                SurveyChange.FindingCorrected.class,
                                KindSteps::findingSaysWhetherItStops),
                        kind("finding-struck", SurveyChange.FindingStruck.class),
                        kind("looked-at", SurveyChange.LookedAt.class),
                        kind("fit-measured", SurveyChange.FitMeasured.class),
                        kind("cause-cured", SurveyChange.CauseCured.class),
                        kind("hold-put", SurveyChange.HoldPut.class),
                        kind("hold-lifted", SurveyChange.HoldLifted.class),
                        kind("patina-grouped", SurveyChange.PatinaGrouped.class),
                        kind("qualified-answered", SurveyChange.QualifiedAnswered.class)),
                family(
                        TreatmentChange.class,
                        kind("treatment-chosen", TreatmentChange.TreatmentChosen.class),
                        kind("part-standard-said", TreatmentChange.PartStandardSaid.class),
                        kind("prices-said", TreatmentChange.PricesSaid.class),
                        kind("prices-left-to-yard", TreatmentChange.PricesLeftToYard.class),
                        kind("treatment-done", TreatmentChange.TreatmentDone.class)),
                family(
                        PatternChange.class,
                        kind("piece-drawn", PatternChange.PieceDrawn.class, KindSteps::edgesAreNotToldApart),
                        kind("piece-made-of", PatternChange.PieceMadeOf.class),
                        kind("piece-dropped", PatternChange.PieceDropped.class),
                        kind("seam-joined", PatternChange.SeamJoined.class),
                        kind("seam-taken-apart", PatternChange.SeamTakenApart.class),
                        kind("edge-finished", PatternChange.EdgeFinished.class),
                        kind("edge-left-long", PatternChange.EdgeLeftLong.class),
                        kind("trial-noted", PatternChange.TrialNoted.class),
                        kind("cut-held", PatternChange.CutHeld.class),
                        kind("cut-freed", PatternChange.CutFreed.class),
                        kind("station-measured", PatternChange.StationMeasured.class),
                        kind("clearance-measured", PatternChange.ClearanceMeasured.class),
                        kind("padding-said", PatternChange.PaddingSaid.class),
                        kind("likeness-wanted", PatternChange.LikenessWanted.class),
                        kind("likeness-dropped", PatternChange.LikenessDropped.class),
                        kind("lesson-learnt", PatternChange.LessonLearnt.class),
                        kind("lesson-taken", PatternChange.LessonTaken.class),
                        kind("layers-said", PatternChange.LayersSaid.class),
                        kind("figure-said", PatternChange.FigureSaid.class),
                        kind("cutting-allowed", PatternChange.CuttingAllowed.class)),
                family(
                        CutChange.class,
                        kind("plan-accepted", CutChange.PlanAccepted.class),
                        kind("stock-seen", CutChange.StockSeen.class),
                        kind("stock-brought", CutChange.StockBrought.class),
                        kind("stock-sent-back", CutChange.StockSentBack.class),
                        kind("sheet-cut", CutChange.SheetCut.class),
                        kind("strip-tested", CutChange.StripTested.class),
                        kind("piece-worked", CutChange.PieceWorked.class),
                        kind("piece-left-dry", CutChange.PieceLeftDry.class),
                        kind("terms-said", CutChange.TermsSaid.class),
                        kind("piece-spoilt", CutChange.PieceSpoilt.class)),
                family(RefitChange.class, kind("part-put-back", RefitChange.PartPutBack.class)),
                family(
                        ClockChange.class,
                        kind("clock-started", ClockChange.ClockStarted.class, KindSteps::clockSaysWhenItIsTooLate),
                        kind("clock-put-away", ClockChange.ClockPutAway.class)),
                family(
                        CustodyChange.class,
                        kind("sent-away", CustodyChange.SentAway.class),
                        kind("came-back", CustodyChange.CameBack.class),
                        kind("fate-said", CustodyChange.FateSaid.class),
                        kind("part-left-off", CustodyChange.PartLeftOff.class)),
                family(
                        EvidenceChange.class,
                        kind("evidence-logged", EvidenceChange.EvidenceLogged.class),
                        kind("concluded", EvidenceChange.Concluded.class),
                        kind("photo-kept", EvidenceChange.PhotoKept.class),
                        kind("photo-marked", EvidenceChange.PhotoMarked.class)),
                family(
                        WorkChange.class,
                        kind("work-begun", WorkChange.WorkBegun.class),
                        kind("work-ended", WorkChange.WorkEnded.class)),
                family(CareChange.class, kind("caution-seen", CareChange.CautionSeen.class)),
                family(
                        HandoverChange.class,
                        kind("checked", HandoverChange.Checked.class),
                        kind("signed-for", HandoverChange.SignedFor.class)),
                family(
                        DoubtChange.class,
                        kind("guessed", DoubtChange.Guessed.class),
                        kind("confirmed", DoubtChange.Confirmed.class)),
                family(
                        FinishChange.class,
                        kind("colour-read", FinishChange.ColourRead.class, KindSteps::readingSaysHowRough),
                        kind("reading-struck", FinishChange.ReadingStruck.class),
                        kind("recipe-kept", FinishChange.RecipeKept.class),
                        kind("card-sprayed", FinishChange.CardSprayed.class),
                        kind("card-read", FinishChange.CardRead.class),
                        kind("card-accepted", FinishChange.CardAccepted.class),
                        kind("batch-said", FinishChange.BatchSaid.class, KindSteps::loadLeavesTimeToTurn),
                        kind("piece-listed", FinishChange.PieceListed.class, KindSteps::pieceHangs),
                        kind("piece-struck", FinishChange.PieceStruck.class),
                        kind("piece-cleared", FinishChange.PieceCleared.class),
                        kind("pieces-moved", FinishChange.PiecesMoved.class),
                        kind("went-wrong", FinishChange.WentWrong.class),
                        kind("on-coating", FinishChange.OnCoating.class),
                        kind("edge-said", FinishChange.EdgeSaid.class),
                        kind("touch-up-kept", FinishChange.TouchUpKept.class)),
                family(
                        CoatingChange.class,
                        kind("coating-begun", CoatingChange.CoatingBegun.class),
                        kind("step-done", CoatingChange.StepDone.class),
                        kind("keyed", CoatingChange.Keyed.class),
                        kind("flaw-mapped", CoatingChange.FlawMapped.class),
                        kind("flaw-mended", CoatingChange.FlawMended.class),
                        kind("flaw-struck", CoatingChange.FlawStruck.class),
                        kind("trial-made", CoatingChange.TrialMade.class),
                        kind("coating-went-wrong", CoatingChange.CoatingWentWrong.class),
                        kind("coating-dropped", CoatingChange.CoatingDropped.class)),
                family(
                        DiaryChange.class,
                        kind("task-added", DiaryChange.TaskAdded.class),
                        kind("task-dropped", DiaryChange.TaskDropped.class),
                        kind("task-wanted", DiaryChange.TaskWanted.class),
                        kind("task-done", DiaryChange.TaskDone.class),
                        kind("task-fixed", DiaryChange.TaskFixed.class),
                        kind("task-freed", DiaryChange.TaskFreed.class),
                        kind("task-split", DiaryChange.TaskSplit.class),
                        kind("day-promised", DiaryChange.DayPromised.class),
                        kind("otherwise-said", DiaryChange.OtherwiseSaid.class),
                        kind("days-told", DiaryChange.DaysTold.class),
                        kind("days-freed", DiaryChange.DaysFreed.class),
                        kind("made-ready", DiaryChange.MadeReady.class),
                        kind("go-ended", DiaryChange.GoEnded.class),
                        kind("look-passed", DiaryChange.LookPassed.class)));
    }
}
