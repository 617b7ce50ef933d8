package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.finish.Batch;
import welumen.finish.NextLoad;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;

/** Counts cans of each colour for the small pieces still to be sprayed: area × coats ÷ what a can does ÷ its usable share. */
final class SprayCans {
    private SprayCans() {}

    static List<Need> needs(Batch batch, int loadHolds) {
        var needs = new ArrayList<Need>();
        NextLoad.cans(batch, loadHolds).forEach((colour, cans) -> needs.add(need(batch, colour, cans)));
        return needs;
    }

    private static Need need(Batch batch, String colour, Cans cans) {
        var how = batch.said().orElseThrow();
        var pieces = batch.open().stream()
                .filter(piece -> piece.colour().equals(colour) && !piece.isHeld())
                .toList();
        var area = pieces.stream().mapToDouble(HardPiece::squareMetres).sum();
        return new Need(
                "paint, %s".formatted(colour),
                cans.bought(),
                Need.Unit.CAN,
                false,
                List.of(
                        String.format(
                                Locale.UK,
                                "%d pieces, %.2f m² × %d coats ÷ %.2f m² a can ÷ %.2f = %.2f",
                                pieces.size(),
                                area,
                                how.coats(),
                                how.canSquareMetres(),
                                Cans.USABLE,
                                cans.exact()),
                        "%d cans, and one to spare of the same lot".formatted(cans.needed())));
    }
}
