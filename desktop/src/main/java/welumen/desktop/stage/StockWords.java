package welumen.desktop.stage;

import welumen.cut.stock.Stock;
import welumen.desktop.look.Words;
import welumen.measure.Lengths;
import welumen.shape.Planar;

/** Says what a hide, a roll or a sheet is. */
public final class StockWords {
    private StockWords() {}

    /** In a sentence, with its flaws and its lot. */
    public static String said(Stock stock) {
        return switch (stock) {
            case Stock.Roll roll ->
                "%s: %s wide%s, %.1f m long%s%s%s."
                        .formatted(
                                Words.capital(roll.id()),
                                Lengths.said(roll.width()),
                                roll.selvedge() > 0
                                        ? ", %s between the selvedges".formatted(Lengths.said(roll.usableWidth()))
                                        : "",
                                roll.length() / 1000,
                                roll.repeatY() > 0 || roll.repeatX() > 0
                                        ? ", repeat %.0f along and %.0f across"
                                                .formatted(roll.repeatX(), roll.repeatY())
                                        : "",
                                roll.flaws().isEmpty()
                                        ? ""
                                        : ", " + Words.many(roll.flaws().size(), "flaw"),
                                lot(roll));
            case Stock.Hide hide ->
                "%s: %s, %s, %s%s%s."
                        .formatted(
                                Words.capital(hide.id()),
                                hide.kind().word(),
                                Words.squareMetres(Planar.areaLeft(hide.shape())),
                                Words.many(hide.shape().holes().size(), "flaw"),
                                lot(hide),
                                hide.lot().thicknessMm() == 0
                                        ? ""
                                        : ", %s thick"
                                                .formatted(
                                                        Lengths.said(hide.lot().thicknessMm())));
        };
    }

    /** In a line, with its material. */
    public static String line(Stock stock) {
        return stock instanceof Stock.Hide hide
                ? "%s · %s%s".formatted(hide.material(), Words.squareMetres(Planar.areaLeft(hide.shape())), lot(hide))
                : "%s%s".formatted(stock.material(), lot(stock));
    }

    private static String lot(Stock stock) {
        return stock.lot().dye().isEmpty() ? "" : ", lot " + stock.lot().dye();
    }
}
