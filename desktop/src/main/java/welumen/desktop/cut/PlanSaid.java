package welumen.desktop.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Words;

/** A plan in words. */
final class PlanSaid {
    private PlanSaid() {}

    static String answer(CutProblem problem, CutPlan plan) {
        var opened =
                plan.sheets().stream().map(use -> problem.stock(use.stock())).toList();
        return plan.unplaced().isEmpty()
                ? "%s will do: %s on %s."
                        .formatted(
                                Words.capital(counted(opened)),
                                plan.placements().size() == 1
                                        ? "the piece lies"
                                        : "all %d pieces lie"
                                                .formatted(plan.placements().size()),
                                opened.size() == 1 ? "it" : "them")
                : "%d of %d pieces have no place."
                        .formatted(
                                plan.unplaced().size(),
                                plan.unplaced().size() + plan.placements().size());
    }

    /** Of a plan that does not hold any more. */
    static String before(CutProblem problem, CutPlan plan) {
        var answer = answer(problem, plan);
        return "As it was drawn before, " + Character.toLowerCase(answer.charAt(0)) + answer.substring(1);
    }

    /** Hides, and what else there is: “two hides and one roll”. */
    static String counted(List<Stock> stock) {
        var rolls =
                (int) stock.stream().filter(one -> one instanceof Stock.Roll).count();
        var hides = stock.size() - rolls;
        var words = new ArrayList<String>();
        if (hides > 0 || rolls == 0) words.add(counted(hides, "hide"));
        if (rolls > 0) words.add(counted(rolls, "roll"));
        return String.join(" and ", words);
    }

    private static String counted(int number, String noun) {
        return Words.count(number).toLowerCase(Locale.ROOT) + " " + noun + (number == 1 ? "" : "s");
    }

    static String more(CutPlan plan) {
        return "%s of what is opened becomes pieces, after %s. Every place was checked."
                .formatted(Words.percent(plan.utilisation()), Words.many((int) plan.rounds(), "round"));
    }
}
