package welumen.strip.line;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingWords;

/**
 * Reads one phrase of the shorthand after another, word by word from the left, and gathers what they say. A lot begins
 * at its number or its kind; size, colour, condition and place after it belong to it.
 */
final class PhraseReader {
    private static final Pattern COUNT = Pattern.compile("(\\d{1,3})[x×]?");
    private static final Pattern BAG = Pattern.compile("bag#?(\\d{1,4})|b(\\d{1,4})");
    private static final Pattern SIZE =
            Pattern.compile("m\\d+([x×]\\d+)?|no\\.? ?\\d+|#\\d+|\\d+ ?mm|\\d+/\\d+(\"| ?in)?|\\d+([x×]\\d+)");
    private static final List<String> NUMBERS = List.of(
            "", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final Set<String> COLOURS = Set.of(
            "black",
            "white",
            "grey",
            "gray",
            "brown",
            "red",
            "blue",
            "green",
            "beige",
            "tan",
            "chrome",
            "brass",
            "plated",
            "blue-black",
            "cream");
    private static final Set<String> PLACE_WORDS = Set.of(
            "under", "behind", "inside", "beneath", "along", "at", "on", "above", "beside", "near", "by", "feeds",
            "from", "through");
    private static final Set<String> TOOLS = Set.of(
            "lever",
            "screwdriver",
            "socket",
            "spanner",
            "pliers",
            "scraper",
            "blade",
            "knife",
            "drill",
            "ratchet",
            "cutters",
            "chisel",
            "heat-gun");
    private static final Set<String> TOOL_ADJECTIVES =
            Set.of("plastic", "flat", "cross", "stubby", "long", "short", "side", "sharp", "thin", "wide");

    private final List<FixingLot> lots = new ArrayList<>();
    private How how = How.NOT_SAID;
    private String tool = "";
    private Bag bag = new Bag.NotSaid();
    private final Set<Integer> bags = new HashSet<>();
    private String pendingWhere = "";
    private boolean countSaid = true;
    private boolean saidOff;
    private boolean saidLoose;

    List<FixingLot> lots() {
        return lots;
    }

    How how() {
        return how;
    }

    String tool() {
        return tool;
    }

    Bag bag() {
        return bag;
    }

    /** How many bags were named, each counted once. */
    int bags() {
        return bags.size();
    }

    /** A place that was said of no fixing, in the words as typed. */
    Optional<String> placeOfNothing() {
        return pendingWhere.isEmpty() ? Optional.empty() : Optional.of(pendingWhere);
    }

    boolean countSaid() {
        return countSaid;
    }

    boolean saidOff() {
        return saidOff;
    }

    boolean saidLoose() {
        return saidLoose;
    }

    /** Reads a phrase; what it did not understand comes back, in the words as typed. */
    Optional<String> read(String phrase) {
        var typed = List.of(phrase.strip().split("\\s+"));
        var words = typed.stream().map(word -> word.toLowerCase(Locale.ROOT)).toList();
        var unknown = new ArrayList<String>();
        for (var at = 0; at < words.size(); ) {
            var taken = take(words, at, unknown.isEmpty());
            if (taken == 0) unknown.add(typed.get(at));
            at += Math.max(1, taken);
        }
        return unknown.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", unknown));
    }

    /** How many words from {@code at} on were understood; nought if the first was not. */
    private int take(List<String> words, int at, boolean allKnown) {
        if (!allKnown && belongsToProse(words, at)) return 0;
        for (var reader :
                List.<Reader>of(this::bag, this::tool, this::lot, this::lotDetail, this::where, this::manner)) {
            var taken = reader.take(words, at);
            if (taken > 0) return taken;
        }
        return 0;
    }

    /** After a word that is not understood, a place or a fixing without its number is part of the same remark. */
    private static boolean belongsToProse(List<String> words, int at) {
        return PLACE_WORDS.contains(words.get(at))
                || FixingWords.longest(words, at).isPresent();
    }

    private interface Reader {
        int take(List<String> words, int at);
    }

    private int bag(List<String> words, int at) {
        var joined = BAG.matcher(words.get(at));
        if (joined.matches()) return putInBag(joined.group(1) == null ? joined.group(2) : joined.group(1), 1);
        var next = at + 1 < words.size() ? words.get(at + 1) : "";
        return words.get(at).equals("bag") && next.matches("\\d{1,4}") ? putInBag(next, 2) : 0;
    }

    private int putInBag(String number, int taken) {
        var value = Integer.parseInt(number);
        if (value == 0) return 0;
        bag = new Bag.Numbered(value);
        bags.add(value);
        return taken;
    }

    /** A tool with the adjectives or the size on either side of it: “plastic lever”, “lever plastic”, “8 mm socket”. */
    private int tool(List<String> words, int at) {
        var end = at;
        while (end < words.size() && (TOOL_ADJECTIVES.contains(words.get(end)) || isSizeOfTool(words, end))) end++;
        if (end >= words.size() || !TOOLS.contains(words.get(end))) return 0;
        var name = words.get(end);
        var described = new ArrayList<>(words.subList(at, end));
        for (end++; end < words.size() && TOOL_ADJECTIVES.contains(words.get(end)); end++)
            described.add(words.get(end));
        if (name.equals("lever")) how = How.LEVER;
        if (name.equals("lever") && described.isEmpty()) return end - at;
        described.add(name);
        tool = String.join(" ", described);
        return end - at;
    }

    private static boolean isSizeOfTool(List<String> words, int at) {
        return words.get(at).equals("mm") || words.get(at).matches("\\d+(mm)?|\\d+/\\d+\"?") && toolFollows(words, at);
    }

    private static boolean toolFollows(List<String> words, int at) {
        for (var i = at + 1; i < Math.min(words.size(), at + 4); i++) {
            if (TOOLS.contains(words.get(i))) return true;
            if (!words.get(i).equals("mm") && !TOOL_ADJECTIVES.contains(words.get(i))) return false;
        }
        return false;
    }

    private int lot(List<String> words, int at) {
        var next = at;
        var count = count(words.get(next));
        if (count > 0) next++;
        if (next < words.size() && count > 0 && words.get(next).matches("[x×]")) next++;
        var size = next < words.size() ? sizeAt(words, next) : "";
        if (!size.isEmpty()) next += size.split(" ").length;
        var kind = FixingWords.longest(words, next);
        if (kind.isEmpty()) return count > 0 && next == at + 1 ? fellows(words, at, count) : 0;
        if (count == 0 && kind.get().kind() != FixingKind.GLUE) countSaid = false;
        lots.add(new FixingLot(Math.max(1, count), kind.get().kind(), neat(size), "", pendingWhere, Condition.GOOD));
        pendingWhere = "";
        return next + kind.get().words() - at;
    }

    /** “1 missing”, “two broken”: so many more of the kind that was named last, in this condition. */
    private int fellows(List<String> words, int at, int count) {
        if (lots.isEmpty() || at + 1 >= words.size()) return 0;
        var last = lots.getLast();
        for (var condition : Condition.values()) {
            var said = List.of(condition.word().split(" "));
            if (condition == Condition.GOOD || !startsAt(words, at + 1, said)) continue;
            lots.add(new FixingLot(count, last.kind(), last.size(), last.colour(), last.where(), condition));
            return 1 + said.size();
        }
        return 0;
    }

    private int lotDetail(List<String> words, int at) {
        if (lots.isEmpty()) return 0;
        var lot = lots.getLast();
        var size = sizeAt(words, at);
        if (!size.isEmpty() && lot.size().isEmpty())
            return change(lot.count(), neat(size), lot.colour(), lot.where(), lot.condition(), size.split(" ").length);
        if (COLOURS.contains(words.get(at)))
            return change(lot.count(), lot.size(), words.get(at), lot.where(), lot.condition(), 1);
        for (var condition : Condition.values()) {
            var said = List.of(condition.word().split(" "));
            if (startsAt(words, at, said))
                return change(lot.count(), lot.size(), lot.colour(), lot.where(), condition, said.size());
        }
        return 0;
    }

    private int where(List<String> words, int at) {
        if (!PLACE_WORDS.contains(words.get(at))) return 0;
        var end = at + 1;
        while (end < words.size() && !words.get(end).startsWith("bag") && !saysACondition(words, end)) end++;
        if (end == at + 1) return 0;
        var place = String.join(" ", words.subList(at, end));
        if (lots.isEmpty()) pendingWhere = place;
        else {
            var lot = lots.getLast();
            change(lot.count(), lot.size(), lot.colour(), place, lot.condition(), 0);
        }
        return end - at;
    }

    private static boolean saysACondition(List<String> words, int at) {
        for (var condition : Condition.values())
            if (startsAt(words, at, List.of(condition.word().split(" ")))) return true;
        return false;
    }

    private int manner(List<String> words, int at) {
        switch (words.get(at)) {
            case "off", "out" -> saidOff = true;
            case "loose", "loosened", "still" -> saidLoose = true;
            default -> {
                for (var manner : How.values())
                    if (manner.isSaidBy(words.get(at))) {
                        how = manner;
                        return 1;
                    }
                return 0;
            }
        }
        return 1;
    }

    private int change(int count, String size, String colour, String where, Condition condition, int taken) {
        var lot = lots.removeLast();
        lots.add(new FixingLot(count, lot.kind(), size, colour, where, condition));
        return taken;
    }

    private static int count(String word) {
        var digits = COUNT.matcher(word);
        if (digits.matches()) return Integer.parseInt(digits.group(1));
        if (word.equals("a") || word.equals("an")) return 1;
        return Math.max(0, NUMBERS.indexOf(word));
    }

    /** The size that starts here, of one word or two; empty if none does. */
    private static String sizeAt(List<String> words, int at) {
        if (at + 1 < words.size()
                && SIZE.matcher(words.get(at) + " " + words.get(at + 1)).matches())
            return words.get(at) + " " + words.get(at + 1);
        return SIZE.matcher(words.get(at)).matches() ? words.get(at) : "";
    }

    private static String neat(String size) {
        return size.replaceFirst("^#", "no. ")
                .replaceFirst("^no\\.? ?", "no. ")
                .replaceFirst("^m(?=\\d)", "M")
                .replaceAll("(?<=\\d)x(?=\\d)", "×");
    }

    private static boolean startsAt(List<String> words, int at, List<String> said) {
        return at + said.size() <= words.size()
                && words.subList(at, at + said.size()).equals(said);
    }
}
