package welumen.cut.forecast;

import java.util.Map;
import java.util.TreeMap;
import welumen.cut.nest.FirstPlan;
import welumen.cut.stock.Stock;

/**
 * One delivery, laid out in a moment.
 *
 * @param needed how many of its hides were opened; one more than there were where pieces were left over
 * @param opensLate of each piece that lies on the last hide, how many
 */
record Delivery(int number, int needed, Map<String, Integer> opensLate) {
    /** Deliveries of which one is checked by the judge of plans; none of them is ever shown or cut. */
    private static final int CHECKED = 10;

    static Delivery laid(ForecastQuestion question, int number) {
        var enough = question.enough();
        var problem = question.problem(question.delivery(number, enough));
        var placements = number % CHECKED == 0
                ? FirstPlan.of(problem, question.seed() + number)
                : FirstPlan.unchecked(problem, question.seed() + number);
        var hides = problem.stock().stream().map(Stock::id).toList();
        var last = placements.stream()
                .mapToInt(placement -> hides.indexOf(placement.stock()))
                .max()
                .orElse(-1);
        var late = new TreeMap<String, Integer>();
        for (var placement : placements)
            if (hides.indexOf(placement.stock()) == last) late.merge(placement.piece(), 1, Integer::sum);
        var isAll = placements.size() == question.count();
        return new Delivery(number, isAll ? last + 1 : enough + 1, late);
    }
}
