package welumen.desktop.survey;

import java.util.List;
import java.util.Optional;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.shape.Outline;
import welumen.survey.Station;
import welumen.survey.Station.Verdict;
import welumen.treatment.fit.LaidOver;

/**
 * How a bought part lies: each measured place as a bar, up for over, down for short, with what a lap hides; or, where
 * outlines are laid over each other, the bought one over the needed one.
 */
final class FitFelt extends FeltPane {
    private static final double MARGIN = 34;

    private List<Outline> keepOuts = List.of();
    private List<Station> stations = List.of();
    private Optional<Outline> needed = Optional.empty();
    private Optional<LaidOver> laid = Optional.empty();

    FitFelt() {
        super("fit", "Over and short at each place; the list beside it says the same in words");
    }

    void show(List<Station> newStations) {
        stations = List.copyOf(newStations);
        needed = Optional.empty();
        laid = Optional.empty();
        redraw();
    }

    void show(Outline newNeeded, List<Outline> newKeepOuts, LaidOver newLaid) {
        keepOuts = List.copyOf(newKeepOuts);
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

    private void overlay(Outline outline, LaidOver over) {
        var box = outline.box().with(over.bought().box());
        var chalk = Chalk.fitting(box, MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 20);
        getChildren().addAll(chalk.draw(outline, "chalk-fill"), chalk.draw(over.bought(), "mark-area"));
        for (var i = 0; i < keepOuts.size(); i++)
            getChildren()
                    .add(chalk.draw(keepOuts.get(i), over.entered().contains(i) ? "keep-out-entered" : "keep-out"));
        for (var i = 0; i < over.stations().size(); i++) {
            var station = over.stations().get(i);
            if (station.verdict() != Verdict.SHORT && station.verdict() != Verdict.HIDDEN) continue;
            var at = over.places().get(i);
            var dot = new Circle(chalk.x(at.x()), chalk.y(at.y()), station.verdict() == Verdict.SHORT ? 6 : 4);
            dot.getStyleClass().add(station.verdict() == Verdict.SHORT ? "fit-short" : "dot");
            getChildren().add(dot);
        }
        word("chalk: where it must reach · dashed: the bought one, as it lies best", 18, getHeight() - 28, "faint");
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
        word("up: over, can be trimmed · down: short · pale: what a lap hides", 18, getHeight() - 28, "faint");
    }
}
