package welumen.stores;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.finish.Batch;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;

/** Counts cans of paint for the small pieces that are still to be sprayed: area × coats ÷ what a can does ÷ its usable share. */
final class SprayCans {
    private SprayCans() {}

    static Optional<Need> need(Batch batch) {
        var open = batch.open();
        if (open.isEmpty() || batch.said().isEmpty()) return Optional.empty();
        var how = batch.said().get();
        var cans = Cans.of(open, how.coats(), how.canSquareMetres());
        var area = open.stream().mapToDouble(HardPiece::squareMetres).sum();
        return Optional.of(new Need(
                "paint, %s".formatted(open.getFirst().colour()),
                cans.bought(),
                Need.Unit.CAN,
                false,
                List.of(
                        String.format(
                                Locale.UK,
                                "%d pieces, %.2f m² × %d coats ÷ %.2f m² a can ÷ %.2f = %.2f",
                                open.size(),
                                area,
                                how.coats(),
                                how.canSquareMetres(),
                                Cans.USABLE,
                                cans.exact()),
                        "%d cans, and one to spare of the same lot".formatted(cans.needed()))));
    }
}
