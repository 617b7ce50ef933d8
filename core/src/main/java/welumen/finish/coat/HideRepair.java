package welumen.finish.coat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.finish.coat.CoatStep.Kind;
import welumen.yard.Products;
import welumen.yard.Tin;

/**
 * Leather or vinyl mended and coloured, step by step. Near an airbag, a belt or a seam that has to open nothing is filled, sewn or
 * coated before somebody qualified has answered.
 *
 * @param deepestMm how deep its deepest flaw goes; nought where only its colour is gone
 * @param guarded why nobody may touch it; empty where that is not so
 * @param failed what went wrong the last time; empty the first time
 */
public record HideRepair(Ground ground, double deepestMm, Optional<String> guarded, Optional<Cause> failed) {
    /** Below it a flaw is sanded, not filled. */
    private static final double FILLED_MM = 0.3;

    /** What one layer of filler fills. */
    private static final double LAYER_MM = 0.5;

    private static final int MOST_LAYERS = 6;
    private static final int SANDED = 400;
    private static final int SMOOTHED = 1000;
    private static final int COLOURS = 4;

    public HideRepair {
        if (!(deepestMm >= 0 && deepestMm < 20))
            throw new IllegalArgumentException("[%s mm] is no depth of a flaw in a hide.".formatted(deepestMm));
    }

    /** What is said where nobody may touch it yet, whatever is laid on it. */
    public static String guardedWords(String why) {
        return "Nothing is filled, sewn or coated here before somebody qualified has answered: %s.".formatted(why);
    }

    /** How many layers of filler; nought where it is too shallow to be filled. */
    public int layers() {
        return deepestMm < FILLED_MM ? 0 : (int) Math.ceil(deepestMm / LAYER_MM - 1e-9);
    }

    /** Deeper than filler holds: a panel is let in. */
    public boolean isTooDeep() {
        return layers() > MOST_LAYERS;
    }

    /** First to last, from where one goes back to; none where nobody may touch it, or it is too deep to be filled. */
    public List<CoatStep> steps(Products products) {
        if (guarded.isPresent() || isTooDeep()) return List.of();
        var steps = whole(products);
        return failed.map(cause -> steps.subList(cause.backTo(steps), steps.size()))
                .orElse(steps);
    }

    private List<CoatStep> whole(Products products) {
        var steps = new ArrayList<CoatStep>();
        steps.add(CoatStep.of(
                Kind.WASH,
                "wash it, and let it dry",
                products.of(Tin.Use.CLEANER).touch()));
        steps.add(CoatStep.of(
                Kind.DEGREASE,
                "strip the old dressing and the loose colour",
                products.of(Tin.Use.CLEANER).flash()));
        steps.add(CoatStep.of(
                Kind.CURE,
                "lay all of it on a hidden face, and let it dry",
                products.of(Tin.Use.COLOUR).touch()));
        steps.add(CoatStep.trial("rub and wet that hidden face"));
        for (var layer = 1; layer <= layers(); layer++)
            steps.add(CoatStep.of(
                            Kind.FILL,
                            "fill what is deep, thin layer %d of %d".formatted(layer, layers()),
                            products.of(Tin.Use.FILLER).flash())
                    .laid(CoatWeight.FILLER));
        steps.add(CoatStep.key(layers() > 0 ? "sand the filler level" : "sand the edges of the cracks", SANDED));
        steps.add(CoatStep.key("smooth all of it", SMOOTHED));
        steps.add(CoatStep.look("look and feel under raking light"));
        steps.add(CoatStep.of(Kind.MASK, "mask, or take off, what stays as it is", Duration.ZERO));
        for (var coat = 1; coat <= COLOURS; coat++)
            steps.add(CoatStep.of(
                            Kind.COLOUR,
                            "%scoat %d of %d of colour"
                                    .formatted(CoatWeight.isLight(coat, COLOURS) ? "light " : "", coat, COLOURS),
                            products.of(Tin.Use.COLOUR).flash())
                    .within(products.of(Tin.Use.COLOUR).recoatUntil())
                    .laid(CoatWeight.of(coat, COLOURS)));
        steps.add(CoatStep.of(
                        Kind.CLEAR,
                        "light coat of clear",
                        products.of(Tin.Use.LACQUER).flash())
                .laid(CoatWeight.of(1, 1)));
        steps.add(CoatStep.of(
                Kind.CURE, "let it cure", products.of(Tin.Use.LACQUER).handle()));
        steps.add(CoatStep.trial("rub it, bend it, wet it: then it is sat on"));
        return steps;
    }
}
