package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.pattern.Piece;

/** One of the pieces that are shown, by its name; keeps its choice while the piece is there. */
final class PieceChoice extends ComboBox<String> {
    private final JobModel model;
    private boolean filling;

    /** @param onChoice called when the trimmer chooses, not when the list is filled anew */
    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    PieceChoice(JobModel model, String id, Runnable onChoice) {
        this.model = model;
        setId(id);
        setPrefWidth(230);
        WordCell.in(
                this,
                piece -> model.job().patterns().findOne(piece).map(Piece::name).orElse(piece),
                "no piece yet");
        valueProperty().subscribe(() -> {
            if (!filling) onChoice.run();
        });
    }

    /** @param from those to choose from */
    void fill(List<Piece> from) {
        filling = true;
        var before = getValue();
        var ids = from.stream().map(Piece::id).toList();
        getItems().setAll(ids);
        setValue(ids.contains(before) ? before : ids.isEmpty() ? null : ids.getFirst());
        filling = false;
    }

    Optional<Piece> piece() {
        return Optional.ofNullable(getValue())
                .flatMap(id -> model.job().patterns().findOne(id));
    }
}
