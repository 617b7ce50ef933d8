package welumen.cabin;

import java.util.List;

/** What happens to the list of a car's parts. */
public sealed interface CabinChange {
    /** Parts are added, or those of the same name described anew. */
    record PartsListed(List<Part> parts) implements CabinChange {
        public PartsListed {
            parts = List.copyOf(parts);
        }
    }

    /** A part that this car does not have after all. */
    record PartStruckOff(PartId part) implements CabinChange {}
}
