package welumen.desktop.survey;

import java.util.List;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import welumen.desktop.look.FeltPane;
import welumen.treatment.whole.TradeCurve.Point;

/** What each budget buys: how many parts are as wanted, against money, with the budget that is agreed or tried. */
final class TradeFelt extends FeltPane {
    private static final double LEFT = 26;
    private static final double BOTTOM = 42;
    private static final double TOP = 34;
    private static final double RIGHT = 40;

    private List<Point> points = List.of();
    private double budget;
    private AdviceWords words = new AdviceWords("");

    TradeFelt() {
        super("trade", "What each budget buys; the sentence beneath says the same");
    }

    void show(List<Point> newPoints, double newBudget, AdviceWords newWords) {
        points = List.copyOf(newPoints);
        budget = newBudget;
        words = newWords;
        redraw();
    }

    @Override
    protected void draw() {
        word("What each budget buys", LEFT, 8);
        if (points.size() < 2) return;
        var most = Math.max(
                        points.getLast().budget(),
                        Math.min(budget, 1.3 * points.getLast().budget()))
                * 1.05;
        var base = getHeight() - BOTTOM;
        line(LEFT, base, getWidth() - RIGHT, base, "axis");
        var all = points.getFirst().plan().chosen().size();
        line(LEFT, TOP + 16, getWidth() - RIGHT, TOP + 16, "grid");
        word("all %d as wanted".formatted(all), LEFT, TOP - 4);
        var curve = new Polyline();
        for (var point : points) {
            var x = x(point.budget(), most);
            var y = base - (base - TOP - 16) * point.plan().asWanted() / Math.max(1, all);
            if (!curve.getPoints().isEmpty())
                curve.getPoints().addAll(x, curve.getPoints().getLast());
            curve.getPoints().addAll(x, y);
            var dot = new Circle(x, y, 5);
            dot.getStyleClass().add("dot");
            getChildren().add(dot);
        }
        curve.getStyleClass().add("edge-line");
        getChildren().addFirst(curve);
        if (budget < most) {
            line(x(budget, most), TOP, x(budget, most), base, "wanted-line");
            word(words.money(budget), Math.min(x(budget, most) + 4, getWidth() - 70), TOP - 4);
        }
        word(words.money(0), LEFT, base + 6);
        word(words.money(most), getWidth() - RIGHT - 36, base + 6);
    }

    private double x(double money, double most) {
        return LEFT + (getWidth() - LEFT - RIGHT) * money / most;
    }
}
