package welumen.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.cabin.Within;
import welumen.care.CareLog;
import welumen.clock.Clocks;
import welumen.clock.WorkLog;
import welumen.custody.Custody;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.StockRenamed;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.cut.table.DrawnSince;
import welumen.cut.table.Remaining;
import welumen.diary.Standing;
import welumen.diary.book.DiaryBook;
import welumen.doubt.Doubts;
import welumen.doubt.Guess;
import welumen.evidence.Album;
import welumen.finish.FinishBook;
import welumen.handover.GoingHome;
import welumen.handover.HandoverLog;
import welumen.handover.Stop;
import welumen.intake.Agreement;
import welumen.intake.Brief;
import welumen.intake.Intake;
import welumen.intake.Standard;
import welumen.pattern.Patterns;
import welumen.pattern.ReadyToCut;
import welumen.pattern.piece.Piece;
import welumen.refit.Frozen;
import welumen.refit.RefitLog;
import welumen.refit.Reopening;
import welumen.refit.SignOff;
import welumen.refit.Undone;
import welumen.refit.WorkLeft;
import welumen.strip.LearntTimes;
import welumen.strip.StripLog;
import welumen.survey.Finding;
import welumen.survey.Lapped;
import welumen.survey.Station;
import welumen.survey.Survey;
import welumen.treatment.Advice;
import welumen.treatment.Candidates;
import welumen.treatment.Choices;
import welumen.treatment.Deployment;
import welumen.treatment.PriceList;
import welumen.treatment.Terms;
import welumen.treatment.TreatmentHours;
import welumen.treatment.TwoWays;
import welumen.treatment.Weighing;
import welumen.treatment.whole.ApprovalSheet;
import welumen.treatment.whole.JobAsWhole;
import welumen.treatment.whole.WholeJob;
import welumen.yard.Crew;
import welumen.yard.Products;
import welumen.yard.Yard;

/** One customer's car and all that is known of the work on it: the fold of the job's changes. */
public record Job(
        Intake intake,
        Brief brief,
        Cabin cabin,
        StripLog strip,
        Album album,
        Survey survey,
        Choices choices,
        Patterns patterns,
        CuttingTable table,
        CutLog cutLog,
        RefitLog refit,
        Clocks clocks,
        WorkLog work,
        CareLog care,
        Custody custody,
        HandoverLog handover,
        Doubts doubts,
        DiaryBook diary,
        FinishBook finish,
        WhatIfs ifs) {
    public static final Job EMPTY = new Job(
            new Intake.Awaited(),
            Brief.EMPTY,
            Cabin.EMPTY,
            StripLog.EMPTY,
            Album.EMPTY,
            Survey.EMPTY,
            Choices.EMPTY,
            Patterns.EMPTY,
            new CuttingTable.Clear(),
            CutLog.EMPTY,
            RefitLog.EMPTY,
            Clocks.NONE,
            WorkLog.EMPTY,
            CareLog.EMPTY,
            Custody.EMPTY,
            HandoverLog.EMPTY,
            Doubts.NONE,
            DiaryBook.EMPTY,
            FinishBook.EMPTY,
            WhatIfs.NONE);

    /** The job after a change; runs no engine. */
    public Job after(JobChange change) {
        var next = new JobDraft(this);
        next.take(change);
        return next.job();
    }

    /**
     * As it is in the yard: where nothing was said of this car, the house ways and prices hold, and the clocks that run on it
     * are the yard's.
     *
     * @param car the stream of this job's log
     */
    public Job in(Yard yard, UUID car) {
        var house = yard.house();
        var running = new ArrayList<>(clocks.running());
        running.addAll(yard.clocks().on(car));
        return new Job(
                intake,
                brief.within(house.ways(), house.schools()),
                cabin,
                strip,
                album,
                survey,
                house.hasPrices() ? choices.within(house.prices()) : choices,
                patterns,
                StockRenamed.on(table, yard.stock().renamed()),
                cutLog,
                refit,
                new Clocks(running),
                work,
                care,
                custody,
                handover,
                doubts,
                diary,
                finish,
                ifs);
    }

    /** Once hides and rolls are called otherwise, by the name that a plan of before calls them; nothing has moved. */
    public Job withStockCalled(Map<String, String> renamed) {
        var called = StockRenamed.on(table, renamed);
        if (called == table) return this;
        return new Job(
                intake, brief, cabin, strip, album, survey, choices, patterns, called, cutLog, refit, clocks, work,
                care, custody, handover, doubts, diary, finish, ifs);
    }

    /** Where a part is on its way out of the car and back. What is built into an assembly goes where that goes. */
    public PartState stateOf(PartId part) {
        return stateOf(part, strip.off(), frozen());
    }

    /** Where every part is: of a long log, all at once take little longer than one. */
    public Map<PartId, PartState> states() {
        var off = strip.off();
        var frozen = frozen();
        var states = new TreeMap<PartId, PartState>();
        for (var part : cabin.parts()) states.put(part.id(), stateOf(part.id(), off, frozen));
        return states;
    }

    private PartState stateOf(PartId part, Set<PartId> off, Map<PartId, Frozen> frozen) {
        if (frozen.containsKey(part)) return PartState.HELD;
        if (refit.isFitted(part)) return PartState.FITTED;
        if (survey.isHeld(part)
                || survey.openCause(part).isPresent()
                || brief.heldBy(part).isPresent()) return PartState.HELD;
        if (!off.contains(part)) return withAssembly(part, off, frozen);
        if (choices.isDone(part)) return PartState.READY;
        return choices.of(part).isPresent() ? PartState.ON_BENCH : PartState.OUT;
    }

    private PartState withAssembly(PartId part, Set<PartId> off, Map<PartId, Frozen> frozen) {
        return cabin.findOne(part)
                .filter(one -> one.within() instanceof Within.Assembly)
                .map(one -> stateOf(((Within.Assembly) one.within()).part(), off, frozen))
                .filter(state -> state != PartState.HELD)
                .orElse(PartState.IN_CAR);
    }

    /** Why each held part is held: a find that stops the work, a symptom without its cause, or a question that the customer has not answered. */
    public Map<PartId, String> holds() {
        var holds = new TreeMap<PartId, String>();
        for (var approval : brief.openApprovals())
            for (var part : approval.holds())
                holds.putIfAbsent(part, "the customer has not answered: " + approval.question());
        for (var finding : survey.findings())
            survey.openCause(finding.part())
                    .ifPresent(kind -> holds.putIfAbsent(finding.part(), kind.whence() + " is not found"));
        holds.putAll(survey.holds());
        return holds;
    }

    /** What lies in the car over something that was found and stops the work: it must come off again. */
    public Map<PartId, Frozen> frozen() {
        return survey.holds().isEmpty() ? Map.of() : Frozen.over(cabin, strip, survey.holds());
    }

    /** What was measured of a bought part, with what its neighbours cover. */
    public List<Station> measuredOf(PartId part) {
        return Lapped.of(cabin, strip, part, survey.measured().getOrDefault(part, List.of()));
    }

    /** What must come off again to get at a part, and what that costs; empty where nothing lies over it. */
    public Optional<Reopening> reopening(PartId beneath) {
        return Reopening.of(cabin, strip, beneath, new LearntTimes(cabin, work));
    }

    public SignOff signOff() {
        return new SignOff(cabin, strip, refit, custody, new SignOff.Stopped(holds(), hot()), undone());
    }

    private Set<PartId> hot() {
        return survey.findings().stream()
                .filter(finding -> finding.kind().wantsHotWork() && survey.isHeld(finding.part()))
                .map(Finding::part)
                .filter(part -> cabin.findOne(part).isPresent())
                .collect(Collectors.toSet());
    }

    /** Why a piece is not cut yet: what the pattern says, and what guards its part; empty where it can be. */
    public List<String> notCutBecause(Piece piece) {
        return notCutBecause(piece, guarded());
    }

    private List<String> notCutBecause(Piece piece, Map<PartId, String> guarded) {
        var reasons = new ArrayList<>(ReadyToCut.reasons(patterns, piece));
        var guard = guarded.get(piece.part());
        if (guard != null)
            reasons.add("nothing is sewn or wrapped there before somebody qualified has answered: " + guard);
        return reasons;
    }

    /** The pieces that can be cut now. */
    public List<CutPiece> toBeCut() {
        var guarded = guarded();
        return FromPattern.pieces(
                patterns, piece -> notCutBecause(piece, guarded).isEmpty());
    }

    /** What was drawn, changed or dropped since the pieces were laid out; empty where the plan still holds. */
    public Optional<DrawnSince> drawnSince() {
        return DrawnSince.of(table, patterns, toBeCut(), cutLog);
    }

    /** What is still to be laid out, and on what of this stock. */
    public Remaining stillToCut(List<Stock> stock) {
        return Remaining.of(CutProblem.USUAL_GAP_MM, RoughCut.of(toBeCut(), cutLog.worked()), stock, table, cutLog);
    }

    /** What each part that is not finished still wants. */
    public Map<PartId, List<Undone>> undone() {
        var undone = new WorkLeft(survey, choices, patterns, table, cutLog, finish.coatings())
                .of(cabin, piece -> doubts.find(Guess.Kind.PIECE, piece.id()).isEmpty());
        undone.keySet().removeIf(custody::isNotToComeBack);
        return undone;
    }

    /** Why the car may not go home yet; empty if nothing stops it. */
    public List<Stop> stops() {
        return GoingHome.stops(cabin, brief, signOff(), finish, handover);
    }

    /** How long treatments take here, as far as this job has taught it. */
    public TreatmentHours benchTimes() {
        return TreatmentHours.learnt(cabin, choices, work);
    }

    /**
     * On what terms this job is done: its own prices and schools, and times as this job and others have taught them.
     *
     * @param lastPrices what the workshop said last in another job
     */
    public Terms terms(TreatmentHours others, PriceList lastPrices) {
        return new Terms(choices.prices().orElse(lastPrices), others.and(benchTimes()), brief.schools(), guarded());
    }

    /** Why nothing may be sewn, glued, filled, coated or wrapped on some parts until somebody qualified has answered. */
    public Map<PartId, String> guarded() {
        return Deployment.guarded(cabin, survey, brief.hasAirbags());
    }

    /** What can be done with a part, weighed by the job's standard; empty before there is one, or where nothing was found. */
    public Optional<Advice> advice(PartId part, Terms terms) {
        if (survey.on(part).isEmpty()) return Optional.empty();
        return standardOf(part).map(standard -> {
            var ways = Candidates.of(cabin.one(part), survey.on(part), terms);
            return Advice.of(ways, Weighing.of(standard, ways));
        });
    }

    /** What the customer is to agree to, of all that is chosen. */
    public ApprovalSheet approvalSheet(Terms terms, LocalDate today) {
        return ApprovalSheet.of(cabin, survey, choices, terms, today);
    }

    /** What two schools are compared on; empty before there is a standard. */
    public Optional<TwoWays.Given> given(Terms terms) {
        return intake instanceof Intake.TakenIn taken
                ? Optional.of(new TwoWays.Given(
                        cabin, survey, choices, taken.agreement().standard(), terms))
                : Optional.empty();
    }

    /** The standard to which a part is brought: its own, else the car's; empty before anything is agreed. */
    public Optional<Standard> standardOf(PartId part) {
        return choices.standardOf(part)
                .or(() -> intake instanceof Intake.TakenIn taken
                        ? Optional.of(taken.agreement().standard())
                        : Optional.empty());
    }

    /** Every part on which something was found, as one question, as if this were agreed. */
    public WholeJob whole(Agreement agreement, Terms terms, LocalDate today) {
        var figures = new JobAsWhole.Figures(terms, today);
        return JobAsWhole.of(cabin, survey, choices, agreement, figures);
    }

    /** What its tasks are made from, in a yard that has said nothing of what it works with. */
    public Standing standing() {
        return standing(Products.USUAL);
    }

    /** What its tasks are made from, in a yard. */
    public Standing standing(Yard yard) {
        return standing(yard.products(), yard.crew().loadHolds());
    }

    /** What its tasks are made from, where only the products are known. */
    public Standing standing(Products products) {
        return standing(products, Crew.LOAD_HOLDS);
    }

    private Standing standing(Products products, int loadHolds) {
        return new Standing(
                cabin,
                brief,
                survey,
                choices,
                patterns,
                signOff(),
                new LearntTimes(cabin, work),
                benchTimes(),
                guarded(),
                diary,
                products,
                finish,
                loadHolds,
                !handover.signedBy().isEmpty());
    }
}
