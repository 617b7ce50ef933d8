package welumen.clock;

import java.time.Duration;
import java.time.Instant;

/** What happens to working time. */
public sealed interface WorkChange {
    /** Begins a spell; one that the same person has running ends at that moment. */
    record WorkBegun(String person, String on, WorkKind kind, Instant at) implements WorkChange {}

    /** @param idle how much of the spell was none */
    record WorkEnded(String person, Instant at, Duration idle) implements WorkChange {}
}
