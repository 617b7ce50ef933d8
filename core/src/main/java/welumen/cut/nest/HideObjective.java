package welumen.cut.nest;

import java.util.Comparator;

/**
 * What a layout on hides is worth to go on from: as a plan, but that of the emptiest hide not only the box round its pieces
 * counts, which can be made smaller as long as there is room in it, but just as much how much lies there.
 *
 * @param box what share of the emptiest hide the box round its pieces covers
 * @param load what share of its room they cover themselves
 */
public record HideObjective(int leftOver, int open, double cost, double box, double load)
        implements Comparable<HideObjective> {
    private static final Comparator<HideObjective> ORDER = Comparator.comparingInt(HideObjective::leftOver)
            .thenComparingInt(HideObjective::open)
            .thenComparingDouble(HideObjective::cost)
            .thenComparingDouble(HideObjective::ofEmptiest);

    private double ofEmptiest() {
        return box * load;
    }

    @Override
    public int compareTo(HideObjective other) {
        return ORDER.compare(this, other);
    }
}
