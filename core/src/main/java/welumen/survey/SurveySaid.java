package welumen.survey;

import welumen.cabin.Cabin;
import welumen.measure.Many;

/** Says in a few words what a change of this room did. */
public final class SurveySaid {
    private SurveySaid() {}

    public static String of(SurveyChange change, Cabin cabin) {
        return switch (change) {
            case SurveyChange.FindingMade(var finding) ->
                "Found: %s on the %s"
                        .formatted(
                                finding.kind().word(),
                                cabin.named(finding.part()).name());
            case SurveyChange.FitMeasured(var part, var stations) ->
                "Measured: %s, %s".formatted(cabin.named(part).name(), Many.of(stations.size(), "place"));
            case SurveyChange.FindingCorrected(var finding) ->
                "Put right: %s on the %s"
                        .formatted(
                                finding.kind().word(),
                                cabin.named(finding.part()).name());
            case SurveyChange.FindingStruck(var number) -> "Struck out: finding " + number;
            case SurveyChange.LookedAt(var part) ->
                "Looked at: " + cabin.named(part).name();
            case SurveyChange.CauseCured(var part, var cause) ->
                "Cured: %s, %s"
                        .formatted(
                                cabin.named(part).name(), cause.length() > 30 ? cause.substring(0, 30) + "…" : cause);
            case SurveyChange.PatinaGrouped(var parts) ->
                parts.size() < 2 ? "Aged apart" : "Aged alike: %d parts".formatted(parts.size());
            case SurveyChange.HoldPut(var part, var because) ->
                "Held: %s, %s".formatted(cabin.named(part).name(), because);
            case SurveyChange.QualifiedAnswered(var part, var answer) ->
                "%s: %s, by %s"
                        .formatted(
                                cabin.named(part).title(),
                                answer.mayBeWorked() ? "may be worked on" : "not to be touched",
                                answer.by());
            case SurveyChange.HoldLifted(var part, var by) ->
                "Let go: %s, seen by %s".formatted(cabin.named(part).name(), by);
        };
    }
}
