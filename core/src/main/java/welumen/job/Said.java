package welumen.job;

import welumen.cabin.Cabin;
import welumen.cabin.CabinSaid;
import welumen.care.CareSaid;
import welumen.clock.ClockSaid;
import welumen.clock.WorkSaid;
import welumen.custody.CustodySaid;
import welumen.cut.CutSaid;
import welumen.diary.book.DiarySaid;
import welumen.doubt.DoubtSaid;
import welumen.evidence.EvidenceSaid;
import welumen.finish.FinishSaid;
import welumen.handover.HandoverSaid;
import welumen.intake.IntakeSaid;
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
import welumen.pattern.PatternSaid;
import welumen.refit.RefitSaid;
import welumen.strip.StripSaid;
import welumen.survey.SurveySaid;
import welumen.treatment.TreatmentSaid;

/** Says in a few words what a change did: on the bench rail beside “Take back”, and in the job's log. Each room says its own. */
public final class Said {
    private Said() {}

    public static String of(JobChange change, Cabin cabin) {
        return switch (change) {
            case AtIntake(var inner) -> IntakeSaid.of(inner, cabin);
            case InCabin(var inner) -> CabinSaid.of(inner);
            case AtStrip(var inner) -> StripSaid.of(inner, cabin);
            case AtSurvey(var inner) -> SurveySaid.of(inner, cabin);
            case AtTreatment(var inner) -> TreatmentSaid.of(inner, cabin);
            case AtPattern(var inner) -> PatternSaid.of(inner, cabin);
            case AtCut(var inner) -> CutSaid.of(inner);
            case AtRefit(var inner) -> RefitSaid.of(inner, cabin);
            case OnClock(var inner) -> ClockSaid.of(inner);
            case InCustody(var inner) -> CustodySaid.of(inner, cabin);
            case InAlbum(var inner) -> EvidenceSaid.of(inner, cabin);
            case AtWork(var inner) -> WorkSaid.of(inner);
            case WithCare(var inner) -> CareSaid.of(inner);
            case AtHandover(var inner) -> HandoverSaid.of(inner, cabin);
            case InDoubt(var inner) -> DoubtSaid.of(inner);
            case OnTheYardsRail(var inner) -> ClockSaid.of(inner);
            case InDiary(var inner) -> DiarySaid.of(inner, cabin);
            case AtFinish(var inner) -> FinishSaid.of(inner);
            case WhatIfKept(var _, var said, var _) -> "What if: " + said;
            case WhatIfDropped _ -> "A what-if dropped";
            case Together(var changes) -> of(changes.getFirst(), cabin);
        };
    }
}
