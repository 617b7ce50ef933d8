package welumen.finish.coat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import welumen.clock.Cure;
import welumen.finish.coat.CoatStep.Kind;
import welumen.yard.Products;
import welumen.yard.Tin;

/**
 * The coats of a surface as a row of steps, by the times of the products on the shelf.
 *
 * @param colours coats of colour, at least one
 * @param clears coats of clear over them, nought or more
 */
public record CoatSystem(Ground ground, Binder binder, Binder under, boolean isBare, int colours, int clears) {
    private static final int FLAT_BACK = 800;
    private static final Duration SILICONE = Duration.ofMinutes(20);

    /** @throws IllegalArgumentException if no coat is laid */
    public CoatSystem {
        if (colours < 1 || clears < 0 || colours > 12 || clears > 12)
            throw new IllegalArgumentException("[%d] coats of colour and [%d] of clear.".formatted(colours, clears));
    }

    /** What speaks against it, each a sentence; with any of them it is not begun. */
    public List<String> refused() {
        var all = new ArrayList<String>();
        if (ground.bends() && !binder.isFlexible())
            all.add("%s bends, and %s does not bend with it: take a flexible system."
                    .formatted(capital(ground.word()), binder.word()));
        if (!isBare)
            binder.against(under)
                    .ifPresent(why -> all.add(
                            "%s does not go over %s: %s.".formatted(capital(binder.word()), under.word(), why)));
        return all;
    }

    /** First to last. The first and the last coat are the lightest. */
    public List<CoatStep> steps(Products products) {
        var steps = new ArrayList<CoatStep>();
        steps.add(CoatStep.of(
                Kind.WASH,
                "wash it, and let it dry",
                products.of(Tin.Use.CLEANER).touch()));
        steps.add(CoatStep.of(
                Kind.DEGREASE, "take off silicone and grease, twice, with a clean cloth each time", SILICONE));
        steps.add(CoatStep.key("key it", ground.grit()));
        if (isBare || ground == Ground.METAL) {
            var primer = products.of(Tin.Use.PRIMER);
            steps.add(CoatStep.of(Kind.PRIME, ground.bends() ? "prime it with what bends" : "prime it", primer.touch())
                    .laid(CoatWeight.PRIMER));
            steps.add(CoatStep.key("flat it back", FLAT_BACK));
        }
        steps.add(CoatStep.look("look along it under raking light: dents and scratches are mended now"));
        coats(steps, Kind.COLOUR, "colour", colours, products.of(Tin.Use.COLOUR));
        if (clears > 0) coats(steps, Kind.CLEAR, "clear", clears, products.of(Tin.Use.LACQUER));
        var last = clears > 0 ? Tin.Use.LACQUER : Tin.Use.COLOUR;
        steps.add(CoatStep.of(Kind.CURE, "let it cure", products.of(last).handle()));
        steps.add(CoatStep.trial("rub it, bend it, wet it, lay a hand on it"));
        return List.copyOf(steps);
    }

    private static void coats(List<CoatStep> steps, Kind kind, String word, int count, Cure cure) {
        for (var coat = 1; coat <= count; coat++) {
            var weight = CoatWeight.isLight(coat, count) ? "light " : "";
            steps.add(CoatStep.of(kind, "%scoat %d of %d of %s".formatted(weight, coat, count, word), cure.flash())
                    .within(cure.recoatUntil())
                    .laid(CoatWeight.of(coat, count)));
            if (coat == 1 && kind == Kind.COLOUR)
                steps.add(CoatStep.look("look again under raking light: dust and runs are mended while they can be"));
        }
    }

    /** How long it takes by the clock on the wall, the work itself not counted. */
    public Duration waits(Products products) {
        return steps(products).stream().map(CoatStep::waits).reduce(Duration.ZERO, Duration::plus);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
