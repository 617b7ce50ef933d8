package welumen.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is known about pieces beside how they are drawn.
 *
 * @param trials in the order in which they were made
 * @param awaited what a piece is not cut before, by its name
 * @param stations what the two sides measure, by the piece's name
 * @param clearances of the whole car
 */
public record Known(
        List<Trial> trials,
        Map<String, String> awaited,
        Map<String, List<SideStation>> stations,
        List<Clearance> clearances) {
    public static final Known NOTHING = new Known(List.of(), Map.of(), Map.of(), List.of());

    public Known {
        trials = List.copyOf(trials);
        awaited = Map.copyOf(awaited);
        stations = Map.copyOf(stations);
        clearances = List.copyOf(clearances);
    }

    Known with(Trial trial) {
        var more = new ArrayList<>(trials);
        more.add(trial);
        return new Known(more, awaited, stations, clearances);
    }

    /** @param what empty for nothing any more */
    Known awaiting(String piece, String what) {
        var other = new HashMap<>(awaited);
        if (what.isBlank()) other.remove(piece);
        else other.put(piece, what);
        return new Known(trials, other, stations, clearances);
    }

    Known with(String piece, SideStation station) {
        var other = new HashMap<>(stations);
        var here = new ArrayList<>(stations.getOrDefault(piece, List.of()));
        here.removeIf(old -> old.name().equals(station.name()));
        here.add(station);
        other.put(piece, List.copyOf(here));
        return new Known(trials, awaited, other, clearances);
    }

    Known with(Clearance clearance) {
        var other = new ArrayList<>(clearances);
        other.removeIf(old -> old.what().equals(clearance.what()));
        other.add(clearance);
        return new Known(trials, awaited, stations, other);
    }

    /** A piece's, in the order in which they were made. */
    public List<Trial> trialsOf(String piece) {
        return trials.stream().filter(trial -> trial.piece().equals(piece)).toList();
    }

    /** The last try of a piece that was accepted. */
    public Optional<Trial> acceptedOf(String piece) {
        return trialsOf(piece).stream().filter(Trial::isAccepted).reduce((_, last) -> last);
    }
}
