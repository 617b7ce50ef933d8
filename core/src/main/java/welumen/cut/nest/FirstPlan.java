package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.quick.OpeningOrder;
import welumen.cut.nest.quick.QuickPlan;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Items;
import welumen.cut.nest.separation.Resolution;
import welumen.cut.stock.Stock;

/** A valid plan within a moment, for a first answer and for reckoning with many hides. */
public final class FirstPlan {
    /** Stock that a first plan opens, as a multiple of the area it lays. */
    private static final double OPENED = 1.6;

    private FirstPlan() {}

    /** What of one material is to be laid on what. */
    record Kind(String material, List<Container> fields, List<Item> items) {}

    /** Pieces above which none is searched for: what each pair weighs takes memory by their square. */
    private static final int MANY = 1500;

    /** Whether there is too much of one material for anything but rows. */
    static boolean isCrowded(CutProblem one) {
        return CutPiece.count(one.pieces()) > MANY;
    }

    /** Of those materials of which there is something to lay, and not too much. */
    static List<Kind> kinds(CutProblem problem, Resolution fineness, StopSignal stop) {
        var kinds = new ArrayList<Kind>();
        for (var material :
                problem.stock().stream().map(Stock::material).distinct().toList()) {
            var one = problem.of(material);
            if (isCrowded(one)) continue;
            // who reckons how many hides of a delivery are needed opens them as they come, and does not choose
            var stocks = fineness == Resolution.FINE ? OpeningOrder.of(one) : one.stock();
            var items = Items.of(problem, stocks, fineness, stop);
            if (items.isEmpty()) continue;
            var fields = stocks.stream()
                    .map(stock -> new Container(problem, stock, fineness))
                    .toList();
            if (fineness == Resolution.FINE) ready(fields, items);
            kinds.add(new Kind(material, fields, items));
        }
        return kinds;
    }

    /** What must not be lain on is made on all cores for as many stocks as will be opened; for the others when they are. */
    private static void ready(List<Container> fields, List<Item> items) {
        var grades = items.stream().map(item -> item.piece().grade()).distinct().toList();
        var area = items.stream().mapToDouble(item -> item.plain().area).sum();
        var open = 0;
        for (var room = 0.0; open < fields.size() && room < OPENED * area; open++)
            room += fields.get(open).stock.shape().area();
        fields.subList(0, open).parallelStream().forEach(field -> grades.forEach(field::obstacles));
    }

    /** The largest piece first, each on the first stock that has a place for it, until it is stopped; not checked yet. */
    static List<Placement> quick(CutProblem problem, List<Kind> kinds, long seed, StopSignal stop) {
        var quick = new ArrayList<>(problem.pinned());
        for (var kind : kinds)
            quick.addAll(
                    RepeatSearch.isFor(kind.fields())
                            ? RepeatSearch.first(kind.fields(), kind.items(), stop)
                            : QuickPlan.of(kind.fields(), kind.items(), seed, stop));
        return quick;
    }

    /**
     * The placements, those of the pinned pieces first.
     *
     * @throws IllegalStateException if what was laid does not lie validly, which is a fault of this program
     */
    public static List<Placement> of(CutProblem problem, long seed) {
        var quick = unchecked(problem, seed);
        var faults = PlanCheck.faults(problem, quick);
        if (!faults.isEmpty())
            throw new IllegalStateException(
                    "A first plan is not valid: " + faults.getFirst().said());
        return quick;
    }

    /** The same without the judge's word, for reckoning with hundreds of them. */
    public static List<Placement> unchecked(CutProblem problem, long seed) {
        return List.copyOf(quick(problem, kinds(problem, Resolution.COARSE, StopSignal.NEVER), seed, StopSignal.NEVER));
    }
}
