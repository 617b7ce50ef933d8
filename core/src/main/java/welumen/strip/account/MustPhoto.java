package welumen.strip.account;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.strip.StripLog;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;

/** What must be in a picture before a part comes off, since nobody remembers it weeks later. */
public enum MustPhoto {
    WHOLE("it, whole, in its place"),
    CABLES("the run of its cables and plugs"),
    EDGES("how its edges are tucked"),
    WASHERS("washers and spacers on its bolts, in their order");

    private final String words;

    MustPhoto(String words) {
        this.words = words;
    }

    /** “the run of its cables and plugs”. */
    public String words() {
        return words;
    }

    /** The pictures that a part wants, in the order in which they are taken. */
    public static List<MustPhoto> of(Part part, Collection<FixingPlaces> places) {
        var wanted = new ArrayList<MustPhoto>();
        wanted.add(WHOLE);
        if (hasCables(part.kind())
                || places.stream().anyMatch(one -> one.kind() == FixingKind.PLUG || one.kind() == FixingKind.CABLE))
            wanted.add(CABLES);
        switch (part.kind()) {
            case CARPET, HEADLINING, COVER, HOOD -> wanted.add(EDGES);
            case SEAT, RUNNERS, BELT -> wanted.add(WASHERS);
            default -> {}
        }
        return List.copyOf(wanted);
    }

    /** Those that are still to be taken, given how many there are. */
    public static List<MustPhoto> lacking(Part part, StripLog log, int taken) {
        var wanted = of(part, log.placesOf(part.id()));
        return wanted.subList(Math.min(taken, wanted.size()), wanted.size());
    }

    private static boolean hasCables(PartKind kind) {
        return switch (kind) {
            case DASH, FASCIA, GAUGES, SWITCHGEAR, COWL, CONSOLE, BATTERY -> true;
            default -> false;
        };
    }
}
