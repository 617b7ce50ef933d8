package welumen.desktop.cut;

import java.util.Optional;
import javafx.scene.shape.Rectangle;
import welumen.cut.forecast.Forecast;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Words;

/** For each number of hides the share of deliveries in which it is enough, and between which two shares that lies. */
final class ForecastFelt extends FeltPane {
    private static final double SIDE = 46;
    private static final double TOP = 34;
    private static final double FOOT = 44;
    private static final double WIDEST = 92;
    private static final int AROUND = 2;

    private Optional<Forecast> shown = Optional.empty();

    ForecastFelt() {
        super("forecast-felt", "How sure so many hides are enough; the words above say which to order");
    }

    void show(Optional<Forecast> forecast) {
        shown = forecast;
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            word("Press Forecast: the very pieces are laid out on deliveries that may come.", 24, 20, "faint");
            return;
        }
        var forecast = shown.get();
        var best = forecast.recommended();
        var first = Math.max(1, best - AROUND);
        var last = best + AROUND;
        var high = getHeight() - TOP - FOOT;
        var step = (getWidth() - 2 * SIDE) / (last - first + 1);
        line(SIDE, TOP, getWidth() - SIDE, TOP, "axis");
        line(SIDE, TOP + high, getWidth() - SIDE, TOP + high, "axis");
        word("all", 14, TOP - 10, "faint");
        for (var hides = first; hides <= last; hides++) {
            var share = forecast.enough(hides);
            var middle = SIDE + (hides - first + 0.5) * step;
            var wide = Math.min(WIDEST, step * 0.6);
            var bar = new Rectangle(middle - wide / 2, TOP + high * (1 - share.likely()), wide, high * share.likely());
            bar.getStyleClass().add(hides == best ? "forecast-best" : "forecast-bar");
            getChildren().add(bar);
            line(middle, TOP + high * (1 - share.high()), middle, TOP + high * (1 - share.low()), "forecast-range");
            word(
                    Words.percent(share.likely()),
                    middle + wide / 2 + 5,
                    Math.clamp(TOP + high * (1 - share.likely()) - 10, TOP, TOP + high - 22));
            word(Words.many(hides, "hide"), middle - 22, TOP + high + 8);
        }
    }
}
