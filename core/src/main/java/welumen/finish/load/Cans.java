package welumen.finish.load;

import java.util.ArrayList;
import java.util.List;

/**
 * How many cans the coats take, and where each runs out: the last of a can spits, so that a new one is begun before a piece that it
 * would not finish.
 *
 * @param exact cans, before they are counted whole
 * @param needed whole cans
 * @param turns where a new can is begun, in the order of spraying; none before the second
 */
public record Cans(double exact, int needed, List<Turn> turns) {
    /** The share of a can that comes out well. */
    public static final double USABLE = 0.92;

    /**
     * A new can.
     *
     * @param coat from 1
     * @param piece before which it is begun
     */
    public record Turn(int coat, HardPiece piece) {}

    public Cans {
        turns = List.copyOf(turns);
    }

    /** One can more, for what goes wrong and for repairs of the same lot. */
    public int bought() {
        return needed + 1;
    }

    /** All of them at once, coat by coat. */
    public static Cans of(List<HardPiece> pieces, int coats, double squareMetres) {
        return ofLoads(List.of(pieces), coats, squareMetres);
    }

    /**
     * @param loads of one colour, in the order in which they are sprayed; each gets all its coats before the next is hung, and goes on
     *     with the can that is begun
     * @param squareMetres that a can does once over, over 0
     */
    public static Cans ofLoads(List<List<HardPiece>> loads, int coats, double squareMetres) {
        if (!(coats >= 1 && squareMetres > 0))
            throw new IllegalArgumentException("[%d] coats of [%s m²] a can.".formatted(coats, squareMetres));
        var area = loads.stream()
                .flatMap(List::stream)
                .mapToDouble(HardPiece::squareMetres)
                .sum();
        var turns = new ArrayList<Turn>();
        var full = squareMetres * USABLE;
        var left = full;
        for (var load : loads)
            for (var coat = 1; coat <= coats; coat++)
                for (var piece : load) {
                    if (piece.squareMetres() > left + 1e-9) {
                        turns.add(new Turn(coat, piece));
                        left = Math.max(full, piece.squareMetres());
                    }
                    left -= piece.squareMetres();
                }
        var exact = area * coats / squareMetres / USABLE;
        return new Cans(exact, Math.max((int) Math.ceil(exact - 1e-9), area == 0 ? 0 : turns.size() + 1), turns);
    }
}
