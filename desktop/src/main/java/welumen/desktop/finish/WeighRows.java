package welumen.desktop.finish;

import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import welumen.colour.mix.Mix;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.yard.BaseTint;

/**
 * What is weighed of each tint, in grams and drops, and what of it is not on the shelf.
 *
 * @param isPutRight whether something is in the pot already, so that only what is added is weighed
 */
record WeighRows(List<BaseTint> tints, Mix mix, boolean isPutRight) {
    List<Node> all() {
        return mix.grams().entrySet().stream()
                .map(one -> row(one.getKey(), one.getValue()))
                .toList();
    }

    private Node row(String tint, double grams) {
        var weighed = isPutRight ? mix.add().getOrDefault(tint, 0.0) : grams;
        var missing = shortOf(tint, weighed);
        var row = Nodes.row(
                10,
                Nodes.grown(
                        Nodes.label(Words.capital(tint) + missing, missing.isEmpty() ? Styles.STRONG : Styles.DANGER)),
                Nodes.whole(words(tint, grams, weighed), Styles.MEASURE));
        row.getStyleClass().add(Styles.CARD);
        return row;
    }

    private String words(String tint, double grams, double weighed) {
        if (!isPutRight) return String.format(Locale.UK, "%.1f g%s", grams, drops(tint, weighed));
        return weighed == 0
                ? String.format(Locale.UK, "%.1f g, nothing more", grams)
                : String.format(Locale.UK, "add %.1f g%s: %.1f g then", weighed, drops(tint, weighed), grams);
    }

    private String drops(String tint, double grams) {
        return tints.stream()
                .filter(one -> one.name().equals(tint) && one.gramsPerDrop() > 0)
                .findFirst()
                .map(one -> String.format(Locale.UK, ", %,d drops", Math.round(grams / one.gramsPerDrop())))
                .orElse("");
    }

    private String shortOf(String name, double grams) {
        return tints.stream()
                .filter(tint -> tint.name().equals(name))
                .mapToDouble(tint -> tint.isShortBy(grams))
                .filter(missing -> missing > 0)
                .mapToObj(missing -> String.format(Locale.UK, "; %.0f g more than is left", missing))
                .findFirst()
                .orElse("");
    }
}
