package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.judge.PlanScore;

/** Two plans of the same pieces held against each other, what counts most first. */
public record PlanCompared(Laid one, Laid other) {
    /** In words what the other is better or worse in; “the same” where nothing is. */
    public List<String> words() {
        var before = PlanScore.of(one.problem(), one.plan().placements());
        var after = PlanScore.of(other.problem(), other.plan().placements());
        var words = new ArrayList<String>();
        count(words, before.leftOver(), after.leftOver(), "piece without a place", "pieces without a place");
        count(words, before.sheets(), after.sheets(), "hide", "hides");
        if (Math.abs(before.cost() - after.cost()) >= 0.5)
            words.add("%.0f %s"
                    .formatted(
                            Math.abs(before.cost() - after.cost()),
                            after.cost() < before.cost() ? "cheaper" : "dearer"));
        var share = 100 * (after.leastOfSheet() - before.leastOfSheet());
        if (Math.abs(share) >= 0.05)
            words.add("%.1f %% %s of the emptiest".formatted(Math.abs(share), share < 0 ? "less" : "more"));
        var moved = other.plan().placements().stream()
                .filter(placement -> !one.plan().placements().contains(placement))
                .count();
        if (moved > 0) words.add("%d %s elsewhere".formatted(moved, moved == 1 ? "piece lies" : "pieces lie"));
        return words.isEmpty() ? List.of("the same") : List.copyOf(words);
    }

    private static void count(List<String> words, int before, int after, String one, String many) {
        var off = Math.abs(after - before);
        if (off > 0) words.add("%d %s %s".formatted(off, off == 1 ? one : many, after < before ? "fewer" : "more"));
    }

    /** Whether the other is better by the order in which a plan's merits count. */
    public boolean isBetter() {
        return PlanScore.of(other.problem(), other.plan().placements())
                        .compareTo(PlanScore.of(one.problem(), one.plan().placements()))
                < 0;
    }
}
