package welumen.cabin;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.CabinChange.PartsListed;

/** The parts of one car, in the order in which they were listed; no two of one name. */
public record Cabin(List<Part> parts) {
    public static final Cabin EMPTY = new Cabin(List.of());

    public Cabin {
        parts = List.copyOf(parts);
    }

    public Cabin after(CabinChange change) {
        return switch (change) {
            case PartsListed(var listed) -> {
                var byName = new LinkedHashMap<PartId, Part>();
                parts.forEach(part -> byName.put(part.id(), part));
                listed.forEach(part -> byName.put(part.id(), part));
                yield new Cabin(new ArrayList<>(byName.values()));
            }
            case PartStruckOff(var part) ->
                new Cabin(parts.stream().filter(one -> !one.id().equals(part)).toList());
        };
    }

    public Optional<Part> findOne(PartId id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /** @throws IllegalArgumentException if the car has no such part */
    public Part one(PartId id) {
        return findOne(id)
                .orElseThrow(
                        () -> new IllegalArgumentException("The car has no part [%s]. List it first.".formatted(id)));
    }

    /** To be spoken of: a log may name a part that is not listed, and is to be read all the same. */
    public Part named(PartId id) {
        return findOne(id)
                .orElseGet(() -> new Part(
                        id,
                        id.value().replace('-', ' '),
                        PartKind.BOARD,
                        Side.MIDDLE,
                        Spot.TUNNEL,
                        "",
                        Supply.NOT_KNOWN));
    }

    /** “left seat or the tunnel carpet”, with these words between. */
    public String names(List<PartId> ids, String between) {
        return ids.stream().map(id -> named(id).name()).collect(Collectors.joining(between));
    }

    /** The parts that come off with an assembly, its parts' own parts included. */
    public List<Part> partsOf(PartId assembly) {
        return parts.stream().filter(part -> isWithin(part, assembly)).toList();
    }

    private boolean isWithin(Part part, PartId assembly) {
        var up = part.within();
        for (var steps = 0; up instanceof Within.Assembly(var above) && steps < parts.size(); steps++) {
            if (above.equals(assembly)) return true;
            up = findOne(above).map(Part::within).orElse(new Within.TheCar());
        }
        return false;
    }

    public List<Part> at(Spot spot) {
        return parts.stream().filter(part -> part.spot() == spot).toList();
    }
}
