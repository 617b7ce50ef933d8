package welumen.job;

import welumen.cabin.Cabin;
import welumen.cabin.CabinChange.PartsListed;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.cut.CutChange.PlanAccepted;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.TreatmentChosen;
import welumen.survey.SurveyChange.TreatmentDone;

/** Says in a few words what a change did: on the bench rail beside “Take back”, and in the job's log. */
public final class Said {
    private Said() {}

    public static String of(JobChange change, Cabin cabin) {
        return switch (change) {
            case AtIntake(CarTakenIn(var car, var customer, var agreement)) -> "Taken in: " + car.name();
            case AtIntake(AgreementChanged(var agreement)) ->
                "Agreed: " + agreement.standard().word();
            case InCabin(PartsListed(var parts)) -> "Listed: %d parts".formatted(parts.size());
            case AtStrip(StepLogged(var step)) -> step(step, cabin);
            case AtStrip(StepCorrected(var step)) -> "Corrected: " + step(step, cabin);
            case AtStrip(StripRuleNoted(var rule)) ->
                "%s %s the %s"
                        .formatted(
                                cabin.one(rule.part()).title(),
                                rule.reason().verb(),
                                cabin.one(rule.by()).name());
            case AtStrip(RefitLinkNoted(var link)) ->
                "%s goes in before the %s"
                        .formatted(
                                cabin.one(link.first()).title(),
                                cabin.one(link.then()).name());
            case AtStrip(PlacesNoted(var part, var places)) ->
                "Places known: " + cabin.one(part).title();
            case AtSurvey(FindingMade(var finding)) ->
                "Found: %s on the %s"
                        .formatted(
                                finding.kind().word(), cabin.one(finding.part()).name());
            case AtSurvey(TreatmentChosen(var part, var treatment, var because)) ->
                "Chosen for the %s: %s".formatted(cabin.one(part).name(), treatment.word());
            case AtSurvey(TreatmentDone(var part)) ->
                "Ready: " + cabin.one(part).title();
            case AtSurvey(HoldPut(var part, var because)) ->
                "Held: %s, %s".formatted(cabin.one(part).name(), because);
            case AtSurvey(HoldLifted(var part, var by)) ->
                "Let go: %s, seen by %s".formatted(cabin.one(part).name(), by);
            case AtPattern(PieceDrawn(var piece)) -> "Drawn: " + piece.name();
            case AtPattern(EdgeFinished(var piece, var edge, var finish, var allowance)) -> "Edge: " + finish.word();
            case AtCut(PlanAccepted(var problem, var plan)) ->
                "Laid out: %d pieces on %d hides"
                        .formatted(plan.placements().size(), plan.sheets().size());
            case AtRefit(PartPutBack(var back)) ->
                "Put back: " + cabin.one(back.part()).title();
            case OnClock(ClockStarted(var clock)) -> "Clock started: " + clock.on();
            case OnClock(ClockPutAway(var id)) -> "Clock put away";
            case Together(var changes) -> of(changes.getFirst(), cabin);
        };
    }

    private static String step(Step step, Cabin cabin) {
        var name = cabin.one(step.part()).title();
        return step.outcome() == Outcome.OFF ? "Off: " + name : "Loosened: " + name;
    }
}
