package welumen.cut.nest;

import java.util.Comparator;

/**
 * What a layout on hides is worth to go on from: as a plan, but that of the emptiest hide not only the box round its pieces
 * counts, which can be made smaller as long as there is room in it, but just as much how much lies there.
 *
 * @param box what share of the emptiest hide the box round its pieces covers
 * @param load what share of its room they cover themselves
 */
record HideWorth(int leftOver, int open, double cost, double box, double load) implements Comparable<HideWorth> {
    private static final Comparator<HideWorth> ORDER = Comparator.comparingInt(HideWorth::leftOver)
            .thenComparingInt(HideWorth::open)
            .thenComparingDouble(HideWorth::cost)
            .thenComparingDouble(HideWorth::ofEmptiest);

    private double ofEmptiest() {
        return box * load;
    }

    @Override
    public int compareTo(HideWorth other) {
        return ORDER.compare(this, other);
    }
}
