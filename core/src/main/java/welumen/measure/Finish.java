package welumen.measure;

import java.util.List;

/**
 * How good a surface looks, on the trade's scale from A, the best, to E; halves are said as “A–B”.
 *
 * @param level 4 for A down to 0 for E
 */
public record Finish(double level) implements Comparable<Finish> {
    public static final Finish BEST = new Finish(4);

    private static final List<String> LETTERS = List.of("E", "D", "C", "B", "A");

    public Finish {
        if (!(level >= 0 && level <= 4))
            throw new IllegalArgumentException("The finish [%s] is not between 0 and 4.".formatted(level));
    }

    /** “B”, or “A–B” for what lies between; to the nearest half. */
    public String said() {
        var halves = (int) Math.round(2 * level);
        var lower = LETTERS.get(halves / 2);
        return halves % 2 == 0 ? lower : LETTERS.get(halves / 2 + 1) + "–" + lower;
    }

    public static Finish worse(Finish one, Finish other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    @Override
    public int compareTo(Finish other) {
        return Double.compare(level, other.level);
    }
}
