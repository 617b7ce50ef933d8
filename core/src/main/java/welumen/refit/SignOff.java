package welumen.refit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.Custody;
import welumen.custody.Fate;
import welumen.custody.LeftOff;
import welumen.strip.FixingLedger;
import welumen.strip.RefitLink;
import welumen.strip.RefitLinks;
import welumen.strip.StripLog;
import welumen.strip.StripRule;

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

        /** Somebody else has it. */
        record Elsewhere(Away away) implements Objection {}

        /** Something was left off on purpose, and this would shut it in. */
        record ShutsIn(LeftOff leftOff) implements Objection {}

        /** Fewer fixings are there than it has places: it can go in, but only with a word why. */
        record Short(int places, int usable) implements Objection {}
    }

    private final StripLog strip;
    private final RefitLog refit;
    private final Custody custody;
    private final Map<PartId, String> holds;

    /** @param holds why each part that is held is */
    public SignOff(StripLog strip, RefitLog refit, Custody custody, Map<PartId, String> holds) {
        this.strip = strip;
        this.refit = refit;
        this.custody = custody;
        this.holds = Map.copyOf(holds);
    }

    /** What speaks against putting the part back now; empty if nothing does. */
    public List<Objection> objections(PartId part) {
        if (!strip.isOff(part)) return List.of(new Objection.NotOff());
        var objections = new ArrayList<Objection>();
        for (var held : coveredBy(strip, part))
            if (holds.containsKey(held)) objections.add(new Objection.Held(held, holds.get(held)));
        custody.findAway(part).ifPresent(away -> objections.add(new Objection.Elsewhere(away)));
        for (var left : custody.shutInBy(part, refit.parts())) objections.add(new Objection.ShutsIn(left));
        for (var link : RefitLinks.waitsFor(strip, part, stillOut())) objections.add(new Objection.TooEarly(link));
        var places = places(strip, part);
        var usable = usable(strip, part);
        if (usable < places) objections.add(new Objection.Short(places, usable));
        return objections;
    }

    public StripLog strip() {
        return strip;
    }

    public RefitLog refit() {
        return refit;
    }

    public Custody custody() {
        return custody;
    }

    /** Why each part that is held is. */
    public Map<PartId, String> holds() {
        return holds;
    }

    /** The parts that are off and not yet back, but for those that are not to come back at all. */
    public Set<PartId> stillOut() {
        var out = new TreeSet<>(strip.off());
        custody.fates().forEach((part, said) -> {
            if (said.fate() != Fate.REFIT) out.remove(part);
        });
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

    /** The parts that are out and would cover a held one. */
    public List<PartId> stoppedBy(PartId held) {
        return stillOut().stream()
                .filter(part -> !part.equals(held) && coveredBy(strip, part).contains(held))
                .toList();
    }

    /** The part itself and everything that it would cover, directly or through another. */
    private static Set<PartId> coveredBy(StripLog strip, PartId part) {
        var covered = new TreeSet<PartId>(Set.of(part));
        var grew = true;
        while (grew)
            grew = covered.addAll(strip.rules().stream()
                    .filter(rule -> rule.byAnyOf().stream().anyMatch(covered::contains))
                    .map(StripRule::part)
                    .toList());
        return covered;
    }
}
