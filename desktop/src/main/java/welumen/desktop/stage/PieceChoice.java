package welumen.desktop.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.pattern.piece.Piece;

/** One of the pieces that are shown, by its name; keeps its choice while the piece is there. */
public final class PieceChoice extends ComboBox<String> {
    private final JobModel model;
    private boolean filling;

    /** @param onChoice called when the trimmer chooses, not when the list is filled anew */
    @SuppressWarnings("this-escape") // JavaFX builds a control by its own methods; no subclass overrides them
    public PieceChoice(JobModel model, String id, Runnable onChoice) {
        this.model = model;
        setId(id);
        WordCell.in(
                this, one -> model.job().patterns().findOne(one).map(this::word).orElse(one), "no piece yet");
        valueProperty().subscribe(() -> {
            if (!filling) onChoice.run();
        });
    }

    /** Its name, and where another has the same, the part that it is for. */
    private String word(Piece piece) {
        var alike = model.job().patterns().pieces().stream()
                .filter(other -> other.name().equals(piece.name()))
                .count();
        return alike == 1
                ? piece.name()
                : "%s, %s"
                        .formatted(
                                piece.name(),
                                model.job().cabin().one(piece.part()).name());
    }

    /** @param from those to choose from; the first is taken where the one before is gone */
    public void fill(List<Piece> from) {
        fill(from, from.stream().findFirst().map(Piece::id).orElse(null));
    }

    /** @param usual taken where the one before is gone; nothing where it is null */
    public void fill(List<Piece> from, @Nullable String usual) {
        filling = true;
        Nodes.refill(this, from.stream().map(Piece::id).toList(), usual);
        filling = false;
    }

    public Optional<Piece> piece() {
        return Optional.ofNullable(getValue())
                .flatMap(id -> model.job().patterns().findOne(id));
    }
}
