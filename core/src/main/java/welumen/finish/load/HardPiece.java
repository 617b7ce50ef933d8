package welumen.finish.load;

import java.time.LocalDateTime;
import java.util.Comparator;

/**
 * A small hard piece that is to be sprayed.
 *
 * @param id within its batch
 * @param squareMetres of what is sprayed on it
 * @param here from when it can be hung
 * @param where it is until then: “in the post”, “at the plater’s”; may be empty
 * @param waitedFor how much waits for it; 0 where nothing does
 * @param who waits for it, as “the electrician”; may be empty
 * @param colour only pieces of one colour go in one load
 * @param isHidden whether nobody sees it once it is fitted
 * @param held why it goes in no load, as “airbag”; empty where nothing holds it
 * @param isTurned whether it lies on a rack and is turned between its sides; else it hangs, and is sprayed all round
 */
public record HardPiece(
        String id,
        String name,
        double squareMetres,
        LocalDateTime here,
        int waitedFor,
        String colour,
        boolean isHidden,
        String held,
        boolean isTurned,
        String where,
        String who) {
    /** What most waits for goes first, then what is here first. */
    public static final Comparator<HardPiece> FIRST = Comparator.comparing((HardPiece piece) -> -piece.waitedFor())
            .thenComparing(HardPiece::here)
            .thenComparing(HardPiece::id);

    /** It hangs. */
    public HardPiece(
            String id,
            String name,
            double squareMetres,
            LocalDateTime here,
            int waitedFor,
            String colour,
            boolean isHidden,
            String held) {
        this(id, name, squareMetres, here, waitedFor, colour, isHidden, held, false, "", "");
    }

    public HardPiece {
        if (name.isBlank()) throw new IllegalArgumentException("Say what the piece is called.");
        if (!(squareMetres > 0 && squareMetres < 20))
            throw new IllegalArgumentException("“%s” of [%s m²] is no small piece.".formatted(name, squareMetres));
        if (waitedFor < 0)
            throw new IllegalArgumentException("“%s” is waited for by less than nothing.".formatted(name));
    }

    public boolean isHeld() {
        return !held.isEmpty();
    }

    /** Nothing holds it any more. */
    public HardPiece cleared() {
        return new HardPiece(id, name, squareMetres, here, waitedFor, colour, isHidden, "", isTurned, where, who);
    }
}
