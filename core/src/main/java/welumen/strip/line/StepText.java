package welumen.strip.line;

import java.util.ArrayList;
import java.util.List;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingLot;

/** Writes a step as the line that would be typed for it, so that it can be put right by typing. */
public final class StepText {
    private StepText() {}

    /** Reading the line about the step's own part gives the same step, but for its number and photos. */
    public static String line(Step step) {
        var phrases = new ArrayList<String>();
        for (var lot : step.fixings()) phrases.add(lot(lot));
        if (step.how() != How.NOT_SAID && !step.tool().endsWith("lever"))
            phrases.add(step.how().word());
        if (!step.tool().isEmpty()) phrases.add(step.tool());
        if (step.bag() instanceof Bag.Numbered(var number)) phrases.add("bag " + number);
        phrases.add(step.outcome() == Outcome.OFF ? "off" : "loose");
        if (!step.rejoin().isEmpty()) phrases.add("rejoin with " + step.rejoin());
        if (!step.note().isEmpty()) phrases.add("note " + step.note());
        return String.join(", ", phrases);
    }

    /** Fixings alike as they would be typed: the condition before the place, since a place ends the phrase. */
    public static String lot(FixingLot lot) {
        var words = new ArrayList<>(
                List.of(Integer.toString(lot.count()), lot.kind().word(lot.count())));
        if (!lot.size().isEmpty()) words.add(lot.size());
        if (!lot.colour().isEmpty()) words.add(lot.colour());
        if (lot.condition() != Condition.GOOD) words.add(lot.condition().word());
        if (!lot.where().isEmpty()) words.add(lot.where());
        return String.join(" ", words);
    }
}
