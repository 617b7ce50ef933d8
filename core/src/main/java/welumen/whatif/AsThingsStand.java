package welumen.whatif;

import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.Together;
import welumen.survey.Finding;
import welumen.survey.SurveyChange.FindingMade;

/** A change that was thought of before is made now: a find gets the number that is free today. */
public final class AsThingsStand {
    private AsThingsStand() {}

    public static JobChange of(JobChange change, Job job) {
        return switch (change) {
            case Together(var all) ->
                Together.of(all.stream().map(one -> of(one, job)).toList());
            case AtSurvey(FindingMade(var finding)) -> new AtSurvey(new FindingMade(numbered(finding, job)));
            default -> change;
        };
    }

    private static Finding numbered(Finding was, Job job) {
        return new Finding(
                job.survey().nextFinding(),
                was.part(),
                was.kind(),
                was.mark(),
                was.sizeMm(),
                was.severity(),
                was.note(),
                was.photos(),
                was.stopsWork());
    }
}
