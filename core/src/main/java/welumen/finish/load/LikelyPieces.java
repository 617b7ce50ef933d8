package welumen.finish.load;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.Cabin;
import welumen.cabin.Part;

/** The hard pieces of a car that are sprayed when its colour changes, and those of a part that nobody thinks of: a guess to strike out from. */
public final class LikelyPieces {
    private LikelyPieces() {}

    /**
     * Those of all parts, none of which is listed yet.
     *
     * @param listed names that are
     * @param first number of the first one’s id
     */
    public static List<HardPiece> of(Cabin cabin, List<String> listed, String colour, LocalDateTime now, int first) {
        var all = new ArrayList<HardPiece>();
        for (var part : cabin.parts())
            for (var one : pieces(part))
                if (!listed.contains(one.name()))
                    all.add(new HardPiece(
                            "p" + (first + all.size()),
                            one.name(),
                            one.squareMetres(),
                            now,
                            0,
                            colour,
                            false,
                            one.held()));
        return all;
    }

    private record Likely(String name, double squareMetres, String held) {}

    private static List<Likely> pieces(Part part) {
        var name = part.name();
        return switch (part.kind()) {
            case VENT -> List.of(new Likely(name, 0.02, ""), new Likely(name + " ring", 0.005, ""));
            case LID -> List.of(new Likely(name, 0.09, ""), new Likely(name + " catch", 0.004, ""));
            case COWL -> List.of(new Likely(name + ", upper", 0.05, ""), new Likely(name + ", lower", 0.05, ""));
            case HANDLE -> List.of(new Likely(name, 0.01, ""), new Likely(name + " cup", 0.012, ""));
            case PILLAR -> List.of(new Likely(name, 0.06, ""));
            case KICK_PANEL, RUNNER -> List.of(new Likely(name, 0.08, ""));
            case SILL_COVER -> List.of(new Likely(name, 0.1, ""));
            case CONSOLE -> List.of(new Likely(name + " surround", 0.12, ""), new Likely("ashtray front", 0.01, ""));
            case FASCIA -> List.of(new Likely(name, 0.2, ""), new Likely("switch blanks", 0.006, ""));
            case WHEEL -> List.of(new Likely(name + " boss", 0.02, "airbag"));
            default -> List.of();
        };
    }
}
