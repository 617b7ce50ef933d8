package welumen.job;

import java.util.Optional;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.Fate;
import welumen.intake.HouseWay;
import welumen.intake.School;
import welumen.job.JobChange.InCustody;
import welumen.refit.CountedIn;
import welumen.refit.Substitutes;
import welumen.strip.fixing.FixingKind;
import welumen.strip.reach.OtherSide;

/** What speaks against a piece of work by the house ways and schools that were chosen for the job. */
public final class HouseWayObjections {
    private HouseWayObjections() {}

    /** Why a note may not be made yet; empty where no way stands against it. */
    public static Optional<String> to(Job job, JobChange note) {
        var throwsAway = note instanceof InCustody(FateSaid(PartId part, Fate fate, String agreed))
                && fate == Fate.THROW_AWAY
                && !job.refit().isFitted(part);
        return throwsAway && job.brief().ways().contains(HouseWay.KEEP_OLD_AS_PATTERN)
                ? Optional.of("House way: the old part is kept as pattern until the new one has been fitted.")
                : Optional.empty();
    }

    /** What to mind when a part is taken off while its fellow on the other side is still out. */
    public static Optional<String> otherSide(Job job, PartId part) {
        if (!job.brief().follows(School.ONE_SIDE)) return Optional.empty();
        return OtherSide.out(job.cabin(), job.cabin().one(part), job.signOff().stillOut())
                .map(other -> "the %s is not back yet: none is left to look at".formatted(other.name()));
    }

    /** Why these fixings may not go in, or not without a word why; empty where all are what came out. */
    public static Optional<String> substitutes(Job job, PartId part, CountedIn in, String reason) {
        var substitutes = Substitutes.among(job.strip(), part, in.fixings());
        if (substitutes.isEmpty()) return Optional.empty();
        var words =
                substitutes.stream().map(lot -> lot.kind().word(lot.count())).collect(Collectors.joining(" and "));
        if (job.brief().follows(School.RIGHT_CLIP)
                && substitutes.stream().anyMatch(lot -> lot.kind() == FixingKind.GLUE))
            return Optional.of("House way: the right clip, found. A clip is not replaced by glue in this job.");
        return reason.isBlank()
                ? Optional.of("No %s held it before. Say why, for whoever takes it off next.".formatted(words))
                : Optional.empty();
    }
}
