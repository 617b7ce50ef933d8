package welumen.desktop.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import welumen.cut.CutPlan.Unplaced;
import welumen.cut.table.EffectOfChange;
import welumen.cut.table.Wasted;
import welumen.desktop.look.Words;

/** What a change of the pattern does at the table, in words. */
final class EffectWords {
    private static final int NAMED = 4;

    private EffectWords() {}

    static String of(EffectOfChange effect) {
        var sentences = new ArrayList<String>();
        if (!effect.wasted().isEmpty())
            sentences.add("Cut already, and drawn otherwise since: %s; %s, about %.0f of what their stock cost."
                    .formatted(
                            named(effect.wasted().stream().map(Wasted::piece).toList()),
                            Words.squareMetres(Wasted.area(effect.wasted())),
                            Wasted.cost(effect.wasted())));
        var left = effect.after().plan().unplaced();
        if (!effect.again().isEmpty())
            sentences.add("%s %s to be laid anew%s."
                    .formatted(
                            Words.capital(named(effect.again())),
                            effect.again().size() == 1 ? "has" : "have",
                            left.isEmpty() ? "; " + opened(effect) : ""));
        if (!left.isEmpty())
            sentences.add("No room is left for %s: another has to be bought."
                    .formatted(
                            named(left.stream().map(Unplaced::piece).distinct().toList())));
        return String.join(" ", sentences);
    }

    private static String opened(EffectOfChange effect) {
        var opens = effect.opened().isEmpty()
                ? "there is room on what is open"
                : "%s has to be opened for it".formatted(PlanSaid.counted(effect.opened()));
        return Math.abs(effect.cost()) < 0.5
                ? opens
                : "%s, about %.0f %s".formatted(opens, Math.abs(effect.cost()), effect.cost() > 0 ? "more" : "less");
    }

    private static String named(List<String> pieces) {
        return pieces.size() <= NAMED
                ? pieces.stream().collect(Collectors.joining(", ")).replace('-', ' ')
                : Words.many(pieces.size(), "piece");
    }
}
