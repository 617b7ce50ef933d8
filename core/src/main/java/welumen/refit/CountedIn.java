package welumen.refit;

import java.util.List;
import java.util.stream.Collectors;
import welumen.cabin.PartId;
import welumen.measure.Parsed;
import welumen.strip.StripLog;
import welumen.strip.account.FixingLedger;
import welumen.strip.fixing.FixingLot;
import welumen.strip.line.Shorthand;

/**
 * The fixings that went in with a part, as somebody counts them: by a number, or kind by kind.
 *
 * @param fixings which they were; empty where only the number was said
 */
public record CountedIn(int count, List<FixingLot> fixings) {
    public CountedIn {
        fixings = List.copyOf(fixings);
    }

    /** What can go back with a part, as one would type it: “6 screws no. 8, 2 trim clips grey”. */
    public static String usual(StripLog log, PartId part) {
        return FixingLedger.of(log, part).stream()
                .filter(row -> row.usable() > 0)
                .map(row -> row.usable() + " " + row.kind().named(row.usable(), row.size(), row.colour()))
                .collect(Collectors.joining(", "));
    }

    /** @param places how many the part has; more cannot go in */
    public static Parsed<CountedIn> read(String text, int places) {
        var said = text.strip();
        if (said.isEmpty()) return new Parsed.Understood<>(new CountedIn(0, List.of()));
        if (said.matches("\\d{1,3}")) return within(new CountedIn(Integer.parseInt(said), List.of()), said, places);
        var lots = Shorthand.lots(said);
        if (lots.isEmpty())
            return new Parsed.Refused<>(
                    "“%s” names no fixings. Type a number up to %d, or kinds: 6 screws no. 8, 2 clips."
                            .formatted(said, places));
        var count = lots.get().stream().mapToInt(FixingLot::count).sum();
        return within(new CountedIn(count, lots.get()), said, places);
    }

    private static Parsed<CountedIn> within(CountedIn in, String said, int places) {
        return in.count() <= places
                ? new Parsed.Understood<>(in)
                : new Parsed.Refused<>("“%s” is more than its %d places.".formatted(said, places));
    }
}
