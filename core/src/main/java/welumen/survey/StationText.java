package welumen.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Reads measures a line each: “tunnel over 12”, “sill at the front short 1/4\", covered 20”, or with a sign: “tunnel +12”, “sill -6”. */
public final class StationText {
    private static final Pattern LINE = Pattern.compile(
            "(?<where>.+?)[:,]?\\s+(?:(?<way>over|long|short)\\s+(?:by\\s+)?|(?<sign>[+−-])\\s*)(?<far>\\d[^,]*?)"
                    + "(?:,?\\s+covered\\s+(?:by\\s+)?(?<cover>.+))?",
            Pattern.CASE_INSENSITIVE);

    private StationText() {}

    /** Empty lines are passed over. */
    public static Parsed<List<Station>> read(String text) {
        var stations = new ArrayList<Station>();
        for (var line :
                text.lines().map(String::strip).filter(one -> !one.isEmpty()).toList()) {
            var match = LINE.matcher(line);
            if (!match.matches())
                return new Refused<>(
                        "“%s” is no measure. Type a place and how far: tunnel over 12, or sill short 6, covered 20."
                                .formatted(line));
            var far = Length.parse(match.group("far").strip());
            var covered = match.group("cover") == null
                    ? Length.parse("0 mm")
                    : Length.parse(match.group("cover").strip());
            if (far instanceof Refused<Length>(var why)) return new Refused<>("%s: %s".formatted(line, why));
            if (covered instanceof Refused<Length>(var why)) return new Refused<>("%s: %s".formatted(line, why));
            var isShort = match.group("way") == null
                    ? !match.group("sign").equals("+")
                    : match.group("way").equalsIgnoreCase("short");
            var mm = far.understood().orElseThrow().mm();
            var cover = covered.understood().orElseThrow().mm();
            stations.add(new Station(match.group("where").strip(), isShort ? -mm : mm, cover));
        }
        return new Understood<>(List.copyOf(stations));
    }

    /** As it would be typed. */
    public static String line(Station station) {
        var far = "%s %s %s"
                .formatted(
                        station.where(),
                        station.overMm() < 0 ? "short" : "over",
                        Lengths.field(Math.abs(station.overMm())));
        return station.coveredMm() == 0 ? far : far + ", covered " + Lengths.field(station.coveredMm());
    }
}
