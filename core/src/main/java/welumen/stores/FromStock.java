package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.cut.CutPlan;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.stock.Stock;
import welumen.measure.Many;
import welumen.stores.Need.Unit;

/** What is cut from, material by material: whole hides and sheets by their number, rolls by the length that is used. */
final class FromStock {
    private static final double MM2_PER_M2 = 1e6;

    private FromStock() {}

    /** None where nothing was laid out. @param sign of the currency in which stock is bought */
    static List<Need> needs(CuttingTable table, String sign) {
        if (!(table instanceof CuttingTable.Laid(var problem, var plan))) return List.of();
        return plan.sheets().stream()
                .map(use -> problem.stock(use.stock()).material())
                .distinct()
                .map(material -> need(problem, plan, material, sign))
                .toList();
    }

    private static Need need(CutProblem problem, CutPlan plan, String material, String sign) {
        var uses = plan.sheets().stream()
                .filter(use -> problem.stock(use.stock()).material().equals(material))
                .toList();
        var working = new ArrayList<String>();
        for (var use : uses) working.add(used(use));
        working.add(String.format(
                Locale.ROOT,
                "cost of what is opened: %s%.2f",
                sign,
                uses.stream()
                        .mapToDouble(use -> problem.stock(use.stock()).costOf(use.usedLength()))
                        .sum()));
        var left = (int) plan.unplaced().stream()
                .filter(missing -> problem.piece(missing.piece()).material().equals(material))
                .count();
        if (left > 0) working.add(Many.of(left, "piece") + " without a place yet: one more to open, or a change");
        var isRolls = uses.stream().anyMatch(use -> problem.stock(use.stock()) instanceof Stock.Roll);
        return new Need(
                material, isRolls ? metres(uses) : uses.size(), isRolls ? Unit.METRE : Unit.HIDE, left > 0, working);
    }

    /** Up to the next tenth, each roll by itself. */
    private static double metres(List<SheetUse> uses) {
        return uses.stream()
                        .mapToDouble(use -> Math.ceil(use.usedLength() / Stock.MM_PER_M * 10))
                        .sum()
                / 10;
    }

    private static String used(SheetUse use) {
        return String.format(
                Locale.ROOT,
                "%s: %.2f m² of pieces on %.2f m², %.1f %% used",
                use.stock(),
                use.pieceArea() / MM2_PER_M2,
                use.openedArea() / MM2_PER_M2,
                100 * use.pieceArea() / use.openedArea());
    }
}
