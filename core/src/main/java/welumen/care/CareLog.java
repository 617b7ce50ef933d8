package welumen.care;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import welumen.care.CareChange.CautionSeen;

/** The cautions that were seen in a job, each with the kind of work at which it was. */
public record CareLog(Set<CautionSeen> seen) {
    public static final CareLog EMPTY = new CareLog(Set.of());

    public CareLog {
        seen = Set.copyOf(seen);
    }

    public CareLog after(CareChange change) {
        return switch (change) {
            case CautionSeen one -> {
                var more = new HashSet<>(seen);
                more.add(one);
                yield new CareLog(more);
            }
        };
    }

    /** Those of some cautions that nobody has seen yet, in their order. */
    public List<CautionSeen> due(List<CautionSeen> wanted) {
        return wanted.stream().filter(one -> !seen.contains(one)).toList();
    }
}
