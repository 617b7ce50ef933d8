package welumen.strip.account;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.fixing.FixingPlaces;

/** What is lost when a part comes off, for it cannot be undone: a glued bond, a rivet, a staked boss. */
public final class OneWay {
    private OneWay() {}

    /** In words, “the bond of its glue”, “2 rivets”; empty where nothing is lost. */
    public static List<String> lostWith(StripLog log, Part part) {
        var lost = new ArrayList<String>();
        if (isGlued(log, part)) lost.add("the bond of its glue");
        for (var places : log.placesOf(part.id()))
            if (places.kind() != FixingKind.GLUE && !places.kind().isReusable())
                lost.add(places.count() + " " + places.kind().word(places.count()));
        return List.copyOf(lost);
    }

    /** Whether glue holds it, by what was noted of it or by what it is. */
    public static boolean isGlued(StripLog log, Part part) {
        return switch (part.kind()) {
            case HEADLINING, UNDERLAY, HOOD -> true;
            default ->
                Stream.concat(
                                log.placesOf(part.id()).stream().map(FixingPlaces::kind),
                                log.foundOn(part.id()).stream().map(FixingLot::kind))
                        .anyMatch(kind -> kind == FixingKind.GLUE);
        };
    }
}
