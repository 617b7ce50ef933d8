package welumen.strip.reach;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.strip.StripLog;

/**
 * Cars of one model differ: what holds a part may hang on a feature for which nobody has looked yet. Then there are two
 * versions of the step, and forcing one of them may break the part.
 */
public final class Versions {
    /**
     * Two versions of taking a part off.
     *
     * @param feature what to look for
     * @param wherePresent what comes off first where it is there; empty where the feature concerns the part itself
     */
    public record Split(String feature, List<Part> wherePresent) {
        public Split {
            wherePresent = List.copyOf(wherePresent);
        }
    }

    private Versions() {}

    /**
     * The first feature that decides how the part comes off and is not known.
     *
     * @param known whether somebody has looked for a feature
     */
    public static Optional<Split> open(Cabin cabin, StripLog log, PartId part, Predicate<String> known) {
        var holders = log.rules().stream()
                .filter(rule -> rule.part().equals(part))
                .flatMap(rule -> rule.byAnyOf().stream())
                .flatMap(by -> cabin.findOne(by).stream())
                .toList();
        return Stream.concat(Stream.of(cabin.one(part)), holders.stream())
                .map(Part::onlyWhere)
                .filter(feature -> !feature.isEmpty() && !known.test(feature))
                .findFirst()
                .map(feature -> new Split(
                        feature,
                        holders.stream()
                                .filter(holder -> holder.onlyWhere().equals(feature))
                                .toList()));
    }
}
