package welumen.cut;

import welumen.cut.CutChange.PlanAccepted;

/** What lies on the cutting table. */
public sealed interface CuttingTable {
    /** Nothing has been laid out yet. */
    record Clear() implements CuttingTable {}

    record Laid(CutProblem problem, CutPlan plan) implements CuttingTable {}

    default CuttingTable after(CutChange change) {
        return switch (change) {
            case PlanAccepted(var problem, var plan) -> new Laid(problem, plan);
        };
    }
}
