package welumen.treatment.whole;

import java.util.List;
import welumen.cabin.PartId;
import welumen.measure.Finish;
import welumen.treatment.whole.WholeJob.Group;

/** A rule of the job that a plan does not keep, and by how much. */
public sealed interface Broken {
    record OverBudget(double by) implements Broken {}

    /** @param hours more than there are */
    record TooMuchWork(double hours) implements Broken {}

    record TooLate(PartId part, double days) implements Broken {}

    record BelowStandard(PartId part, Finish finish) implements Broken {}

    /**
     * A part that lies outside what the others of its group have in common.
     *
     * @param by in the measure's own units
     */
    record StandsOut(PartId part, Group group, int by) implements Broken {}

    record PatinaSplit(List<PartId> group) implements Broken {
        public PatinaSplit {
            group = List.copyOf(group);
        }
    }
}
