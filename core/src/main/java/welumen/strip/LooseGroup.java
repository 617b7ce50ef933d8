package welumen.strip;

import java.util.List;
import java.util.TreeSet;
import welumen.cabin.PartId;

/** Parts that go in loose, are lined up with each other, and only then are tightened, together. */
public record LooseGroup(List<PartId> parts) {
    public LooseGroup {
        parts = List.copyOf(new TreeSet<>(parts));
        if (parts.size() < 2) throw new IllegalArgumentException("A group fitted loose has two parts or more.");
    }
}
