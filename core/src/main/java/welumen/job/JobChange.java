package welumen.job;

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
import welumen.handover.HandoverChange;
import welumen.intake.IntakeChange;
import welumen.pattern.PatternChange;
import welumen.refit.RefitChange;
import welumen.strip.StripChange;
import welumen.survey.SurveyChange;
import welumen.treatment.TreatmentChange;

/** Whatever can happen to a job: one record a room, which wraps that room's own change. */
public sealed interface JobChange {
    record AtIntake(IntakeChange change) implements JobChange {}

    record InCabin(CabinChange change) implements JobChange {}

    record AtStrip(StripChange change) implements JobChange {}

    record AtSurvey(SurveyChange change) implements JobChange {}

    record AtTreatment(TreatmentChange change) implements JobChange {}

    record AtPattern(PatternChange change) implements JobChange {}

    record AtCut(CutChange change) implements JobChange {}

    record AtRefit(RefitChange change) implements JobChange {}

    /** As it is asked for, and as an earlier Welumen kept it with the car. */
    record OnClock(ClockChange change) implements JobChange {}

    /** A clock was started or put away while this car was worked on; the yard's log keeps it, in the same action. */
    record OnTheYardsRail(ClockChange change) implements JobChange {}

    record InCustody(CustodyChange change) implements JobChange {}

    record InAlbum(EvidenceChange change) implements JobChange {}

    record AtWork(WorkChange change) implements JobChange {}

    record WithCare(CareChange change) implements JobChange {}

    record AtHandover(HandoverChange change) implements JobChange {}

    record InDoubt(DoubtChange change) implements JobChange {}

    record AtFinish(FinishChange change) implements JobChange {}

    record InDiary(DiaryChange change) implements JobChange {}

    /**
     * Something that may come, or has come and is not yet said: kept beside the job, which it does not touch.
     *
     * @param id within the job
     * @param said in words
     * @param what what would be said then
     */
    record WhatIfKept(String id, String said, JobChange what) implements JobChange {}

    record WhatIfDropped(String id) implements JobChange {}

    /** Several things that are one action of the user, taken back together. */
    record Together(List<JobChange> changes) implements JobChange {
        /** @throws IllegalArgumentException if there are none: nothing is no action */
        public Together {
            changes = List.copyOf(changes);
            if (changes.isEmpty()) throw new IllegalArgumentException("An action of nothing is none.");
        }

        /** One change by itself, several as one action. */
        public static JobChange of(List<? extends JobChange> changes) {
            return changes.size() == 1 ? changes.getFirst() : new Together(List.copyOf(changes));
        }
    }
}
