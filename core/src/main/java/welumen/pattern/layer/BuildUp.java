package welumen.pattern.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Layers one over the other, each with the share by which it is crushed where it lies.
 *
 * @param layers from below
 */
public record BuildUp(List<Layer> layers) {
    /** Difference in mm that is cut to fit in any case. */
    private static final double SAME_MM = 5;

    private static final Pattern LAYER =
            Pattern.compile("(?<mm>.+?)(?:\\s+crushed(?:\\s+by)?\\s+(?<share>\\d{1,2})\\s*%)?");

    /** @param crushed from 0 to under 1 */
    public record Layer(double mm, double crushed) {
        public double laidMm() {
            return mm * (1 - crushed);
        }
    }

    public BuildUp {
        layers = List.copyOf(layers);
    }

    /** Reads {@code 2 + 16 crushed 30 %}, or {@code 0} for none; lengths as {@link Length} reads them. */
    public static Parsed<BuildUp> read(String typed) {
        if (typed.strip().equals("0")) return new Understood<>(new BuildUp(List.of()));
        var layers = new ArrayList<Layer>();
        for (var text : typed.split("\\+")) {
            var layer = LAYER.matcher(text.strip());
            if (!layer.matches())
                return new Refused<>("“%s” is no layer. Type them as 2 + 16 crushed 30 %%.".formatted(text.strip()));
            switch (Length.parse(layer.group("mm"))) {
                case Refused<Length>(var why) -> {
                    return new Refused<>(why);
                }
                case Understood<Length>(var length) ->
                    layers.add(new Layer(
                            length.mm(),
                            layer.group("share") == null ? 0 : Integer.parseInt(layer.group("share")) / 100.0));
            }
        }
        return new Understood<>(new BuildUp(layers));
    }

    /** As one would type it; reads back as the same. */
    public String text() {
        if (layers.isEmpty()) return "0";
        return layers.stream()
                .map(layer -> Lengths.field(layer.mm())
                        + (layer.crushed() == 0 ? "" : " crushed %d %%".formatted(Math.round(100 * layer.crushed()))))
                .collect(Collectors.joining(" + "));
    }

    public double laidMm() {
        return layers.stream().mapToDouble(Layer::laidMm).sum();
    }

    /** By how much it stands higher than another, or lower below nought; in mm. */
    public double thickerMm(BuildUp before) {
        return laidMm() - before.laidMm();
    }

    /** By how much a covering over this one is cut longer than over another, or shorter below nought; in mm. */
    public double longerMm(BuildUp before, List<Bend> way) {
        return Bend.growthMm(way, thickerMm(before));
    }

    /** Whether the covering from before is still a pattern for one over this. */
    public boolean isNear(BuildUp before, List<Bend> way) {
        return Math.abs(longerMm(before, way)) <= SAME_MM;
    }
}
