package welumen.pattern.thick;

/**
 * A hinged board: a lid, a flap, an armrest's top. Its free edge swings past its frame on a larger round than it is long,
 * since its underside is as far from the pin as it is thick.
 *
 * @param lengthMm from the pin to the free edge, along the face
 * @param thickMm from the pin's height down to the underside, covered
 * @param coverMm what turns over the free edge
 * @param liningMm what turns over the frame's edge
 */
public record Lid(double lengthMm, double thickMm, double coverMm, double liningMm) {
    public Lid {
        if (!(lengthMm > 0 && thickMm >= 0 && coverMm >= 0 && liningMm >= 0))
            throw new IllegalArgumentException(
                    "A lid of [%s, %s, %s, %s mm] is none.".formatted(lengthMm, thickMm, coverMm, liningMm));
    }

    /** The room that the bare edges must leave between them so that it swings free, in mm. */
    public double gapMm() {
        return Math.hypot(lengthMm, thickMm) - lengthMm + coverMm + liningMm;
    }
}
