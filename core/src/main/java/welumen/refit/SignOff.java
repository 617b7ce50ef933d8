package welumen.refit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.strip.FixingLedger;
import welumen.strip.RefitLink;
import welumen.strip.RefitOrder;
import welumen.strip.StripLog;
import welumen.strip.StripRule;
import welumen.survey.Survey;

/** Whether a part may go back in now, and be signed off: every objection, the gravest first. */
public final class SignOff {
    /** One reason against. */
    public sealed interface Objection {
        /** It never came off. */
        record NotOff() implements Objection {}

        /** Work on it, or on what it would cover, is stopped. */
        record Held(PartId held, String because) implements Objection {}

        /** Another part goes in before it. */
        record TooEarly(RefitLink link) implements Objection {}

        /** Fewer fixings are there than it has places: it can go in, but only with a word why. */
        record Short(int places, int usable) implements Objection {}
    }

    private SignOff() {}

    /** What speaks against putting the part back now; empty if nothing does. */
    public static List<Objection> objections(StripLog strip, Survey survey, RefitLog refit, PartId part) {
        if (!strip.isOff(part)) return List.of(new Objection.NotOff());
        var objections = new ArrayList<Objection>();
        for (var held : coveredBy(strip, part))
            if (survey.isHeld(held))
                objections.add(new Objection.Held(held, survey.holds().get(held)));
        for (var link : RefitOrder.waitsFor(strip, part, stillOut(strip, refit)))
            objections.add(new Objection.TooEarly(link));
        var places = places(strip, part);
        var usable = usable(strip, part);
        if (usable < places) objections.add(new Objection.Short(places, usable));
        return objections;
    }

    /** The parts that are off and not yet back. */
    public static Set<PartId> stillOut(StripLog strip, RefitLog refit) {
        var out = new TreeSet<>(strip.off());
        out.removeAll(refit.parts());
        return out;
    }

    /** How many fixings the part has to be signed off with; a place of which nobody has said anything is one, too. */
    public static int places(StripLog strip, PartId part) {
        return FixingLedger.of(strip, part).stream()
                .mapToInt(FixingLedger.Row::places)
                .sum();
    }

    /** How many of them can go back. */
    public static int usable(StripLog strip, PartId part) {
        return FixingLedger.of(strip, part).stream()
                .mapToInt(row -> Math.min(row.usable(), row.places()))
                .sum();
    }

    /** The part itself and everything that it would cover, directly or through another. */
    private static Set<PartId> coveredBy(StripLog strip, PartId part) {
        var covered = new TreeSet<PartId>(Set.of(part));
        var grew = true;
        while (grew)
            grew = covered.addAll(strip.rules().stream()
                    .filter(rule -> covered.contains(rule.by()))
                    .map(StripRule::part)
                    .toList());
        return covered;
    }
}
