package welumen.cut.nest;

import java.util.List;
import java.util.stream.IntStream;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.cut.Turns;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** Six pieces of 100 by 100 on the first of two sheets, and on the second twenty others, 100 by as much as is asked for. */
final class TwoSheets {
    static final int HERE = 6;
    static final int THERE = 20;
    /** From the middle of one to the next. */
    private static final double APART = 130;

    private TwoSheets() {}

    static Layout laid(double otherSide) {
        return laid(Cases.rectangle("here", 100, 100, HERE), otherSide, new Stretch.Any(), new Stretch.Any());
    }

    /** The same where the six may be turned so alone, stretch along themselves, and the sheets along and across. */
    static Layout bound(Turns turns, double otherSide) {
        var shape = new Shape(Outline.rectangle(100, 100));
        var here = new CutPiece("here", shape, HERE, "", turns, false, 4, new Stretch.Along(0, 10), "");
        return laid(here, otherSide, new Stretch.Along(0, 10), new Stretch.Along(90, 10));
    }

    private static Layout laid(CutPiece here, double otherSide, Stretch first, Stretch second) {
        var there = Cases.rectangle("there", 100, otherSide, THERE);
        var stock = List.of(sheet("a", first), sheet("b", second));
        var problem = new CutProblem(0, List.of(here, there), stock, List.of());
        var fields = stock.stream()
                .map(one -> new Field(problem, one, Fineness.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, stock, Fineness.FINE), fields);
        var count = new int[stock.size()];
        for (var i = 0; i < layout.items.size(); i++) {
            var on = layout.items.get(i).piece().id().equals("there") ? 1 : 0;
            layout.isOpen[on] = true;
            layout.lay(i, on, 100 + APART * (count[on] % 7), 100 + APART * (count[on]++ / 7), 0, false);
        }
        return layout;
    }

    private static Stock sheet(String id, Stretch stretch) {
        return new Stock.Hide(id, "", new Shape(Outline.rectangle(1000, 1000)), 1, List.of(), stretch, 300);
    }

    /** What lies on a sheet. */
    static List<String> on(Layout layout, int field) {
        return IntStream.range(0, layout.items.size())
                .filter(item -> layout.field[item] == field)
                .mapToObj(item -> layout.items.get(item).piece().id())
                .toList();
    }
}
