package welumen.desktop.finish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.finish.Batch;
import welumen.finish.FinishChange.PieceCleared;
import welumen.finish.FinishChange.PieceStruck;
import welumen.finish.FinishChange.PiecesMoved;
import welumen.finish.load.HardPiece;
import welumen.job.JobChange.AtFinish;

/** Pieces, each by itself: prepared, cleared where it is held, or struck out. */
final class PieceChips extends FlowPane {
    private final JobModel model;
    private final Batch batch;
    private final LocalDateTime now;

    PieceChips(JobModel model, List<HardPiece> pieces) {
        super(6, 6);
        this.model = model;
        batch = model.job().finish().batch();
        now = LocalDateTime.ofInstant(model.nowProperty().get(), model.zone());
        pieces.forEach(piece -> getChildren().add(chip(piece)));
    }

    /** A piece: a press says that it is prepared, or clears it where it is held; the cross strikes it out. */
    private Node chip(HardPiece piece) {
        var more = new ArrayList<String>();
        if (piece.isTurned()) more.add("turned");
        if (piece.isHidden()) more.add("hidden");
        if (!piece.who().isEmpty()) more.add(piece.who() + " waits");
        else if (piece.waitedFor() > 0) more.add(piece.waitedFor() + " wait");
        if (isLater(piece))
            more.add(String.format(
                    Locale.UK,
                    "%1$s %2$ta %2$te %2$tb",
                    piece.where().isEmpty() ? "here" : piece.where() + " until",
                    piece.here()));
        if (piece.isHeld()) more.add("held: " + piece.held());
        var step = batch.step(piece);
        var button = Nodes.button(
                (step == Batch.Step.LISTED ? "" : "✓ ")
                        + piece.name()
                        + (more.isEmpty() ? "" : " (" + String.join(", ", more) + ")"),
                piece.isHeld()
                        ? "Somebody qualified has answered: it may be sprayed"
                        : step == Batch.Step.LISTED ? "It is prepared" : "It is " + step.word(),
                () -> pressed(piece, step));
        button.setId("piece-" + piece.id());
        button.getStyleClass().add("toggle");
        if (step == Batch.Step.HUNG) return button;
        var out = Nodes.button("✕", "Strike it out", () -> model.make(new AtFinish(new PieceStruck(piece.id()))));
        out.setAccessibleText("Strike out the " + piece.name());
        out.setId("strike-" + piece.id());
        out.getStyleClass().add("toggle");
        return Nodes.row(2, button, out);
    }

    /** Whether it comes later than the first of them, and is not here yet. */
    private boolean isLater(HardPiece piece) {
        return piece.here().isAfter(now)
                && batch.pieces().stream().anyMatch(other -> other.here().isBefore(piece.here()));
    }

    private void pressed(HardPiece piece, Batch.Step step) {
        if (piece.isHeld()) model.make(new AtFinish(new PieceCleared(piece.id(), model.person())));
        else if (step == Batch.Step.LISTED) moved(piece, Batch.Step.PREPARED);
        else if (step == Batch.Step.PREPARED) moved(piece, Batch.Step.LISTED);
    }

    private void moved(HardPiece piece, Batch.Step step) {
        model.make(new AtFinish(new PiecesMoved(List.of(piece.id()), step)));
    }
}
