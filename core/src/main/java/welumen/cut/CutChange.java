package welumen.cut;

/** What happens at the cutting table. */
public sealed interface CutChange {
    /** A plan was accepted; kept whole, since the next nester will answer differently. */
    record PlanAccepted(CutProblem problem, CutPlan plan) implements CutChange {}
}
