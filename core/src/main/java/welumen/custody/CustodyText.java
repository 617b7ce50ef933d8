package welumen.custody;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.PartNames;
import welumen.custody.CustodyChange.CameBack;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;

/**
 * Reads a line that tells where a part is or what becomes of it: “at the platers until 2026-04-20”, “is back”, “keep as
 * spare”, “hand back”, “throw away, agreed by letter”, “left off for the loom, before the console”.
 */
public final class CustodyText {
    private static final Pattern AWAY =
            Pattern.compile("((?:at|with) .+?),? (?:until|till|back) (\\d{4}-\\d{2}-\\d{2})");
    private static final Pattern LEFT_OFF =
            Pattern.compile("left off (?:because|for|since) (.+?),? before (?:the )?(.+)");
    private static final Pattern THROW_AWAY = Pattern.compile("throw away(?:,? (.+))?");

    private CustodyText() {}

    /** What the line tells of the part; empty where it is no such line. */
    public static Optional<CustodyChange> read(String line, PartId part, Cabin cabin) {
        var text = line.strip();
        var small = text.toLowerCase(Locale.ROOT);
        return switch (small) {
            case "is back", "came back" -> Optional.of(new CameBack(part));
            case "keep as spare", "keep as a spare" -> Optional.of(new FateSaid(part, Fate.SPARE, ""));
            case "hand back" -> Optional.of(new FateSaid(part, Fate.HAND_BACK, ""));
            case "goes back in" -> Optional.of(new FateSaid(part, Fate.REFIT, ""));
            default ->
                Stream.of(away(text, part), leftOff(text, part, cabin), thrownAway(text, part))
                        .flatMap(Optional::stream)
                        .findFirst();
        };
    }

    private static Optional<CustodyChange> away(String text, PartId part) {
        var away = AWAY.matcher(text);
        if (!away.matches()) return Optional.empty();
        try {
            return Optional.of(new SentAway(new Away(part, away.group(1), LocalDate.parse(away.group(2)))));
        } catch (DateTimeException noDate) {
            return Optional.empty();
        }
    }

    private static Optional<CustodyChange> leftOff(String text, PartId part, Cabin cabin) {
        var left = LEFT_OFF.matcher(text);
        if (!left.matches()) return Optional.empty();
        return PartNames.findOne(cabin, left.group(2))
                .filter(before -> !before.equals(part))
                .map(before -> new PartLeftOff(new LeftOff(part, left.group(1), before)));
    }

    private static Optional<CustodyChange> thrownAway(String text, PartId part) {
        var thrown = THROW_AWAY.matcher(text.toLowerCase(Locale.ROOT));
        if (!thrown.matches()) return Optional.empty();
        return Optional.of(new FateSaid(part, Fate.THROW_AWAY, thrown.group(1) == null ? "" : thrown.group(1)));
    }
}
