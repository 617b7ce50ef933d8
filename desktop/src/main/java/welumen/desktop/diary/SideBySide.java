package welumen.desktop.diary;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.layout.GridPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.task.Task;
import welumen.refit.Reopening;

/** What was worked out since anything changed, one beside the other: what stops, the days, the hours, the money, what is lost. */
final class SideBySide extends GridPane {
    private static final int MOST = 4;

    private final JobModel model;
    private final List<Tried> seen = new ArrayList<>();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SideBySide(JobModel model) {
        this.model = model;
        setId("side-by-side");
        setHgap(18);
        setVgap(6);
        managedProperty().bind(visibleProperty());
        getStyleClass().add(Styles.CARD);
        setVisible(false);
    }

    /** What was worked out before holds no more. */
    void forget() {
        seen.clear();
        setVisible(false);
    }

    /** Puts one beside the others, in place of what was said in the same words; one alone is not compared. */
    void add(Tried tried) {
        if (tried.cars().isEmpty()) return;
        seen.removeIf(other -> other.said().equals(tried.said()));
        seen.add(tried);
        if (seen.size() > MOST) seen.removeFirst();
        setVisible(seen.size() > 1);
        getChildren().clear();
        row(0, "Side by side", one -> Words.capital(one.said()), Styles.STRONG);
        row(1, "Stops", SideBySide::stops, Styles.SECOND);
        row(2, "Ready", SideBySide::ready, Styles.SECOND);
        row(3, "More work", this::more, Styles.SECOND);
        row(4, "Lost for good", SideBySide::lost, Styles.SECOND);
        row(5, "Other cars", SideBySide::others, Styles.SECOND);
    }

    private void row(int row, String title, Function<Tried, String> said, String style) {
        add(Nodes.whole(title, Styles.HEADING), 0, row);
        for (var i = 0; i < seen.size(); i++) {
            var words = Nodes.label(said.apply(seen.get(i)), style);
            words.setMaxWidth(260);
            add(words, i + 1, row);
        }
    }

    private static String stops(Tried tried) {
        return tried.consequence()
                .map(what -> what.stops().stream().mapToDouble(Task::hours).sum())
                .filter(hours -> hours > 0)
                .map(hours -> "%s of work".formatted(Words.hours(hours)))
                .orElse("nothing");
    }

    private static String ready(Tried tried) {
        return tried.own()
                .map(own -> Words.day(own.after().toLocalDate())
                        + own.due()
                                .flatMap(due ->
                                        own.endsAfter().map(ends -> ", " + TriedWords.chance(ends.chanceOf(due))))
                                .orElse(""))
                .orElse("nothing is open on it");
    }

    private String more(Tried tried) {
        return tried.consequence()
                .map(what -> what.moreHours())
                .filter(hours -> hours > 0.05)
                .map(hours -> "%s, %s%.0f"
                        .formatted(
                                Words.hours(hours),
                                model.currencySign(),
                                hours * model.terms().prices().hour()))
                .orElse("none here");
    }

    private static String lost(Tried tried) {
        var lost = tried.consequence().stream()
                .flatMap(what -> what.again().stream())
                .map(Reopening.Line::lost)
                .flatMap(List::stream)
                .distinct()
                .toList();
        return lost.isEmpty() ? "nothing" : String.join(", ", lost);
    }

    private static String others(Tried tried) {
        var moved = tried.cars().stream()
                .filter(car -> !car.isOpen())
                .map(SideBySide::moved)
                .flatMap(Optional::stream)
                .toList();
        return moved.isEmpty() ? "as before" : String.join("; ", moved);
    }

    private static Optional<String> moved(Tried.CarDay car) {
        var was = car.before().toLocalDate();
        var now = car.after().toLocalDate();
        return was.equals(now)
                ? Optional.empty()
                : Optional.of("%s %s, was %s".formatted(car.title(), Words.day(now), Words.day(was)));
    }
}
