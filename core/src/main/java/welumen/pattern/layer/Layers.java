package welumen.pattern.layer;

import java.util.List;

/**
 * What lies beneath the covering of a part, as somebody has said: before, and as it will be.
 *
 * @param way the bends over which the covering goes
 */
public record Layers(BuildUp before, BuildUp now, List<Bend> way) {
    public Layers {
        way = List.copyOf(way);
    }

    /** By how much it stands higher than before, or lower below nought; in mm. */
    public double thickerMm() {
        return now.thickerMm(before);
    }

    /** By how much the covering is cut longer than before, or shorter below nought; in mm. */
    public double longerMm() {
        return now.longerMm(before, way);
    }

    /** Whether what was drawn before is still a pattern. */
    public boolean isNear() {
        return now.isNear(before, way);
    }
}
