package welumen.colour.mix;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * What to mix.
 *
 * @param grams of each tint, the whole after adding
 * @param add grams to add to what was mixed already; empty where nothing was
 * @param difference that is expected, CIEDE2000 under D65
 * @param differenceA the same under A; empty where the target is not known under it
 * @param others the best of fewer or other tints
 */
public record Mix(
        Map<String, Double> grams,
        Map<String, Double> add,
        double difference,
        OptionalDouble differenceA,
        List<Other> others) {
    /** A mix of fewer or other tints. */
    public record Other(Map<String, Double> grams, double difference) {
        public Other {
            grams = new TreeMap<>(grams);
        }
    }

    public Mix {
        grams = new TreeMap<>(grams);
        add = new TreeMap<>(add);
        others = List.copyOf(others);
    }
}
