package welumen.finish.mask;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.Within;
import welumen.strip.LearntTimes;
import welumen.strip.StripLog;
import welumen.survey.FindingKind;
import welumen.survey.Survey;

/**
 * Guesses which parts lie at the edge of one that is sprayed: what sits on it wherever it is, and, as long as it is in the car, what
 * is fitted in the same place or laps it.
 */
public record LikelyEdges(Cabin cabin, StripLog strip, Survey survey, LearntTimes times) {
    private static final double MM = 1000;

    /** Of the shorter way round that two parts in one place have together. */
    private static final double SHARED = 0.25;

    public List<Edge> of(PartId sprayed) {
        var edges = new ArrayList<Edge>();
        var on = cabin.one(sprayed);
        for (var part : cabin.parts()) {
            if (part.id().equals(sprayed) || strip.isOff(part.id())) continue;
            var sits = part.within() instanceof Within.Assembly(var of) && of.equals(sprayed);
            var laps = strip.laps().stream()
                    .anyMatch(lap -> lap.over().equals(part.id()) && lap.under().equals(sprayed));
            var isBeside = !strip.isOff(sprayed) && part.spot() == on.spot() && bounds(part);
            if (sits || (laps && !strip.isOff(sprayed)) || isBeside) edges.add(edge(on, part, sits || laps));
        }
        return List.copyOf(edges);
    }

    /** What lies loose, or beneath, has no edge that is masked. */
    private static boolean bounds(Part part) {
        return switch (part.kind()) {
            case UNDERLAY, MAT, SHELL, FRAME, RUNNERS -> false;
            default -> true;
        };
    }

    private Edge edge(Part on, Part part, boolean isLapped) {
        var round = part.kind().outline().perimeter();
        var edge =
                isLapped ? round : SHARED * Math.min(round, on.kind().outline().perimeter());
        var isBrittle = survey.on(part.id()).stream()
                .anyMatch(found -> found.kind() == FindingKind.BRITTLE || found.kind() == FindingKind.BROKEN_TAB);
        var hours = times.takesOff(part).plus(times.putsBack(part)).toSeconds() / 3600.0;
        return new Edge(on.id(), part.id(), Math.max(0.1, edge / MM), hours, isBrittle, isLapped, Edge.Way.REASONED);
    }
}
