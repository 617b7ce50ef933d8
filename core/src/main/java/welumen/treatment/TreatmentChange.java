package welumen.treatment;

import java.util.List;
import welumen.cabin.PartId;
import welumen.intake.Standard;

/** What happens to the choice of what is done with parts. */
public sealed interface TreatmentChange {
    /**
     * @param treatments the chief one first
     * @param because why this one; may be empty
     * @param fixed whether the trimmer himself has chosen it, so that a plan for the whole job keeps to it
     */
    record TreatmentChosen(PartId part, List<Treatment> treatments, String because, boolean fixed)
            implements TreatmentChange {
        public TreatmentChosen {
            treatments = List.copyOf(treatments);
            if (treatments.isEmpty())
                throw new IllegalArgumentException("Nothing is chosen for the part [%s].".formatted(part));
        }

        public TreatmentChosen(PartId part, Treatment treatment, String because) {
            this(part, List.of(treatment), because, true);
        }
    }

    /**
     * A part is brought to another standard than the car.
     *
     * @param standard the car's own again, to take that back
     */
    record PartStandardSaid(PartId part, Standard standard) implements TreatmentChange {}

    /** What is charged and paid for this job, whatever the yard does otherwise. */
    record PricesSaid(PriceList prices) implements TreatmentChange {}

    /** The yard's prices hold for this job. */
    record PricesLeftToYard() implements TreatmentChange {}

    /** All that was chosen has been done. */
    record TreatmentDone(PartId part) implements TreatmentChange {}
}
