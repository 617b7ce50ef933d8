package welumen.survey;

import java.util.Comparator;
import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.Supply;

/**
 * Which treatments answer what was found on a part, those that answer most of it first, then the shortest. A part that
 * is no longer made has no reproduction to buy. The full weighing against the job's standard is another room's work.
 */
public final class FittingTreatments {
    private FittingTreatments() {}

    /** Every treatment that answers at least one finding. */
    public static List<Treatment> of(Part part, List<Finding> findings) {
        return List.of(Treatment.values()).stream()
                .filter(treatment -> answers(treatment, findings) > 0)
                .filter(treatment -> treatment != Treatment.BUY_REPRODUCTION || part.supply() != Supply.NO_LONGER_MADE)
                .sorted(Comparator.comparingLong((Treatment treatment) -> -answers(treatment, findings))
                        .thenComparingDouble(treatment -> treatment.hours().likely()))
                .toList();
    }

    /** How many of the findings a treatment answers. */
    public static long answers(Treatment treatment, List<Finding> findings) {
        return findings.stream()
                .filter(finding -> treatment.treats(finding.kind()))
                .count();
    }
}
