package welumen.desktop.stage;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import welumen.cut.hide.StockText;
import welumen.cut.stock.Stock;
import welumen.desktop.model.JobModel;
import welumen.measure.Lengths;

/** The line in which is said what came in to cut from, with the next free number in its name. */
public final class StockLine {
    private StockLine() {}

    /**
     * @param material of which it is
     * @param take takes it in; false where it was refused
     * @param wrong told why it cannot be read
     */
    public static WordLine<Stock> of(
            String id, JobModel model, Supplier<String> material, Predicate<Stock> take, Consumer<String> wrong) {
        return new WordLine<Stock>(
                        id,
                        "What came in to cut from",
                        text -> StockText.read(text, material.get()),
                        stock -> List.of(StockWords.said(stock)))
                .example("What came in: a hide, a roll or a sheet")
                .knows("A hide", () -> free(model, "hide") + ", |52| sq ft", "Its name, and its area")
                .knows(
                        "A roll",
                        () -> free(model, "roll")
                                + Lengths.example(", |1400| wide, 12 m long", ", |54| wide, 12 yd long"),
                        "Its name, width and length")
                .knows(
                        "A sheet",
                        () -> free(model, "sheet") + Lengths.example(", |2000| x 1000", ", |80| x 40"),
                        "Its name and size")
                .knows("Lot", "lot |27B|", "Its dye lot")
                .knows("Thick", "|1.2| mm thick", "How thick it is")
                .knows("Cost", "cost |310|", "What it cost: of a roll by the metre")
                .knows("Repeat", Lengths.example("repeat |75|", "repeat |3|"), "How often its pattern comes again")
                .knows("Selvedge", Lengths.example("selvedge |15|", "selvedge |1/2|"), "How wide the selvedge is")
                .knows("From", "from |Fell and Daughter|", "Who sold it")
                .onEnter(take, wrong);
    }

    private static String free(JobModel model, String kind) {
        var here = model.toCutFrom().stream().map(Stock::id).toList();
        var number = 1;
        while (here.contains(kind + " " + number)
                || model.yard().state().stock().findOne(kind + " " + number).isPresent()) number++;
        return kind + " " + number;
    }
}
