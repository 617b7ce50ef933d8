package welumen.cut.nest;

import java.util.List;
import java.util.stream.IntStream;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Items;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Resolution;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** Six pieces of 100 by 100 on the first of two sheets, and on the second twenty others, 100 by as much as is asked for. */
public final class TwoSheets {
    public static final int HERE = 6;
    public static final int THERE = 20;
    /** From the middle of one to the next. */
    private static final double APART = 130;

    private TwoSheets() {}

    public static Layout laid(double otherSide) {
        return laid(Cases.rectangle("here", 100, 100, HERE), otherSide, new Stretch.Any(), new Stretch.Any());
    }

    /** The same where the six may be turned so alone, stretch along themselves, and the sheets along and across. */
    public static Layout bound(Turns turns, double otherSide) {
        var shape = new Shape(Outline.rectangle(100, 100));
        var here = new CutPiece("here", shape, HERE, "", turns, false, 4, new Stretch.Along(0, 10), "");
        return laid(here, otherSide, new Stretch.Along(0, 10), new Stretch.Along(90, 10));
    }

    private static Layout laid(CutPiece here, double otherSide, Stretch first, Stretch second) {
        var there = Cases.rectangle("there", 100, otherSide, THERE);
        var stock = List.of(sheet("a", first), sheet("b", second));
        var problem = new CutProblem(0, List.of(here, there), stock, List.of());
        var fields = stock.stream()
                .map(one -> new Container(problem, one, Resolution.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, stock, Resolution.FINE), fields);
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
    public static List<String> on(Layout layout, int field) {
        return IntStream.range(0, layout.items.size())
                .filter(item -> layout.field[item] == field)
                .mapToObj(item -> layout.items.get(item).piece().id())
                .toList();
    }
}
