package welumen.strip.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripRule;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.line.Chip.Tone;

/**
 * What was understood of one line of the shorthand.
 *
 * @param rules what it says of parts that hold this one
 * @param countSaid whether every lot of fixings came with its number
 * @param note the remark that was typed after “note”
 * @param unknown the phrases of which not every word was understood, in their order; while there are any nothing is logged
 * @param twofold what was said twice where it can be once only, as a sentence; empty where nothing was
 * @param isStep whether it says anything that is done, and is not a remark alone
 */
public record Reading(
        PartId part,
        How how,
        Outcome outcome,
        List<FixingLot> fixings,
        String tool,
        Bag bag,
        List<StripRule> rules,
        boolean countSaid,
        String note,
        List<String> unknown,
        String twofold,
        boolean isStep,
        String rejoin) {
    public Reading {
        unknown = List.copyOf(unknown);
        fixings = List.copyOf(fixings);
        rules = List.copyOf(rules);
    }

    /** Why nothing is logged: what was not understood, as a sentence; empty where all of it was. */
    public Optional<String> notUnderstood() {
        if (!unknown.isEmpty())
            return Optional.of("Not understood: %s."
                    .formatted(unknown.stream().map("“%s”"::formatted).collect(Collectors.joining(" and "))));
        if (!twofold.isEmpty()) return Optional.of(twofold);
        return isStep
                ? Optional.empty()
                : Optional.of("A remark alone is no step: say too what came out, or “off”, or “loose”.");
    }

    /** The same, with what was not understood kept as a remark. */
    public Reading withUnknownAsNote() {
        var all = new ArrayList<>(unknown);
        if (!note.isEmpty()) all.add(note);
        return new Reading(
                part,
                how,
                outcome,
                fixings,
                tool,
                bag,
                rules,
                countSaid,
                String.join(", ", all),
                List.of(),
                twofold,
                isStep,
                rejoin);
    }

    /** What is missing, given how many photos were taken for it. */
    public List<Wanted> wanted(int photos) {
        var wanted = new ArrayList<Wanted>();
        if (photos == 0) wanted.add(Wanted.PHOTO);
        if (!countSaid) wanted.add(Wanted.COUNT);
        if (bag instanceof Bag.NotSaid && keptInABag()) wanted.add(Wanted.BAG);
        if (rejoin.isEmpty() && fixings.stream().anyMatch(lot -> isDestroyed(lot))) wanted.add(Wanted.REJOINING);
        return wanted;
    }

    public Step step(int number, List<String> photos) {
        return new Step(number, part, how, outcome, fixings, tool, bag, note, rejoin, photos);
    }

    /** The line read back, in the order in which one says it. */
    public List<Chip> chips(Cabin cabin, int photos) {
        var chips = new ArrayList<Chip>();
        var moved = how == How.NOT_SAID ? "" : ", " + how.word();
        chips.add(understood(
                outcome == Outcome.OFF ? "off" : "loose", cabin.one(part).name() + moved));
        for (var lot : fixings) {
            chips.add(understood(
                    lot.count() + " ×", lot.said().substring(lot.said().indexOf(' ') + 1)));
            if (!lot.where().isEmpty()) chips.add(understood("where", lot.where()));
        }
        if (!tool.isEmpty()) chips.add(understood("tool", tool));
        if (bag instanceof Bag.Numbered(var number)) chips.add(understood("bag", Integer.toString(number)));
        for (var rule : rules)
            chips.add(understood(
                    rule.reason().verb(),
                    rule.byAnyOf().stream().map(by -> cabin.one(by).name()).collect(Collectors.joining(" or "))));
        if (!rejoin.isEmpty()) chips.add(understood("rejoin", rejoin));
        if (!note.isEmpty()) chips.add(new Chip("note", note, Tone.KEPT_AS_NOTE));
        for (var phrase : unknown) chips.add(new Chip("not known", phrase, Tone.NOT_KNOWN));
        for (var missing : wanted(photos)) chips.add(new Chip(missing.word(), "wanted", Tone.WANTED));
        return chips;
    }

    /** Taken off for good: a rivet that is drilled out, a boss that breaks; worn glue only gives way. */
    private static boolean isDestroyed(FixingLot lot) {
        return lot.condition() != Condition.NEVER_THERE
                && lot.kind() != FixingKind.GLUE
                && !lot.kind().usualRejoining().isEmpty();
    }

    private boolean keptInABag() {
        return fixings.stream()
                .anyMatch(lot -> lot.condition().cameOut()
                        && lot.kind() != FixingKind.GLUE
                        && lot.kind() != FixingKind.PLUG
                        && lot.kind() != FixingKind.CABLE);
    }

    private static Chip understood(String label, String value) {
        return new Chip(label, value, Tone.UNDERSTOOD);
    }
}
