package welumen.job;

import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.clock.Clocks;
import welumen.cut.CuttingTable;
import welumen.intake.Intake;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.pattern.Patterns;
import welumen.refit.RefitLog;
import welumen.strip.StripLog;
import welumen.survey.Survey;

/** One customer's car and all that is known of the work on it: the fold of the job's changes. */
public record Job(
        Intake intake,
        Cabin cabin,
        StripLog strip,
        Survey survey,
        Patterns patterns,
        CuttingTable table,
        RefitLog refit,
        Clocks clocks) {
    public static final Job EMPTY = new Job(
            new Intake.Awaited(),
            Cabin.EMPTY,
            StripLog.EMPTY,
            Survey.EMPTY,
            Patterns.EMPTY,
            new CuttingTable.Clear(),
            RefitLog.EMPTY,
            Clocks.NONE);

    /** The job after a change; runs no engine. */
    public Job after(JobChange change) {
        return switch (change) {
            case AtIntake(var inner) ->
                new Job(intake.after(inner), cabin, strip, survey, patterns, table, refit, clocks);
            case InCabin(var inner) ->
                new Job(intake, cabin.after(inner), strip, survey, patterns, table, refit, clocks);
            case AtStrip(var inner) ->
                new Job(intake, cabin, strip.after(inner), survey, patterns, table, refit, clocks);
            case AtSurvey(var inner) ->
                new Job(intake, cabin, strip, survey.after(inner), patterns, table, refit, clocks);
            case AtPattern(var inner) ->
                new Job(intake, cabin, strip, survey, patterns.after(inner), table, refit, clocks);
            case AtCut(var inner) -> new Job(intake, cabin, strip, survey, patterns, table.after(inner), refit, clocks);
            case AtRefit(var inner) ->
                new Job(intake, cabin, strip, survey, patterns, table, refit.after(inner), clocks);
            case OnClock(var inner) ->
                new Job(intake, cabin, strip, survey, patterns, table, refit, clocks.after(inner));
            case Together(var changes) -> {
                var job = this;
                for (var one : changes) job = job.after(one);
                yield job;
            }
        };
    }

    /** Where a part is on its way out of the car and back. */
    public PartState stateOf(PartId part) {
        if (refit.isFitted(part)) return PartState.FITTED;
        if (survey.isHeld(part)) return PartState.HELD;
        if (!strip.isOff(part)) return PartState.IN_CAR;
        if (survey.done().contains(part)) return PartState.READY;
        return survey.chosenFor(part).isPresent() ? PartState.ON_BENCH : PartState.OUT;
    }
}
