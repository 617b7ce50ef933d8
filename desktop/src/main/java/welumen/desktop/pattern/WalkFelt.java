package welumen.desktop.pattern;

import java.util.Optional;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.FeltPane;
import welumen.measure.Lengths;
import welumen.pattern.seam.Divergence;

/** How two edges part along a seam: off to the longer side above, to the shorter below, the band is what may be. */
final class WalkFelt extends FeltPane {
    private static final double MARGIN = 34;

    private Optional<Divergence> shown = Optional.empty();

    WalkFelt() {
        super("walk-felt", "How two edges part along their seam; the words above say where it is worst");
        setMinHeight(130);
        setPrefHeight(150);
    }

    void show(Optional<Divergence> divergence) {
        shown = divergence;
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            word("Take a seam from the list: its walk is drawn here.", MARGIN, MARGIN - 12, "faint");
            return;
        }
        var places = shown.get().places();
        var length = places.getLast().atMm();
        var tolerance = shown.get().stretches().stream()
                .mapToDouble(Divergence.Stretch::toleranceMm)
                .max()
                .orElse(2);
        var most = Math.max(
                1.5 * tolerance,
                places.stream()
                                .mapToDouble(place -> Math.abs(place.offMm()))
                                .max()
                                .orElse(0)
                        * 1.15);
        var wide = getWidth() - 2 * MARGIN;
        var middle = getHeight() / 2;
        var scale = (getHeight() / 2 - 26) / most;
        var band = new Rectangle(MARGIN, middle - tolerance * scale, wide, 2 * tolerance * scale);
        band.getStyleClass().add("walk-band");
        getChildren().add(band);
        line(MARGIN, middle, MARGIN + wide, middle, "axis");
        for (var i = 1; i < places.size(); i++) {
            var from = places.get(i - 1);
            var to = places.get(i);
            var curve = new Polyline(
                    MARGIN + from.atMm() / length * wide,
                    middle - from.offMm() * scale,
                    MARGIN + to.atMm() / length * wide,
                    middle - to.offMm() * scale);
            curve.getStyleClass().add("walk-curve");
            if (!shown.get().stretches().get(i - 1).walks())
                curve.getStyleClass().add("off");
            getChildren().add(curve);
            word(
                    "%+.1f at %.0f".formatted(to.offMm(), to.atMm()),
                    Math.min(MARGIN + to.atMm() / length * wide + 4, getWidth() - 92),
                    middle - to.offMm() * scale - 20);
        }
        foot("band: %s may be".formatted(Lengths.said(tolerance)));
    }
}
