package welumen.stores;

import java.util.ArrayList;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import welumen.cut.CutPlan;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.Stock;
import welumen.measure.Many;

/** What is cut from: whole hides and sheets by their number, rolls by the length that is used. */
final class FromStock {
    private static final double MM2_PER_M2 = 1e6;

    private FromStock() {}

    /** Empty where nothing was laid out. @param sign of the currency in which stock is bought */
    static Optional<Need> need(CuttingTable table, String sign) {
        if (!(table instanceof CuttingTable.Laid(var problem, var plan))) return Optional.empty();
        var working = new ArrayList<String>();
        for (var use : plan.sheets()) working.add(used(use));
        var cost = plan.sheets().stream()
                .mapToDouble(use -> problem.stock(use.stock()).costOf(use.usedLength()))
                .sum();
        working.add(String.format(Locale.ROOT, "cost of what is opened: %s%.2f", sign, cost));
        if (!plan.unplaced().isEmpty())
            working.add(
                    Many.of(plan.unplaced().size(), "piece") + " without a place yet: one more to open, or a change");
        var amount = amount(problem, plan);
        var isHides = problem.stock().stream().allMatch(Stock.Hide.class::isInstance);
        return Optional.of(new Need(
                isHides ? "leather" : "leather and cloth",
                amount,
                plan.unplaced().isEmpty() ? amount : amount + " and one more to buy",
                working));
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

    private static String amount(CutProblem problem, CutPlan plan) {
        var words = new ArrayList<String>();
        plan.sheets().stream()
                .filter(use -> problem.stock(use.stock()) instanceof Stock.Hide)
                .collect(Collectors.groupingBy(
                        use -> problem.stock(use.stock()).material(), TreeMap::new, Collectors.counting()))
                .forEach((material, count) -> words.add("%d %s%s".formatted(count, material, count == 1 ? "" : "s")));
        for (var use : plan.sheets())
            if (problem.stock(use.stock()) instanceof Stock.Roll roll)
                words.add(String.format(
                        Locale.ROOT,
                        "%.1f m of %s",
                        Math.ceil(use.usedLength() / Stock.MM_PER_M * 10) / 10,
                        roll.material()));
        return String.join(", ", words);
    }
}
