package welumen.stores;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import welumen.finish.coat.CoatStep;
import welumen.finish.coat.CoatStep.Kind;
import welumen.finish.underway.Coating;

/** Counts what is still to be laid on surfaces under way, by what it is: grams on a square metre × its area, coat by coat. */
final class CoatGrams {
    private static final Map<Kind, String> WORDS = new EnumMap<>(
            Map.of(Kind.FILL, "filler", Kind.PRIME, "primer", Kind.COLOUR, "colour", Kind.CLEAR, "lacquer"));

    private CoatGrams() {}

    static List<Need> needs(List<Coating> open) {
        var needs = new ArrayList<Need>();
        WORDS.forEach((kind, word) -> {
            var working = open.stream()
                    .filter(coating -> grams(coating, kind) > 0)
                    .map(coating -> line(coating, kind))
                    .toList();
            var grams =
                    open.stream().mapToDouble(coating -> grams(coating, kind)).sum();
            if (grams > 0) needs.add(new Need(word, Math.ceil(grams), Need.Unit.GRAM, false, working));
        });
        return needs;
    }

    private static double grams(Coating coating, Kind kind) {
        return coating.left().stream()
                        .filter(step -> step.kind() == kind)
                        .mapToDouble(CoatStep::grams)
                        .sum()
                * coating.squareMetres();
    }

    private static String line(Coating coating, Kind kind) {
        var coats = coating.left().stream().filter(step -> step.kind() == kind).count();
        return String.format(
                Locale.UK,
                "%s: %d %s on %.2f m², %.0f g",
                coating.what(),
                coats,
                coats == 1 ? "coat" : "coats",
                coating.squareMetres(),
                grams(coating, kind));
    }
}
