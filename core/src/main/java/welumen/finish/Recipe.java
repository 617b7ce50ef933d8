package welumen.finish;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import welumen.cabin.PartId;

/**
 * A mix as it was made, kept to be found again years later.
 *
 * @param id within its job
 * @param target the reading that it was mixed to
 * @param grams by tint
 * @param lots by tint, where they are known
 * @param difference expected, or of the patch where one was read
 * @param patch the reading of its patch; empty before there is one
 */
public record Recipe(
        String id,
        String title,
        String target,
        Map<String, Double> grams,
        Map<String, String> lots,
        List<PartId> parts,
        double difference,
        String patch,
        LocalDate on) {
    public Recipe {
        grams = Collections.unmodifiableMap(new TreeMap<>(grams));
        lots = Collections.unmodifiableMap(new TreeMap<>(lots));
        parts = List.copyOf(parts);
        if (grams.isEmpty()) throw new IllegalArgumentException("A recipe of nothing is none.");
    }

    public double whole() {
        return grams.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** The same after a patch was read, or more was added. */
    public Recipe with(Map<String, Double> now, double near, String read) {
        return new Recipe(id, title, target, now, lots, parts, near, read, on);
    }
}
