package welumen.cabin;

/** Says in a few words what a change of this room did. */
public final class CabinSaid {
    private CabinSaid() {}

    public static String of(CabinChange change) {
        return switch (change) {
            case CabinChange.PartsListed(var parts) ->
                parts.size() == 1 ? "Listed: " + parts.getFirst().title() : "Listed: %d parts".formatted(parts.size());
            case CabinChange.PartStruckOff(var part) ->
                "Struck off: " + part.value().replace('-', ' ');
        };
    }
}
