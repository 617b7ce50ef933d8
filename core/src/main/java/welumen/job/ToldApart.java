package welumen.job;

import java.util.ArrayList;
import java.util.List;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.Together;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.Patterns;

/**
 * A change as it is written into the log: of a piece that is drawn, each edge has the number that tells it apart, so that a later
 * Welumen which compares drawings otherwise still folds the same seams from it.
 */
public final class ToldApart {
    private Patterns patterns;

    private ToldApart(Patterns patterns) {
        this.patterns = patterns;
    }

    /** @param patterns as they are before the change */
    public static JobChange of(Patterns patterns, JobChange change) {
        return new ToldApart(patterns).told(change);
    }

    /** Whether a piece is drawn by it. */
    public static boolean draws(JobChange change) {
        return switch (change) {
            case Together(var changes) -> changes.stream().anyMatch(ToldApart::draws);
            case AtPattern(PieceDrawn _) -> true;
            default -> false;
        };
    }

    private JobChange told(JobChange change) {
        return switch (change) {
            case Together(var changes) -> Together.of(told(changes));
            case AtPattern(PieceDrawn(var piece)) -> after(new AtPattern(new PieceDrawn(patterns.toldApart(piece))));
            case AtPattern other -> after(other);
            default -> change;
        };
    }

    private List<JobChange> told(List<JobChange> changes) {
        var all = new ArrayList<JobChange>();
        for (var change : changes) all.add(told(change));
        return all;
    }

    private AtPattern after(AtPattern change) {
        try {
            patterns = patterns.after(change.change());
        } catch (IllegalStateException | IllegalArgumentException refused) {
            return change; // the log refuses it, too, and says why
        }
        return change;
    }
}
