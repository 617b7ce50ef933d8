package welumen.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;

/** Who worked on what, how long; and who is at what now, one thing each. */
public record WorkLog(List<Spell> spells, Map<String, WorkBegun> running) {
    public static final WorkLog EMPTY = new WorkLog(List.of(), Map.of());

    public WorkLog {
        spells = List.copyOf(spells);
        running = Map.copyOf(running);
    }

    /** @throws IllegalStateException if work is ended that nobody has begun */
    public WorkLog after(WorkChange change) {
        return switch (change) {
            case WorkBegun begun -> {
                var before =
                        running.containsKey(begun.person()) ? ended(begun.person(), begun.at(), Duration.ZERO) : this;
                var now = new LinkedHashMap<>(before.running());
                now.put(begun.person(), begun);
                yield new WorkLog(before.spells(), now);
            }
            case WorkEnded(var person, var at, var idle) -> ended(person, at, idle);
        };
    }

    public Optional<WorkBegun> runningFor(String person) {
        return Optional.ofNullable(running.get(person));
    }

    private WorkLog ended(String person, Instant at, Duration idle) {
        var begun = running.get(person);
        if (begun == null) throw new IllegalStateException("Nobody called [%s] is at anything.".formatted(person));
        var left = new LinkedHashMap<>(running);
        left.remove(person);
        var spell = new Spell(person, begun.on(), begun.kind(), begun.at(), at, idle);
        return new WorkLog(Stream.concat(spells.stream(), Stream.of(spell)).toList(), left);
    }
}
