package welumen.desktop.cut;

import java.util.ArrayList;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;
import welumen.desktop.look.WordCell;

/** Two hides whose pieces change places; forgets its choice once that is told. */
final class SwapChoice extends ComboBox<SwapChoice.Two> {
    record Two(String one, String other) {
        String word() {
            return "%s with %s".formatted(one, other);
        }
    }

    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    SwapChoice(Consumer<Two> onChoice) {
        setId("swap-hides");
        WordCell.in(this, Two::word, "Change places");
        setAccessibleText("Two hides whose pieces change places");
        setOnAction(_ -> {
            var two = getValue();
            if (two == null) return;
            Platform.runLater(() -> setValue(null));
            onChoice.accept(two);
        });
    }

    /** Each two of those that are open and of which nothing was cut yet. */
    void fill(CutProblem problem, CutPlan plan, CutLog log) {
        var open = plan.sheets().stream()
                .map(CutPlan.SheetUse::stock)
                .filter(stock -> problem.stock(stock) instanceof Stock.Hide)
                .filter(stock -> plan.on(stock).stream().noneMatch(log::isDone))
                .toList();
        var pairs = new ArrayList<Two>();
        for (var one = 0; one < open.size(); one++)
            for (var other = one + 1; other < open.size(); other++) pairs.add(new Two(open.get(one), open.get(other)));
        getItems().setAll(pairs);
        setDisable(pairs.isEmpty());
    }
}
