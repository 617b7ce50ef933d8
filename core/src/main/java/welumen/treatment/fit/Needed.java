package welumen.treatment.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Where a part must reach.
 *
 * @param coveredMm by how much other parts lap its edges, each from the corner of that number to the next
 * @param keepOuts what must stay free: a pedal, a lever, a slide
 */
public record Needed(Outline outline, Map<Integer, Double> coveredMm, List<Outline> keepOuts) {
    public Needed {
        coveredMm = Map.copyOf(coveredMm);
        keepOuts = List.copyOf(keepOuts);
        for (var lap : coveredMm.entrySet())
            if (lap.getKey() < 0 || lap.getKey() >= outline.corners().size() || !(lap.getValue() >= 0))
                throw new IllegalArgumentException(
                        "Edge [%d] lapped by [%s] mm is none of it.".formatted(lap.getKey(), lap.getValue()));
    }

    /** @param mm 0 where nothing laps it any more */
    public Needed lapped(int edge, double mm) {
        var laps = new HashMap<>(coveredMm);
        if (mm == 0) laps.remove(edge);
        else laps.put(edge, mm);
        return new Needed(outline, laps, keepOuts);
    }

    public Needed keepingOut(Outline keepOut) {
        var more = new ArrayList<>(keepOuts);
        more.add(keepOut);
        return new Needed(outline, coveredMm, more);
    }

    /** Without the keep-out that was drawn last. */
    public Needed withoutLastKeepOut() {
        return keepOuts.isEmpty() ? this : new Needed(outline, coveredMm, keepOuts.subList(0, keepOuts.size() - 1));
    }

    /** The edge that lies nearest to a point. */
    public int edgeNear(Point point) {
        var corners = outline.corners();
        return IntStream.range(0, corners.size())
                .boxed()
                .min(Comparator.comparingDouble(edge ->
                        SignedDistance.toSegment(point, corners.get(edge), corners.get((edge + 1) % corners.size()))))
                .orElseThrow();
    }
}
