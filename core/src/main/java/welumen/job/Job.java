package welumen.job;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cabin.Within;
import welumen.care.CareLog;
import welumen.clock.Clocks;
import welumen.clock.WorkLog;
import welumen.cut.CuttingTable;
import welumen.diary.WhatNext;
import welumen.evidence.Album;
import welumen.intake.Brief;
import welumen.intake.Intake;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InAlbum;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WithCare;
import welumen.pattern.Patterns;
import welumen.refit.RefitLog;
import welumen.refit.SignOff;
import welumen.strip.StripLog;
import welumen.survey.Survey;

/** One customer's car and all that is known of the work on it: the fold of the job's changes. */
public record Job(
        Intake intake,
        Brief brief,
        Cabin cabin,
        StripLog strip,
        Album album,
        Survey survey,
        Patterns patterns,
        CuttingTable table,
        RefitLog refit,
        Clocks clocks,
        WorkLog work,
        CareLog care) {
    public static final Job EMPTY = new Job(
            new Intake.Awaited(),
            Brief.EMPTY,
            Cabin.EMPTY,
            StripLog.EMPTY,
            Album.EMPTY,
            Survey.EMPTY,
            Patterns.EMPTY,
            new CuttingTable.Clear(),
            RefitLog.EMPTY,
            Clocks.NONE,
            WorkLog.EMPTY,
            CareLog.EMPTY);

    /** The job after a change; runs no engine. */
    public Job after(JobChange change) {
        return switch (change) {
            case AtIntake(var inner) ->
                new Job(
                        intake.after(inner),
                        brief.after(inner),
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case InCabin(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin.after(inner),
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case AtStrip(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip.after(inner),
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case InAlbum(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album.after(inner),
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case AtSurvey(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey.after(inner),
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case AtPattern(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns.after(inner),
                        table,
                        refit,
                        clocks,
                        work,
                        care);
            case AtCut(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table.after(inner),
                        refit,
                        clocks,
                        work,
                        care);
            case AtRefit(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit.after(inner),
                        clocks,
                        work,
                        care);
            case OnClock(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks.after(inner),
                        work,
                        care);
            case AtWork(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work.after(inner),
                        care);
            case WithCare(var inner) ->
                new Job(
                        intake,
                        brief,
                        cabin,
                        strip,
                        album,
                        survey,
                        patterns,
                        table,
                        refit,
                        clocks,
                        work,
                        care.after(inner));
            case Together(var changes) -> {
                var job = this;
                for (var one : changes) job = job.after(one);
                yield job;
            }
        };
    }

    /** Where a part is on its way out of the car and back. What is built into an assembly goes where that goes. */
    public PartState stateOf(PartId part) {
        return stateOf(part, strip.off());
    }

    /** Where every part is: of a long log, all at once take little longer than one. */
    public Map<PartId, PartState> states() {
        var off = strip.off();
        var states = new TreeMap<PartId, PartState>();
        for (var part : cabin.parts()) states.put(part.id(), stateOf(part.id(), off));
        return states;
    }

    private PartState stateOf(PartId part, Set<PartId> off) {
        if (refit.isFitted(part)) return PartState.FITTED;
        if (survey.isHeld(part) || brief.heldBy(part).isPresent()) return PartState.HELD;
        if (!off.contains(part)) return withAssembly(part, off);
        if (survey.done().contains(part)) return PartState.READY;
        return survey.chosenFor(part).isPresent() ? PartState.ON_BENCH : PartState.OUT;
    }

    private PartState withAssembly(PartId part, Set<PartId> off) {
        return cabin.findOne(part)
                .filter(one -> one.within() instanceof Within.Assembly)
                .map(one -> stateOf(((Within.Assembly) one.within()).part(), off))
                .filter(state -> state != PartState.HELD)
                .orElse(PartState.IN_CAR);
    }

    /** Why each held part is held: a find that stops the work, or a question that the customer has not answered. */
    public Map<PartId, String> holds() {
        var holds = new TreeMap<PartId, String>();
        for (var approval : brief.openApprovals())
            for (var part : approval.holds())
                holds.putIfAbsent(part, "the customer has not answered: " + approval.question());
        holds.putAll(survey.holds());
        return holds;
    }

    public SignOff signOff() {
        return new SignOff(strip, refit, holds());
    }

    public WhatNext.Standing standing() {
        return new WhatNext.Standing(cabin, strip, survey, refit, holds());
    }
}
