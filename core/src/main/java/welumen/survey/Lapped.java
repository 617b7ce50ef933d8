package welumen.survey;

import java.util.List;
import java.util.Locale;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.Lap;
import welumen.strip.StripLog;

/** What a neighbour covers is not short: where a measure does not say how far it is lapped, what is noted of the car does. */
public final class Lapped {
    private static final int SHORTEST_WORD = 4;

    private Lapped() {}

    /** The measures of a part, each covered by as much as the part that it names laps this one. */
    public static List<Station> of(Cabin cabin, StripLog log, PartId part, List<Station> measured) {
        var laps = log.laps().stream().filter(lap -> lap.under().equals(part)).toList();
        return measured.stream()
                .map(station -> station.coveredMm() > 0
                        ? station
                        : laps.stream()
                                .filter(lap -> isNamed(cabin, lap, station.where()))
                                .findFirst()
                                .map(lap -> new Station(station.where(), station.overMm(), lap.byMm()))
                                .orElse(station))
                .toList();
    }

    private static boolean isNamed(Cabin cabin, Lap lap, String where) {
        var words = List.of(where.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        return cabin.findOne(lap.over())
                .map(over -> List.of(over.name().toLowerCase(Locale.ROOT).split(" ")).stream()
                        .anyMatch(word -> word.length() >= SHORTEST_WORD && !isSide(word) && words.contains(word)))
                .orElse(false);
    }

    private static boolean isSide(String word) {
        return List.of("left", "right", "front", "rear", "cover").contains(word);
    }
}
