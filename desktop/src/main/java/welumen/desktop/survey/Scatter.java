package welumen.desktop.survey;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.measure.Finish;
import welumen.treatment.Advice;
import welumen.treatment.Candidate;

/** The ways to go with a part by what they cost and how good they leave it, with the edge that none beats. */
final class Scatter extends FeltPane {
    private static final double LEFT = 46;
    private static final double BOTTOM = 40;
    private static final double TOP = 22;
    private static final double RIGHT = 34;

    private List<Candidate> ways = List.of();
    private Finish wanted = Finish.BEST;
    private AdviceWords words = new AdviceWords("");

    Scatter() {
        super("scatter", "Cost against finish; the list beside it says the same in words");
    }

    /** @param newWays in the order of their numbers */
    void show(List<Candidate> newWays, Finish newWanted, AdviceWords newWords) {
        ways = List.copyOf(newWays);
        wanted = newWanted;
        words = newWords;
        redraw();
    }

    @Override
    protected void draw() {
        if (ways.isEmpty()) return;
        var most = ways.stream().mapToDouble(Candidate::cost).max().orElse(1) * 1.05;
        for (var level = 0; level <= 4; level++) {
            var at = y(level);
            line(LEFT, at, getWidth() - RIGHT, at, level == 0 ? "axis" : "grid");
            word(new Finish(level).said(), LEFT - 22, at - 9);
        }
        line(LEFT, y(wanted.level()), getWidth() - RIGHT, y(wanted.level()), "wanted-line");
        word(words.money(0), LEFT - 6, getHeight() - BOTTOM + 6);
        word(words.money(most), getWidth() - RIGHT - 34, getHeight() - BOTTOM + 6);
        word("cost", (getWidth() + LEFT) / 2 - 20, getHeight() - BOTTOM + 14);
        edge(most);
        for (var i = 0; i < ways.size(); i++) dot(ways.get(i), i + 1, most);
    }

    private void edge(double most) {
        var edge = new Polyline();
        var before = Double.NaN;
        for (var way : Advice.efficientEdge(ways)) {
            if (!Double.isNaN(before)) edge.getPoints().addAll(x(way.cost(), most), before);
            before = y(way.finish().level());
            edge.getPoints().addAll(x(way.cost(), most), before);
        }
        edge.getStyleClass().add("edge-line");
        getChildren().add(edge);
    }

    private void dot(Candidate way, int number, double most) {
        var x = x(way.cost(), most);
        var y = y(way.finish().level());
        var dot = new Circle(x, y, number == 1 ? 12 : 10);
        dot.getStyleClass().add(number == 1 ? "dot-first" : "dot");
        Label label = Nodes.whole(Integer.toString(number), number == 1 ? "dot-word-first" : "dot-word");
        label.relocate(x - (number > 9 ? 7 : 4), y - 9);
        getChildren().addAll(dot, label);
    }

    private double x(double cost, double most) {
        return LEFT + 12 + (getWidth() - LEFT - RIGHT - 12) * cost / most;
    }

    private double y(double level) {
        return getHeight() - BOTTOM - (getHeight() - BOTTOM - TOP) * level / 4;
    }
}
