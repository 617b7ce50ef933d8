package welumen.desktop.cut;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;

/** Of which material the stock is shown; out of the way where there is but one. */
final class MaterialChoice extends ComboBox<String> {
    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    MaterialChoice(Runnable onChoice) {
        setId("cut-material");
        setAccessibleText("The material whose stock is shown");
        managedProperty().bind(visibleProperty());
        setOnAction(_ -> onChoice.run());
    }

    /** The one that was chosen stays, else it is the one of which most pieces are cut. */
    void fill(CutProblem problem) {
        var materials = problem.stock().stream().map(Stock::material).distinct().toList();
        setVisible(materials.size() > 1);
        if (materials.equals(getItems())) return;
        var chosen = Optional.ofNullable(getValue()).filter(materials::contains);
        getItems().setAll(materials);
        setValue(chosen.orElseGet(() -> mostCut(problem, materials)));
    }

    private static String mostCut(CutProblem problem, List<String> materials) {
        return materials.stream()
                .max(Comparator.comparingInt(
                        material -> CutPiece.count(problem.of(material).pieces())))
                .orElse("");
    }

    /** Those of a list that are of it. */
    List<Stock> shown(List<Stock> all) {
        return all.stream()
                .filter(stock -> !isVisible() || stock.material().equals(getValue()))
                .toList();
    }
}
