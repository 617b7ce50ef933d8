package welumen.strip;

import java.time.Duration;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.clock.WorkKind;
import welumen.clock.WorkLog;

/**
 * How long a kind of part takes to come off and to go back, from the working time that was logged: the mean of what was
 * seen, shrunk toward the usual time as if that had been seen {@value #PRIOR} times.
 */
public final class LearntTimes {
    private static final int PRIOR = 5;

    /** Time of putting back as a multiple of taking off: it has to fit. */
    private static final double BACK = 1.2;

    private record Seen(int count, Duration sum) {
        Seen and(Seen more) {
            return new Seen(count + more.count(), sum.plus(more.sum()));
        }
    }

    private final Map<WorkKind, Map<PartKind, Seen>> seen = new EnumMap<>(WorkKind.class);

    public LearntTimes(Cabin cabin, WorkLog log) {
        for (var spell : log.spells())
            cabin.findOne(new PartId(spell.on()))
                    .ifPresent(part -> seen.computeIfAbsent(spell.kind(), _ -> new HashMap<>())
                            .merge(part.kind(), new Seen(1, spell.worked()), Seen::and));
    }

    public Duration takesOff(Part part) {
        return learnt(WorkKind.TAKING_OFF, part, part.kind().takesOff());
    }

    public Duration putsBack(Part part) {
        return learnt(
                WorkKind.PUTTING_BACK,
                part,
                Duration.ofSeconds(Math.round(part.kind().takesOff().toSeconds() * BACK)));
    }

    private Duration learnt(WorkKind work, Part part, Duration usual) {
        var here = seen.getOrDefault(work, Map.of()).get(part.kind());
        if (here == null) return usual;
        return here.sum().plus(usual.multipliedBy(PRIOR)).dividedBy(here.count() + PRIOR);
    }
}
