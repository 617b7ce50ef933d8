package welumen.desktop.survey;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.measure.Lengths;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;
import welumen.treatment.fit.LaidOver;
import welumen.treatment.fit.Needed;

/**
 * How a bought part lies: each measured place as a bar, up for over, down for short, with what a lap hides; or, where
 * outlines are laid over each other, the bought one over the needed one.
 */
final class FitFelt extends FeltPane {
    private static final double MARGIN = 34;
    private static final double SMALLEST_MM = 8;

    private List<Station> stations = List.of();
    private Optional<Needed> needed = Optional.empty();
    private Optional<LaidOver> laid = Optional.empty();
    private Optional<Chalk> chalk = Optional.empty();
    private Optional<Point> from = Optional.empty();
    private IntConsumer onEdge = _ -> {};
    private Consumer<Outline> onKeepOut = _ -> {};

    FitFelt() {
        super("fit", "Over and short at each place; the list beside it says the same in words");
        setOnMousePressed(mouse -> from = place(mouse));
        setOnMouseReleased(mouse -> {
            if (from.isPresent() && place(mouse).isPresent())
                drawn(from.get(), place(mouse).get());
            from = Optional.empty();
        });
    }

    /** @param onEdge told the edge at which the pen was set down; @param onKeepOut told what was drawn */
    void onPen(IntConsumer newOnEdge, Consumer<Outline> newOnKeepOut) {
        onEdge = newOnEdge;
        onKeepOut = newOnKeepOut;
    }

    private Optional<Point> place(MouseEvent mouse) {
        return chalk.map(one -> one.at(mouse.getX(), mouse.getY()));
    }

    /** A touch picks the edge beneath, a stroke from corner to corner draws what must stay free. */
    private void drawn(Point start, Point end) {
        if (needed.isEmpty()) return;
        var wide = Math.abs(end.x() - start.x());
        var high = Math.abs(end.y() - start.y());
        if (wide < SMALLEST_MM || high < SMALLEST_MM) onEdge.accept(needed.get().edgeNear(end));
        else onKeepOut.accept(Box.of(List.of(start, end)).outline());
    }

    void show(List<Station> newStations) {
        stations = List.copyOf(newStations);
        needed = Optional.empty();
        laid = Optional.empty();
        redraw();
    }

    void show(Needed newNeeded, LaidOver newLaid) {
        needed = Optional.of(newNeeded);
        laid = Optional.of(newLaid);
        redraw();
    }

    @Override
    protected void draw() {
        if (needed.isPresent() && laid.isPresent()) overlay(needed.get(), laid.get());
        else if (!stations.isEmpty()) bars();
        else word("Type a measure a line, and it is drawn here.", MARGIN, MARGIN, "faint");
    }

    private void overlay(Needed place, LaidOver over) {
        var outline = place.outline();
        var keepOuts = place.keepOuts();
        var box = outline.box().with(over.bought().box());
        var drawn = Chalk.fitting(box, MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 34);
        chalk = Optional.of(drawn);
        getChildren().addAll(drawn.draw(outline, "chalk-fill"), drawn.draw(over.bought(), "mark-area"));
        for (var i = 0; i < keepOuts.size(); i++)
            getChildren()
                    .add(drawn.draw(keepOuts.get(i), over.entered().contains(i) ? "keep-out-entered" : "keep-out"));
        place.coveredMm().forEach((edge, mm) -> lap(drawn, outline, edge, mm));
        for (var i = 0; i < over.stations().size(); i++) {
            var station = over.stations().get(i);
            if (station.verdict() != Verdict.SHORT && station.verdict() != Verdict.HIDDEN) continue;
            var at = over.places().get(i);
            var dot = new Circle(drawn.x(at.x()), drawn.y(at.y()), station.verdict() == Verdict.SHORT ? 6 : 4);
            dot.getStyleClass().add(station.verdict() == Verdict.SHORT ? "fit-short" : "dot");
            getChildren().add(dot);
        }
        word("chalk: where it must reach · dashed: the bought one", 18, getHeight() - 46, "faint");
        foot("tap an edge: its lap · drag: what must stay free");
    }

    private void lap(Chalk drawn, Outline outline, int edge, double mm) {
        var corners = outline.corners();
        var a = corners.get(edge);
        var b = corners.get((edge + 1) % corners.size());
        var lap = new Line(drawn.x(a.x()), drawn.y(a.y()), drawn.x(b.x()), drawn.y(b.y()));
        lap.setStrokeWidth(Math.max(4, mm * drawn.scale()));
        lap.getStyleClass().add("fit-lap");
        getChildren().add(lap);
        word(
                "%s lapped".formatted(Lengths.near(mm)),
                (lap.getStartX() + lap.getEndX()) / 2 - 40,
                (lap.getStartY() + lap.getEndY()) / 2 - 10,
                "chalk-word");
    }

    private void bars() {
        var most = stations.stream()
                .mapToDouble(one -> Math.max(Math.abs(one.overMm()), one.coveredMm()))
                .max()
                .orElse(1);
        var zero = getHeight() / 2 - 8;
        var scale = (zero - MARGIN) / Math.max(1, most);
        var step = (getWidth() - 2 * MARGIN) / stations.size();
        line(MARGIN, zero, getWidth() - MARGIN, zero, "axis");
        for (var i = 0; i < stations.size(); i++) {
            var station = stations.get(i);
            var x = MARGIN + step * i + step * 0.2;
            if (station.coveredMm() > 0) {
                var cover = new Rectangle(x, zero, step * 0.6, station.coveredMm() * scale);
                cover.getStyleClass().add("fit-cover");
                getChildren().add(cover);
            }
            var tall = Math.abs(station.overMm()) * scale;
            var bar = new Rectangle(
                    x + step * 0.12, station.overMm() < 0 ? zero : zero - tall, step * 0.36, Math.max(2, tall));
            bar.getStyleClass().add(station.verdict() == Verdict.SHORT ? "fit-short" : "fit-bar");
            getChildren().add(bar);
            var words = Nodes.label("%s\n%+.0f".formatted(station.where(), station.overMm()), "chalk-word");
            words.setMaxWidth(step * 0.95);
            words.setPrefWidth(step * 0.95);
            words.relocate(MARGIN + step * i + 2, station.overMm() < 0 ? zero - 40 : zero - tall - 40);
            getChildren().add(words);
        }
        foot("up: over, can be trimmed · down: short · pale: what a lap hides");
    }
}
