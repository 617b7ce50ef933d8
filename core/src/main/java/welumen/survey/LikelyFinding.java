package welumen.survey;

import java.util.Optional;
import welumen.cabin.Part;
import welumen.measure.Lengths;
import welumen.shape.Box;
import welumen.shape.Point;

/** What is odd about a finding before it is logged: larger than its part, or there already. */
public final class LikelyFinding {
    private static final double SAME_SPOT_MM = 15;

    private LikelyFinding() {}

    /** A sentence that asks; empty where nothing is odd. */
    public static Optional<String> odd(Finding finding, Part part, Survey survey) {
        return larger(finding, part.kind().outline().box()).or(() -> already(finding, survey));
    }

    private static Optional<String> larger(Finding finding, Box part) {
        var longest = Math.hypot(part.width(), part.height());
        return finding.sizeMm() <= longest
                ? Optional.empty()
                : Optional.of("A %s of %s is larger than the part, which is some %s by %s. Is %s meant?"
                        .formatted(
                                finding.kind().word(),
                                Lengths.near(finding.sizeMm()),
                                Lengths.near(part.width()),
                                Lengths.near(part.height()),
                                Lengths.near(finding.sizeMm() / 10)));
    }

    private static Optional<String> already(Finding finding, Survey survey) {
        return survey.on(finding.part()).stream()
                .filter(other -> other.number() != finding.number()
                        && other.kind() == finding.kind()
                        && spot(other).to(spot(finding)) < SAME_SPOT_MM)
                .findFirst()
                .map(other -> "Number %d is the same, on the same spot. Mark it once more to have two."
                        .formatted(other.number()));
    }

    private static Point spot(Finding finding) {
        return finding.mark().at();
    }
}
