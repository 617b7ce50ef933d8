package welumen.job;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.PartId;
import welumen.cabin.Within;
import welumen.doubt.DoubtChange.Confirmed;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InDoubt;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.strip.StripChange.LapStruck;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripChange.StripRuleStruck;
import welumen.strip.StripRule;
import welumen.survey.SurveyChange.FindingStruck;

/** A part that a car does not have after all: what hangs on it is named first, and goes with it. */
public final class StrikingOff {
    private StrikingOff() {}

    /** Why it cannot be struck off; empty where it can. */
    public static String objection(Job job, PartId part) {
        if (!job.strip().stepsOn(part).isEmpty())
            return "Steps are logged on it, so it was there. Take them back first.";
        var within = job.cabin().parts().stream()
                .filter(one -> one.within() instanceof Within.Assembly(var above) && above.equals(part))
                .map(one -> one.name())
                .toList();
        return within.isEmpty()
                ? ""
                : "These come off with it: %s. Strike them off first.".formatted(String.join(", ", within));
    }

    /** What goes with it, in words; empty where nothing does. */
    public static List<String> hangs(Job job, PartId part) {
        var hangs = new ArrayList<String>();
        count(job.survey().on(part).size(), "finding", hangs);
        count(job.patterns().of(part).size(), "piece", hangs);
        count(
                (int) job.strip().rules().stream()
                        .filter(rule ->
                                rule.part().equals(part) || rule.byAnyOf().contains(part))
                        .count(),
                "rule of what holds what",
                hangs);
        count(job.strip().placesOf(part).size(), "kind of fixing", hangs);
        return List.copyOf(hangs);
    }

    private static void count(int number, String noun, List<String> hangs) {
        if (number == 1) hangs.add("one " + noun);
        else if (number > 1) hangs.add(number + " " + noun.replaceFirst("^(\\w+)", "$1s"));
    }

    /** One action: all that hangs on it, then the part. */
    public static List<JobChange> changes(Job job, PartId part) {
        var changes = new ArrayList<JobChange>();
        for (var finding : job.survey().on(part)) changes.add(new AtSurvey(new FindingStruck(finding.number())));
        for (var piece : job.patterns().of(part)) changes.add(new AtPattern(new PieceDropped(piece.id())));
        for (var rule : job.strip().rules()) {
            if (!rule.part().equals(part) && !rule.byAnyOf().contains(part)) continue;
            changes.add(new AtStrip(new StripRuleStruck(rule)));
            var others = rule.byAnyOf().stream().filter(by -> !by.equals(part)).toList();
            if (!rule.part().equals(part) && !others.isEmpty())
                changes.add(new AtStrip(new StripRuleNoted(new StripRule(rule.part(), rule.reason(), others))));
        }
        for (var lap : job.strip().laps())
            if (lap.over().equals(part) || lap.under().equals(part))
                changes.add(new AtStrip(new LapStruck(lap.over(), lap.under())));
        if (!job.strip().placesOf(part).isEmpty()) changes.add(new AtStrip(new PlacesNoted(part, List.of())));
        var guesses = job.doubts().about(part.value());
        if (!guesses.isEmpty()) changes.add(new InDoubt(new Confirmed(guesses)));
        changes.add(new InCabin(new PartStruckOff(part)));
        return List.copyOf(changes);
    }
}
