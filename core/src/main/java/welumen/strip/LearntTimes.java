package welumen.strip;

import java.time.Duration;
import java.util.EnumMap;
import java.util.Map;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.clock.WorkKind;
import welumen.clock.WorkLog;

/**
 * How long a kind of part takes to come off, from the working time that was logged: the mean of what was seen, shrunk
 * toward the usual time as if that had been seen {@value #PRIOR} times.
 */
public final class LearntTimes {
    private static final int PRIOR = 5;

    private final Map<PartKind, Duration> sums = new EnumMap<>(PartKind.class);
    private final Map<PartKind, Integer> counts = new EnumMap<>(PartKind.class);

    public LearntTimes(Cabin cabin, WorkLog log) {
        for (var spell : log.spells())
            if (spell.kind() == WorkKind.TAKING_OFF)
                cabin.findOne(new PartId(spell.on())).ifPresent(part -> {
                    sums.merge(part.kind(), spell.worked(), Duration::plus);
                    counts.merge(part.kind(), 1, Integer::sum);
                });
    }

    public Duration takesOff(Part part) {
        var seen = counts.getOrDefault(part.kind(), 0);
        if (seen == 0) return part.kind().takesOff();
        var sum = sums.get(part.kind()).plus(part.kind().takesOff().multipliedBy(PRIOR));
        return sum.dividedBy(seen + PRIOR);
    }
}
