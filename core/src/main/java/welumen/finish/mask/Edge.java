package welumen.finish.mask;

import welumen.cabin.PartId;

/**
 * A part that stays as it is beside one that is sprayed.
 *
 * @param edgeM metres of its edge that would be masked
 * @param offHours to take it off and put it back
 * @param isBrittle whether taking it off may break it
 * @param isLapped whether it lies over what is sprayed
 * @param way what somebody has said; where nobody has, what reason says
 */
public record Edge(
        PartId sprayed, PartId beside, double edgeM, double offHours, boolean isBrittle, boolean isLapped, Way way) {
    /** What is done with it. */
    public enum Way {
        REASONED,
        MASKED,
        TAKEN_OFF
    }

    public Edge {
        if (!(edgeM > 0 && edgeM < 100))
            throw new IllegalArgumentException("[%s m] is no edge. Type it in metres, as 1.8.".formatted(edgeM));
        if (!(offHours >= 0 && offHours < 100))
            throw new IllegalArgumentException("[%s h] is no time. Type it in hours, as 0.5.".formatted(offHours));
    }

    /** @param name of the part, as it is said */
    public MaskOrRemove reason(String name) {
        return new MaskOrRemove(name, edgeM, offHours, isBrittle, isLapped);
    }

    public boolean isMasked() {
        return switch (way) {
            case REASONED -> reason(beside.value()).isMasked();
            case MASKED -> true;
            case TAKEN_OFF -> false;
        };
    }

    /** Hours that it takes, without its risk. */
    public double hours() {
        return isMasked() ? reason(beside.value()).maskingHours() : offHours;
    }

    /** Metres of film and tape. */
    public double filmM() {
        return isMasked() ? reason(beside.value()).filmM() : 0;
    }

    public Edge done(Way other) {
        return new Edge(sprayed, beside, edgeM, offHours, isBrittle, isLapped, other);
    }

    public Edge measuring(double metres) {
        return new Edge(sprayed, beside, metres, offHours, isBrittle, isLapped, way);
    }

    public Edge takingOff(double hours) {
        return new Edge(sprayed, beside, edgeM, hours, isBrittle, isLapped, way);
    }

    public Edge brittle(boolean may) {
        return new Edge(sprayed, beside, edgeM, offHours, may, isLapped, way);
    }

    public Edge lapped(boolean laps) {
        return new Edge(sprayed, beside, edgeM, offHours, isBrittle, laps, way);
    }

    boolean isOf(Edge other) {
        return sprayed.equals(other.sprayed) && beside.equals(other.beside);
    }
}
