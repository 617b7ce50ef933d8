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
import welumen.measure.Length;
import welumen.strip.Lap;
import welumen.strip.LooseGroup;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.StripChange;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.fixing.FixingPlaces;

/**
 * Reads a line that tells how a part is held and goes back, where nothing has come off: “held by 6 screws no. 8, 2 clips
 * under the door seal”, “laps the left front carpet by 18 mm”, “goes in before the kick panel, which would shut it out”,
 * “fit loose with the left sill cover”.
 */
public final class BondText {
    private static final Pattern HELD = Pattern.compile("held by (?!the )(.+)");
    private static final Pattern LAPS =
            Pattern.compile("(laps|lapped by) (.+?) (?:by )?([\\d.,/ '\"]+(?:mm|cm|in|\")?)( tucked| tucked in)?");
    private static final Pattern ORDER = Pattern.compile("goes in (before|after) ([^,]+?)(?:,? which (.+))?");
    private static final Pattern LOOSE = Pattern.compile("fit loose with (.+)");

    private final Cabin cabin;
    private final PartId part;

    private BondText(Cabin cabin, PartId part) {
        this.cabin = cabin;
        this.part = part;
    }

    /** What the line notes of the part; empty where it is no such line, or one of its words is not understood. */
    public static Optional<StripChange> read(String line, PartId part, Cabin cabin) {
        var text = line.strip().toLowerCase(Locale.ROOT);
        var reader = new BondText(cabin, part);
        return Stream.of(reader.held(text), reader.laps(text), reader.order(text), reader.loose(text))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<StripChange> held(String text) {
        var held = HELD.matcher(text);
        if (!held.matches()) return Optional.empty();
        return Shorthand.lots(held.group(1))
                .filter(lots -> !lots.isEmpty())
                .map(lots -> new PlacesNoted(
                        part,
                        lots.stream()
                                .map(lot -> new FixingPlaces(lot.count(), lot.kind(), lot.size(), lot.where()))
                                .toList()));
    }

    private Optional<StripChange> laps(String text) {
        var laps = LAPS.matcher(text);
        if (!laps.matches()) return Optional.empty();
        var other = named(laps.group(2));
        var by = Length.parse(laps.group(3).strip()).understood();
        if (other.isEmpty() || by.isEmpty() || by.get().mm() <= 0 || by.get().mm() > 1000) return Optional.empty();
        var tucked = laps.group(4) != null;
        return Optional.of(new LapNoted(
                laps.group(1).equals("laps")
                        ? new Lap(part, other.get(), by.get().mm(), tucked)
                        : new Lap(other.get(), part, by.get().mm(), tucked)));
    }

    private Optional<StripChange> order(String text) {
        var order = ORDER.matcher(text);
        if (!order.matches()) return Optional.empty();
        var reason = order.group(3) == null ? Optional.of(RefitReason.CANNOT_PASS_LATER) : reason(order.group(3));
        return named(order.group(2))
                .flatMap(other -> reason.map(why -> new RefitLinkNoted(
                        order.group(1).equals("before")
                                ? new RefitLink(part, why, other)
                                : new RefitLink(other, why, part))));
    }

    private Optional<StripChange> loose(String text) {
        var loose = LOOSE.matcher(text);
        if (!loose.matches()) return Optional.empty();
        var group = new ArrayList<>(List.of(part));
        for (var name : loose.group(1).split(",| and ")) {
            var other = named(name);
            if (other.isEmpty()) return Optional.empty();
            group.add(other.get());
        }
        return Optional.of(new LooseGroupNoted(new LooseGroup(group)));
    }

    private static Optional<RefitReason> reason(String said) {
        return Stream.of(RefitReason.values())
                .filter(reason -> reason.verb().equals(said.strip()))
                .findFirst();
    }

    private Optional<PartId> named(String name) {
        return PartNames.findOne(cabin, name.strip().replaceFirst("^the ", "")).filter(other -> !other.equals(part));
    }
}
