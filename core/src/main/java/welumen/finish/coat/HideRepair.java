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
public record HideRepair(Ground ground, double deepestMm, Optional<String> guarded, Optional<Failed> failed) {
    /** Below it a flaw is sanded, not filled. */
    private static final double FILLED_MM = 0.3;

    /** What one layer of filler fills. */
    private static final double LAYER_MM = 0.5;

    private static final int MOST_LAYERS = 6;
    private static final int SANDED = 400;
    private static final int SMOOTHED = 1000;
    private static final int COLOURS = 4;

    /** What goes wrong, where one goes back to, and the days that it costs. */
    public enum Failed {
        SILICONE("silicone", "it does not hold, or crawls", Kind.DEGREASE, 2),
        TOO_THICK("too thick", "it cracks where it bends", Kind.KEY, 2),
        TOO_SOON("too soon", "it was rubbed or bent before it had cured", Kind.COLOUR, 1),
        WRONG_COLOUR("wrong colour", "it was judged wet, or alone", Kind.COLOUR, 1);

        private final String word;
        private final String shows;
        private final Kind back;
        private final int days;

        Failed(String word, String shows, Kind back, int days) {
            this.word = word;
            this.shows = shows;
            this.back = back;
            this.days = days;
        }

        public String word() {
            return word;
        }

        /** How it shows. */
        public String shows() {
            return shows;
        }

        /** Days that going back costs, as a rule. */
        public int days() {
            return days;
        }
    }

    public HideRepair {
        if (!(deepestMm >= 0 && deepestMm < 20))
            throw new IllegalArgumentException("[%s mm] is no depth of a flaw in a hide.".formatted(deepestMm));
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
        var from = failed.map(cause -> cause.back)
                .flatMap(back ->
                        steps.stream().filter(step -> step.kind() == back).findFirst());
        return from.map(step -> steps.subList(steps.indexOf(step), steps.size()))
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
                Kind.TRY,
                "try all of it on a hidden face first",
                products.of(Tin.Use.COLOUR).touch()));
        for (var layer = 1; layer <= layers(); layer++)
            steps.add(CoatStep.of(
                    Kind.FILL,
                    "fill what is deep, thin layer %d of %d".formatted(layer, layers()),
                    products.of(Tin.Use.FILLER).flash()));
        steps.add(new CoatStep(
                Kind.KEY,
                layers() > 0 ? "sand the filler level" : "sand the edges of the cracks",
                SANDED,
                Duration.ZERO,
                false));
        steps.add(new CoatStep(Kind.KEY, "smooth all of it", SMOOTHED, Duration.ZERO, false));
        steps.add(CoatStep.look("look and feel under raking light"));
        steps.add(CoatStep.of(Kind.MASK, "mask, or take off, what stays as it is", Duration.ZERO));
        for (var coat = 1; coat <= COLOURS; coat++)
            steps.add(CoatStep.of(
                    Kind.COLOUR,
                    "%scoat %d of %d of colour".formatted(coat == 1 || coat == COLOURS ? "light " : "", coat, COLOURS),
                    products.of(Tin.Use.COLOUR).flash()));
        steps.add(CoatStep.of(
                Kind.CLEAR, "light coat of clear", products.of(Tin.Use.LACQUER).flash()));
        steps.add(CoatStep.of(
                Kind.CURE, "let it cure", products.of(Tin.Use.LACQUER).handle()));
        steps.add(new CoatStep(Kind.TRY, "rub it, bend it, wet it: then it is sat on", 0, Duration.ZERO, true));
        return steps;
    }
}
