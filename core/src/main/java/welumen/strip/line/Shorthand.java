package welumen.strip.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartNames;
import welumen.strip.Outcome;
import welumen.strip.StripLog;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingLot;
import welumen.strip.reach.Hold;
import welumen.strip.reach.WhatHolds;

/**
 * Reads the one line in which a step is logged: {@code 2 trim clips grey, under seal, bag 14, lever plastic}. Phrases are
 * parted by commas and come in any order; a phrase that names a part says which part the line is about, “covered by”
 * and a part, or “one or other”, says what held it; “rejoin with” says how a destroyed joint is made again, and all that stands after “note” is a remark.
 * What is not understood whole is no step: the reading says which phrases it did not know.
 */
public final class Shorthand {
    private static final Pattern REMARK = Pattern.compile("(?i)(^|[,;]|\\s)\\s*note\\b:?");
    private static final Pattern REJOIN = Pattern.compile("(?i)rejoin(?:ed)?(?: with| by)? (.+)");

    private String rejoin = "";
    private final Cabin cabin;
    private final StripLog log;
    private PartId part;
    private final List<StripReason> reasons = new ArrayList<>();
    private final List<List<PartId>> holders = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();
    private final List<PartId> named = new ArrayList<>();
    private String note = "";
    private final PhraseReader phrases = new PhraseReader();

    private Shorthand(Cabin cabin, StripLog log, PartId picked) {
        this.cabin = cabin;
        this.log = log;
        this.part = picked;
    }

    /** Reads a line about the picked part, unless the line names another. Never fails: an empty line is a bare “off”. */
    public static Reading read(String line, PartId picked, Cabin cabin, StripLog log) {
        var shorthand = new Shorthand(cabin, log, picked);
        var remark = REMARK.matcher(line);
        var isRemarked = remark.find();
        if (isRemarked) shorthand.note = line.substring(remark.end()).strip();
        var said = isRemarked ? line.substring(0, remark.start()) : line;
        for (var phrase : said.split("[,;]")) if (!phrase.isBlank()) shorthand.phrase(phrase.strip());
        shorthand.phrases.placeOfNothing().ifPresent(shorthand.unknown::add);
        return shorthand.reading(said.isBlank() && !line.isBlank());
    }

    /** The rules of a line that only tells what holds the part, “covered by the seal or the sill cover”; else none. */
    public static List<StripRule> onlyRules(String line, PartId picked, Cabin cabin, StripLog log) {
        var shorthand = new Shorthand(cabin, log, picked);
        for (var phrase : line.split("[,;]"))
            if (!phrase.isBlank() && !shorthand.holder(phrase.strip().toLowerCase(Locale.ROOT))) return List.of();
        return shorthand.reading(false).rules();
    }

    /** The fixings that a line names, “6 screws no. 8, 2 clips”; empty where any of its words is none. */
    public static Optional<List<FixingLot>> lots(String line) {
        var phrases = new PhraseReader();
        for (var phrase : line.split("[,;]"))
            if (!phrase.isBlank() && phrases.read(phrase.strip()).isPresent()) return Optional.empty();
        return phrases.countSaid() ? Optional.of(List.copyOf(phrases.lots())) : Optional.empty();
    }

    private void phrase(String phrase) {
        var small = phrase.toLowerCase(Locale.ROOT);
        if (holder(small) || rejoining(phrase)) return;
        var whole = PartNames.findOne(cabin, small);
        if (whole.isPresent()) names(whole.get());
        else if (!afterAName(phrase)) phrases.read(phrase).ifPresent(unknown::add);
    }

    private void names(PartId meant) {
        part = meant;
        if (!named.contains(meant)) named.add(meant);
    }

    /** “left sill cover 6 screws”: a part's name, and what is said of it. */
    private boolean afterAName(String phrase) {
        var words = List.of(phrase.split("\\s+"));
        for (var end = words.size() - 1; end > 0; end--) {
            var name = String.join(" ", words.subList(0, end)).toLowerCase(Locale.ROOT);
            var meant = cabin.parts().stream()
                    .filter(one -> one.name().equalsIgnoreCase(name))
                    .toList();
            if (meant.size() != 1) continue;
            names(meant.getFirst().id());
            phrases.read(String.join(" ", words.subList(end, words.size()))).ifPresent(unknown::add);
            return true;
        }
        return false;
    }

    private boolean holder(String small) {
        for (var reason : StripReason.values()) {
            var words = reason.verb().replaceFirst("^is ", "");
            if (!small.startsWith(words + " ")) continue;
            var by = Stream.of(small.substring(words.length()).split("\\bor\\b"))
                    .map(name -> PartNames.findOne(cabin, name.strip().replaceFirst("^the ", "")))
                    .toList();
            if (by.stream().anyMatch(Optional::isEmpty)) return false;
            reasons.add(reason);
            holders.add(by.stream().map(Optional::orElseThrow).toList());
            return true;
        }
        return false;
    }

    /** “rejoin with a plate and epoxy”. */
    private boolean rejoining(String phrase) {
        var said = REJOIN.matcher(phrase);
        if (!said.matches()) return false;
        rejoin = said.group(1);
        return true;
    }

    private String twofold() {
        if (named.size() > 1)
            return "It names two parts, the %s and the %s: log one after the other."
                    .formatted(
                            cabin.one(named.getFirst()).name(),
                            cabin.one(named.getLast()).name());
        return phrases.bags() > 1 ? "It names two bags: log what went into each by a line of its own." : "";
    }

    private Reading reading(boolean isRemarkAlone) {
        var fixings =
                likeTheirFellows(phrases.lots()).stream().map(this::whereKnown).toList();
        var rules = new ArrayList<StripRule>();
        for (var i = 0; i < reasons.size(); i++)
            if (!holders.get(i).contains(part)) rules.add(new StripRule(part, reasons.get(i), holders.get(i)));
        return new Reading(
                part,
                phrases.how(),
                outcome(fixings),
                fixings,
                phrases.tool(),
                phrases.bag(),
                rules,
                phrases.countSaid(),
                note,
                unknown,
                twofold(),
                !isRemarkAlone,
                rejoin);
    }

    /** One that is missing is of the size and colour of those of its kind that are named before it. */
    private static List<FixingLot> likeTheirFellows(List<FixingLot> lots) {
        var all = new ArrayList<FixingLot>();
        for (var lot : lots) {
            var fellow = all.stream()
                    .filter(_ -> !lot.condition().cameOut() || lot.condition() == Condition.BROKEN)
                    .filter(one -> one.kind() == lot.kind()
                            && lot.size().isEmpty()
                            && lot.colour().isEmpty())
                    .reduce((_, last) -> last);
            all.add(fellow.map(one -> new FixingLot(
                            lot.count(), lot.kind(), one.size(), one.colour(), lot.where(), lot.condition()))
                    .orElse(lot));
        }
        return all;
    }

    /** As said; unsaid, the part is off once nothing that is known holds it. */
    private Outcome outcome(List<FixingLot> fixings) {
        if (phrases.saidLoose()) return Outcome.LOOSENED;
        if (phrases.saidOff()) return Outcome.OFF;
        var heldByPart = WhatHolds.of(log, part).stream().anyMatch(Hold.ByPart.class::isInstance);
        var heldByFixing = !WhatHolds.fixingsLeftAfter(log, part, fixings).isEmpty();
        return heldByPart || heldByFixing ? Outcome.LOOSENED : Outcome.OFF;
    }

    /** “under seal” is the place that is known as “under the door seal”, where the part has one such. */
    private FixingLot whereKnown(FixingLot lot) {
        if (lot.where().isEmpty()) return lot;
        var said = words(lot.where());
        return log.placesOf(part).stream()
                .filter(place ->
                        place.kind() == lot.kind() && words(place.where()).containsAll(said))
                .findFirst()
                .map(place -> new FixingLot(
                        lot.count(), lot.kind(), lot.size(), lot.colour(), place.where(), lot.condition()))
                .orElse(lot);
    }

    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.equals("the"))
                .toList();
    }
}
