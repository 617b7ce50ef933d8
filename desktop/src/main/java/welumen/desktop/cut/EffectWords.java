package welumen.desktop.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import welumen.cut.CutPiece;
import welumen.cut.stock.Stock;
import welumen.cut.table.EffectOfChange;
import welumen.cut.table.Wasted;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;

/** What a change of the pattern does at the table, in words. */
final class EffectWords {
    private static final int NAMED = 4;

    private EffectWords() {}

    static String of(EffectOfChange effect, JobModel model) {
        var sentences = new ArrayList<String>();
        if (!effect.wasted().isEmpty())
            sentences.add("Cut already, and drawn otherwise since: %s; %s, about %s%.0f of what their stock cost."
                    .formatted(
                            named(effect.wasted().stream().map(Wasted::piece).toList()),
                            Words.squareMetres(Wasted.area(effect.wasted())),
                            model.currencySign(),
                            Wasted.cost(effect.wasted())));
        var withoutRoom = effect.withoutRoom();
        if (!effect.again().isEmpty())
            sentences.add("%s %s to be laid anew%s."
                    .formatted(
                            Words.capital(named(effect.again())),
                            effect.again().size() == 1 ? "has" : "have",
                            withoutRoom.isEmpty() ? "; " + opened(effect, model.currencySign()) : ""));
        withoutRoom.forEach((material, pieces) -> sentences.add("No room is left for %s: %s."
                .formatted(
                        named(pieces.stream().map(CutPiece::id).distinct().toList()),
                        bought(model, material, pieces, effect))));
        return String.join(" ", sentences);
    }

    private static String bought(JobModel model, String material, List<CutPiece> copies, EffectOfChange effect) {
        var isLeather = effect.after().problem().of(material).stock().stream().anyMatch(Stock.Hide.class::isInstance);
        return LeatherSupply.of(model, material)
                .filter(_ -> isLeather)
                .map(supply -> ReserveSaid.order(supply, supply.byArea(copies).hides()))
                .orElse("more of it has to be bought");
    }

    private static String opened(EffectOfChange effect, String sign) {
        var opens = effect.opened().isEmpty()
                ? "there is room on what is open"
                : "%s has to be opened for it".formatted(PlanSaid.counted(effect.opened()));
        return Math.abs(effect.cost()) < 0.5
                ? opens
                : "%s, about %s%.0f %s"
                        .formatted(opens, sign, Math.abs(effect.cost()), effect.cost() > 0 ? "more" : "less");
    }

    private static String named(List<String> pieces) {
        return pieces.size() <= NAMED
                ? pieces.stream().collect(Collectors.joining(", ")).replace('-', ' ')
                : Words.many(pieces.size(), "piece");
    }
}
