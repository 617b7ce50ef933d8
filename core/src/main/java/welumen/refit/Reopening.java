package welumen.refit;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.strip.LearntTimes;
import welumen.strip.StripLog;
import welumen.strip.account.OneWay;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;

/**
 * What must come off again to get at something beneath, in its order, what that undoes for good, and what it costs in time.
 *
 * @param lines one a part
 */
public record Reopening(List<Line> lines) {
    /**
     * A part that comes off.
     *
     * @param off how long that takes
     * @param back how long it takes to put it back
     * @param lost what is lost with it for good
     */
    public record Line(PartId part, Duration off, Duration back, List<String> lost) {
        public Line {
            lost = List.copyOf(lost);
        }
    }

    public Reopening {
        lines = List.copyOf(lines);
    }

    /** By the least work; empty where the rules go round in a circle, or nothing lies over it. */
    public static Optional<Reopening> of(Cabin cabin, StripLog log, PartId beneath, LearntTimes times) {
        if (!(ReachPlanner.plan(cabin, log, beneath, times::takesOff) instanceof Reach.Route route))
            return Optional.empty();
        var lines = route.parts().stream()
                .filter(part -> !part.equals(beneath))
                .map(cabin::one)
                .map(part ->
                        new Line(part.id(), times.takesOff(part), times.putsBack(part), OneWay.lostWith(log, part)))
                .toList();
        return lines.isEmpty() ? Optional.empty() : Optional.of(new Reopening(lines));
    }

    public Duration off() {
        return lines.stream().map(Line::off).reduce(Duration.ZERO, Duration::plus);
    }

    public Duration back() {
        return lines.stream().map(Line::back).reduce(Duration.ZERO, Duration::plus);
    }
}
