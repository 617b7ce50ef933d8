package welumen.pattern.strip;

import java.util.ArrayList;
import java.util.List;

/**
 * Runs cut from strips of one length, one after the other: what is left of a strip goes on into the next run. Strips are
 * joined at 45°, so that a join is not bulky, and each join costs one strip width of length.
 *
 * <p>In the order given, linear; another order may save a strip, and that is not looked for.
 *
 * @param strips how many are cut
 * @param runs in the order in which they were given
 * @param leftMm of the last strip
 */
public record StripPlan(int strips, List<Run> runs, double leftMm) {
    /** Length in mm below which a rest is thrown away rather than joined. */
    private static final double USABLE_MM = 120;

    /** @param joins from which place of the run, in mm, each join lies */
    public record Run(double lengthMm, List<Double> joins) {
        public Run {
            joins = List.copyOf(joins);
        }
    }

    public StripPlan {
        runs = List.copyOf(runs);
    }

    /**
     * @param runsMm the edges to be bound or piped
     * @param foldMm what each run folds over at either end
     * @param stripMm how long a strip can be cut: the roll's width, or the hide's length
     */
    public static StripPlan of(List<Double> runsMm, double widthMm, double foldMm, double stripMm) {
        if (!(widthMm > 0 && foldMm >= 0 && stripMm > USABLE_MM + widthMm))
            throw new IllegalArgumentException("A strip of [%s by %s mm] is too short.".formatted(widthMm, stripMm));
        var strips = 0;
        var left = 0.0;
        var runs = new ArrayList<Run>();
        for (var length : runsMm) {
            var joins = new ArrayList<Double>();
            var wanted = length + 2 * foldMm;
            var laid = 0.0;
            if (left < USABLE_MM && left < wanted) left = 0;
            while (laid < wanted - 1e-9) {
                if (left == 0) {
                    strips++;
                    left = stripMm;
                }
                if (laid > 0) {
                    joins.add(Math.max(0, laid - foldMm));
                    left -= widthMm;
                }
                var piece = Math.min(left, wanted - laid);
                laid += piece;
                left -= piece;
                if (left < 1e-9) left = 0;
            }
            runs.add(new Run(length, joins));
        }
        return new StripPlan(strips, runs, left);
    }

    public int joins() {
        return runs.stream().mapToInt(run -> run.joins().size()).sum();
    }
}
