package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.desktop.look.Words;
import welumen.treatment.whole.Broken;
import welumen.treatment.whole.DyeLots;
import welumen.treatment.whole.TradeCurve;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholePlan;

/** Says what a plan for the whole job comes to, what it does not keep, and what more money would buy. */
final class PlanWords {
    private static final int FEW = 3;

    private final Cabin cabin;
    private final AdviceWords words;

    PlanWords(Cabin cabin, AdviceWords words) {
        this.cabin = cabin;
        this.words = words;
    }

    String answer(WholePlan plan) {
        return "%d of %s as wanted, for %s of work and %s in all, failed trials counted in%s%s"
                .formatted(
                        plan.asWanted(),
                        Words.many(plan.chosen().size(), "part"),
                        Words.hours(Math.round(plan.hours())),
                        words.money(plan.cost()),
                        plan.isProvenBest() ? "; no set is better" : "; the best found",
                        plan.broken().isEmpty() ? ", and every rule is kept." : ".");
    }

    /** The rules that it does not keep; those of one kind on one line. */
    List<String> broken(WholePlan plan) {
        var said = new ArrayList<String>();
        var below = new ArrayList<PartId>();
        for (var broken : plan.broken())
            switch (broken) {
                case Broken.OverBudget(var by) ->
                    said.add("%s over the budget: nothing cheaper answers what was found.".formatted(words.money(by)));
                case Broken.TooMuchWork(var hours) ->
                    said.add("%s more than there are until it is due.".formatted(Words.hours(Math.ceil(hours))));
                case Broken.TooLate(var part, var days) ->
                    said.add("The %s is %.0f days late.".formatted(name(part), Math.ceil(days)));
                case Broken.BelowStandard(var part, var finish) -> below.add(part);
                case Broken.StandsOut(var part, var group, var by) -> said.add(standsOut(part, group, by));
                case Broken.PatinaSplit(var group) ->
                    said.add("Aged alike, and not treated alike: the %s."
                            .formatted(group.stream().map(this::name).collect(Collectors.joining(", "))));
            }
        if (!below.isEmpty())
            said.add("Below the standard: the %s."
                    .formatted(below.stream().map(this::name).collect(Collectors.joining(", "))));
        return said;
    }

    /** What the next step on the curve costs, and what changes for it. */
    String next(WholePlan plan, List<TradeCurve.Point> curve) {
        return curve.stream()
                .filter(point ->
                        point.plan().cost() > plan.cost() && point.plan().isBetterThan(plan))
                .findFirst()
                .map(point -> "%s more buys: %s."
                        .formatted(words.money(point.plan().cost() - plan.cost()), changes(point.plan(), plan)))
                .orElse("More money buys nothing better.");
    }

    /** What a week more until it is due would buy. */
    String week(WholePlan plan, WholePlan later) {
        return later.isBetterThan(plan)
                ? "A week more buys: %s.".formatted(changes(later, plan))
                : "A week more buys nothing better.";
    }

    /** What is to be ordered in one lot, so that it is of one dye. */
    List<String> lots(WholePlan plan) {
        return DyeLots.of(cabin, plan).stream()
                .map(lot -> String.format(
                        Locale.UK,
                        "In one lot: %.1f m² of %s, for %s.",
                        lot.squareMetres(),
                        lot.matter().word(),
                        Words.many(lot.parts().size(), "part")))
                .toList();
    }

    /** What is done otherwise, and what for; the first few. */
    String changes(WholePlan plan, WholePlan before) {
        var other = plan.changesFrom(before);
        var few = other.stream().limit(FEW).map(this::change).collect(Collectors.joining("; "));
        return other.size() > FEW ? "%s; and %d more".formatted(few, other.size() - FEW) : few;
    }

    /** “rear backrest: re-cover on the old pattern, since it leaves the better finish”. */
    private String change(WholePlan.Change one) {
        var why =
                one.better().isEmpty() ? "risks less" : one.better().getFirst().betterBecause();
        return "%s: %s, since it %s".formatted(name(one.part()), one.now().word(), why);
    }

    private String standsOut(PartId part, Group group, int by) {
        return switch (group.measure()) {
            case FINISH ->
                "The %s stands out among %s: %s of a level beyond the others."
                        .formatted(name(part), group.where().word(), tenths(by));
            case GLOSS ->
                "The %s shines otherwise than the rest of %s, by %d gloss units too many."
                        .formatted(name(part), group.where().word(), by);
        };
    }

    private static String tenths(int by) {
        return String.format(Locale.UK, "%.1f", by / 10.0);
    }

    private String name(PartId part) {
        return cabin.one(part).name();
    }
}
