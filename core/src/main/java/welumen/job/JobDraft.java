package welumen.job;

import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.care.CareLog;
import welumen.clock.Clocks;
import welumen.clock.WorkLog;
import welumen.custody.Custody;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable;
import welumen.diary.book.DiaryBook;
import welumen.diary.book.DiaryChange.LookPassed;
import welumen.doubt.Doubts;
import welumen.doubt.Guess;
import welumen.evidence.Album;
import welumen.finish.FinishBook;
import welumen.handover.HandoverLog;
import welumen.intake.Brief;
import welumen.intake.Intake;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtFinish;
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
import welumen.job.JobChange.InDiary;
import welumen.job.JobChange.InDoubt;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.OnTheYardsRail;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WhatIfDropped;
import welumen.job.JobChange.WhatIfKept;
import welumen.job.JobChange.WithCare;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.Patterns;
import welumen.refit.RefitChange;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.RefitLog;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripLog;
import welumen.survey.Survey;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.LookedAt;
import welumen.treatment.Choices;

/** A job while it takes changes in: each goes to its room, and nothing else moves. Never leaves {@link Job#after}. */
final class JobDraft {
    private Intake intake;
    private Brief brief;
    private Cabin cabin;
    private StripLog strip;
    private Album album;
    private Survey survey;
    private Choices choices;
    private Patterns patterns;
    private CuttingTable table;
    private CutLog cutLog;
    private RefitLog refit;
    private Clocks clocks;
    private WorkLog work;
    private CareLog care;
    private Custody custody;
    private HandoverLog handover;
    private Doubts doubts;
    private DiaryBook diary;
    private FinishBook finish;
    private WhatIfs ifs;

    JobDraft(Job job) {
        intake = job.intake();
        brief = job.brief();
        cabin = job.cabin();
        strip = job.strip();
        album = job.album();
        survey = job.survey();
        choices = job.choices();
        patterns = job.patterns();
        table = job.table();
        cutLog = job.cutLog();
        refit = job.refit();
        clocks = job.clocks();
        work = job.work();
        care = job.care();
        custody = job.custody();
        handover = job.handover();
        doubts = job.doubts();
        diary = job.diary();
        finish = job.finish();
        ifs = job.ifs();
    }

    void take(JobChange change) {
        switch (change) {
            case AtIntake(var inner) -> {
                intake = intake.after(inner);
                brief = brief.after(inner);
            }
            case InCabin(var inner) -> cabin = cabin.after(inner);
            case AtStrip(var inner) -> {
                strip = strip.after(inner);
                seen(inner);
                moved(inner);
            }
            case InAlbum(var inner) -> album = album.after(inner);
            case InCustody(var inner) -> custody = custody.after(inner);
            case AtSurvey(var inner) -> {
                survey = survey.after(inner);
                if (inner instanceof FindingMade(var finding)) choices = choices.reopened(finding.part());
            }
            case AtTreatment(var inner) -> choices = choices.after(inner);
            case AtPattern(var inner) -> {
                patterns = patterns.after(inner);
                seen(inner);
            }
            case InDoubt(var inner) -> doubts = doubts.after(inner);
            case AtCut(var inner) -> {
                table = table.after(inner);
                cutLog = cutLog.after(inner);
            }
            case AtRefit(var inner) -> {
                refit = refit.after(inner);
                wentIn(inner);
            }
            case OnTheYardsRail _ -> {}
            case OnClock(var inner) -> clocks = clocks.after(inner);
            case AtWork(var inner) -> work = work.after(inner);
            case WithCare(var inner) -> care = care.after(inner);
            case AtHandover(var inner) -> handover = handover.after(inner);
            case InDiary(var inner) -> {
                diary = diary.after(inner);
                if (inner instanceof LookPassed(var part, var _)) survey = survey.after(new LookedAt(part));
            }
            case AtFinish(var inner) -> finish = finish.after(inner);
            case WhatIfKept kept -> ifs = ifs.with(kept);
            case WhatIfDropped(var id) -> ifs = ifs.without(id);
            case Together(var changes) -> changes.forEach(this::take);
        }
    }

    /** What was put back may come off again: then it is out, and whoever checked it looks once more. */
    private void moved(StripChange change) {
        var step = switch (change) {
            case StepLogged(var logged) -> Optional.of(logged);
            case StepCorrected(var corrected) -> Optional.of(corrected);
            default -> Optional.<Step>empty();
        };
        if (step.isEmpty()) return;
        var part = step.get().part();
        refit = refit.seenOff(part, strip.isOff(part));
        if (step.get().outcome() == Outcome.OFF) {
            handover = handover.cameOff(part);
            diary = diary.cameOff(part);
        }
    }

    private void wentIn(RefitChange change) {
        switch (change) {
            case PartPutBack(var back) -> {
                strip = strip.returned(back.part(), back.fixings());
                custody = custody.backIn(back.part());
            }
        }
    }

    /** What comes off, or is said anew, has been seen on this very car. */
    private void seen(StripChange change) {
        switch (change) {
            case StepLogged(var step) -> {
                if (step.outcome() != Outcome.OFF) return;
                doubts = doubts.seen(Guess.Kind.PLACES, step.part().value())
                        .seen(Guess.Kind.HOLDERS, step.part().value());
            }
            case PlacesNoted(var part, var _) -> doubts = doubts.seen(Guess.Kind.PLACES, part.value());
            case LapNoted(var lap) ->
                doubts = doubts.seen(Guess.Kind.LAPS, lap.over().value());
            default -> {}
        }
    }

    private void seen(PatternChange change) {
        switch (change) {
            case PieceDrawn(var piece) -> doubts = doubts.seen(Guess.Kind.PIECE, piece.id());
            case PieceDropped(var piece) -> doubts = doubts.seen(Guess.Kind.PIECE, piece);
            default -> {}
        }
    }

    Job job() {
        return new Job(
                intake, brief, cabin, strip, album, survey, choices, patterns, table, cutLog, refit, clocks, work, care,
                custody, handover, doubts, diary, finish, ifs);
    }
}
