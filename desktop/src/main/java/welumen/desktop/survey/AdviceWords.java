package welumen.desktop.survey;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.desktop.look.Words;
import welumen.treatment.Advice;
import welumen.treatment.Candidate;
import welumen.treatment.Criterion;
import welumen.treatment.SwitchingPoint;

/** Says why one way to go with a part comes before another, and what would turn them over. */
final class AdviceWords {
    private final String sign;

    /** @param sign of the job's currency, “£” */
    AdviceWords(String sign) {
        this.sign = sign;
    }

    /** “Re-cover on the old pattern, 8 h, £476.” */
    String answer(Candidate way) {
        return "%s, %s, %s."
                .formatted(Words.capital(way.word()), Words.hours(way.hours().likely()), money(way.price()));
    }

    /** Why the first is first. */
    String why(Advice advice) {
        if (advice.ways().isEmpty()) return "Nothing that the trimmer may do answers it: it goes to a qualified hand.";
        if (advice.ways().size() < 2) return "Nothing else is worth a look: it is beaten in everything.";
        var second = advice.ways().get(1).candidate().word();
        return advice.why().isEmpty()
                ? "It and “%s” come out alike; it risks less.".formatted(second)
                : "First, since it %s than “%s”.".formatted(reasons(advice.why()), second);
    }

    private static String reasons(List<Criterion> why) {
        return why.stream().limit(2).map(Criterion::betterBecause).collect(Collectors.joining(" and "));
    }

    /** What would have to change for the second to come first. */
    String turns(Advice advice) {
        if (advice.ways().size() < 2) return "";
        var second = advice.ways().get(1).candidate().word();
        var weights = advice.turns().stream()
                .filter(SwitchingPoint.WeightIs.class::isInstance)
                .findFirst();
        var figures = advice.turns().stream()
                .filter(point -> !(point instanceof SwitchingPoint.WeightIs))
                .findFirst();
        if (weights.isEmpty() && figures.isEmpty()) return "No single figure puts “%s” first.".formatted(second);
        var either = Stream.of(figures, weights)
                .flatMap(Optional::stream)
                .map(this::said)
                .collect(Collectors.joining(", or "));
        return "“%s” would be first if %s.".formatted(Words.capital(second), either);
    }

    private String said(SwitchingPoint point) {
        return switch (point) {
            case SwitchingPoint.WeightIs(var criterion, var now, var then) ->
                "%s counted %.0f %% and not %.0f"
                        .formatted(criterion.name().toLowerCase(Locale.ROOT), 100 * then, 100 * now);
            case SwitchingPoint.FirstTakes(var now, var then) ->
                "the first took %s and not %s".formatted(Words.hours(then), Words.hours(now));
            case SwitchingPoint.SecondBuysFor(var now, var then) ->
                "what it wants cost %s and not %s".formatted(money(then), money(now));
        };
    }

    /** “2–3.5–6 h, £171 · B · 5 years”. */
    String facts(Candidate way) {
        var hours = way.hours();
        return "%s–%s–%s · %s · %s · %s"
                .formatted(
                        number(hours.low()),
                        number(hours.likely()),
                        Words.hours(hours.high()),
                        money(way.price()),
                        way.finish().said(),
                        Words.many(way.lastsYears(), "year"));
    }

    /** “keeps 70 % original · cannot be undone · fails 12 % · waits 1 day”. */
    String more(Candidate way) {
        var words = "keeps %.0f %% · %s · fails %.0f %%"
                .formatted(100 * way.originality(), way.undo().word(), 100 * way.fails());
        if (way.waitingDays() > 0) words += " · waits " + Words.many((int) way.waitingDays(), "day");
        if (way.isSupplyUnknown()) words += " · ask first whether it is made";
        return way.open() == 0 ? words : words + " · leaves %d open".formatted(way.open());
    }

    /** “£171”, and where a failed trial would be paid for: “£171, £192 with a failed trial”. */
    String withFailures(Candidate way) {
        var price = money(way.price());
        var all = money(way.cost());
        return all.equals(price) ? price : "%s, %s with a failed trial".formatted(price, all);
    }

    String money(double amount) {
        return "%s%.0f".formatted(sign, amount);
    }

    private static String number(double hours) {
        return Words.hours(hours).replace(" h", "");
    }
}
