package welumen.pattern;

/**
 * Room that something moving needs: a foot beside a pedal, a lever over a console, a door past a seal.
 *
 * @param freeMm as measured before, with nothing laid in
 * @param neededMm the least that it works with
 * @param grownMm what is laid in takes of it
 */
public record Clearance(String what, double freeMm, double neededMm, double grownMm) {
    /** @throws IllegalArgumentException if it has no name, or no lengths */
    public Clearance {
        if (what.isBlank()) throw new IllegalArgumentException("A clearance wants a name.");
        if (!(freeMm >= 0 && neededMm >= 0 && Double.isFinite(grownMm)))
            throw new IllegalArgumentException("A clearance of [%s, %s mm] is none.".formatted(freeMm, neededMm));
    }

    /** What is left with everything laid in. */
    public double leftMm() {
        return freeMm - grownMm;
    }

    public boolean isKept() {
        return leftMm() >= neededMm;
    }
}
