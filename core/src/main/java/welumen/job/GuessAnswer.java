package welumen.job;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.doubt.DoubtChange.Confirmed;
import welumen.doubt.Guess;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InDoubt;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.strip.StripChange.LapStruck;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StripRuleStruck;
import welumen.strip.reach.UsualRules;

/** What saying of a guess that it is right, or wrong, brings about. */
public final class GuessAnswer {
    private GuessAnswer() {}

    /** They stand; a pattern may be cut from now. */
    public static List<JobChange> right(List<Guess> guesses) {
        var changes = new ArrayList<JobChange>();
        for (var guess : guesses)
            if (guess.kind() == Guess.Kind.PIECE) changes.add(new AtPattern(new CutFreed(guess.about())));
        changes.add(new InDoubt(new Confirmed(guesses)));
        return List.copyOf(changes);
    }

    /** What it taught is struck out. What usually holds such a part in any car stays. */
    public static List<JobChange> wrong(Guess guess, Job job) {
        var changes = new ArrayList<JobChange>();
        switch (guess.kind()) {
            case PLACES -> changes.add(new AtStrip(new PlacesNoted(new PartId(guess.about()), List.of())));
            case HOLDERS -> {
                var part = new PartId(guess.about());
                var usual = job.cabin()
                        .findOne(part)
                        .map((Part one) -> UsualRules.holding(job.cabin(), one))
                        .orElse(List.of());
                job.strip().rules().stream()
                        .filter(rule -> rule.part().equals(part) && !usual.contains(rule))
                        .forEach(rule -> changes.add(new AtStrip(new StripRuleStruck(rule))));
            }
            case LAPS ->
                job.strip().laps().stream()
                        .filter(lap -> lap.over().value().equals(guess.about()))
                        .forEach(lap -> changes.add(new AtStrip(new LapStruck(lap.over(), lap.under()))));
            case PIECE -> changes.add(new AtPattern(new PieceDropped(guess.about())));
        }
        changes.add(new InDoubt(new Confirmed(List.of(guess))));
        return List.copyOf(changes);
    }
}
