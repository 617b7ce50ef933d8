package welumen.pattern;

import java.util.List;
import java.util.regex.Pattern;
import welumen.cabin.PartId;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Room that something moving needs: a foot beside a pedal, a lever over a console, a door past a seal.
 *
 * @param freeMm as measured before, with nothing laid in
 * @param neededMm the least that it works with
 * @param grownMm what is laid in takes of it
 * @param parts whose pieces are not cut while there is too little
 */
public record Clearance(String what, double freeMm, double neededMm, double grownMm, List<PartId> parts) {
    private static final Pattern TYPED = Pattern.compile(
            "(?<what>\\D[^\\d]*?)\\s+(?<free>\\d[^,]*?)\\s+free\\s*,\\s*(?<needed>\\d[^,]*?)\\s+needed"
                    + "(?:\\s*,\\s*(?<grown>\\d[^,]*?)\\s+taken)?",
            Pattern.CASE_INSENSITIVE);

    /**
     * Reads {@code handbrake lever 22 free, 15 needed, 6 taken}.
     *
     * @param usualMm what is taken where that is left out
     */
    public static Parsed<Clearance> read(String typed, double usualMm, List<PartId> parts) {
        var line = TYPED.matcher(typed.strip());
        if (!line.matches())
            return new Refused<>(Lengths.example(
                    "Type what must move with its room, as handbrake lever 22 free, 15 needed, 6 taken.",
                    "Type what must move with its room, as handbrake lever 7/8 free, 5/8 needed, 1/4 taken."));
        var what = line.group("what");
        return Length.parse(line.group("free"))
                .flatMap(free -> Length.parse(line.group("needed"))
                        .flatMap(needed -> line.group("grown") == null
                                ? new Understood<>(new Clearance(what, free.mm(), needed.mm(), usualMm, parts))
                                : Length.parse(line.group("grown"))
                                        .map(grown -> new Clearance(what, free.mm(), needed.mm(), grown.mm(), parts))));
    }

    /** @throws IllegalArgumentException if it has no name, or no lengths */
    public Clearance {
        parts = List.copyOf(parts);

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
