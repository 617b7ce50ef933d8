package welumen.desktop.cut;

import welumen.cut.CutPlan;
import welumen.desktop.look.Words;

/** A plan in words. */
final class PlanSaid {
    private PlanSaid() {}

    static String answer(CutPlan plan) {
        var hides = plan.sheets().size();
        return plan.unplaced().isEmpty()
                ? "%s will do: all %d pieces lie on %s."
                        .formatted(
                                hides == 1 ? "One hide" : Words.count(hides) + " hides",
                                plan.placements().size(),
                                hides == 1 ? "it" : "them")
                : "%d of %d pieces have no place."
                        .formatted(
                                plan.unplaced().size(),
                                plan.unplaced().size() + plan.placements().size());
    }

    static String more(CutPlan plan) {
        return "%s of the leather opened becomes pieces; %d rounds were tried. Every place was checked."
                .formatted(Words.percent(plan.utilisation()), plan.rounds());
    }
}
