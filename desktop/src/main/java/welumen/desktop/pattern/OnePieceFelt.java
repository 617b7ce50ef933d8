package welumen.desktop.pattern;

import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Zoom;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;
import welumen.shape.Box;
import welumen.shape.Outline;

/** One piece, as large as the felt takes, with all that is in it and whatever a leaf draws over it. */
final class OnePieceFelt extends FeltPane {
    private static final double MARGIN = 30;

    private final BiConsumer<Chalk, ObservableList<Node>> over;
    private Optional<Piece> piece = Optional.empty();
    private Optional<Outline> cut = Optional.empty();
    private Optional<Box> room = Optional.empty();
    private String foot = "";

    /** @param over draws over the piece */
    OnePieceFelt(String id, String accessibleText, BiConsumer<Chalk, ObservableList<Node>> over) {
        super(id, accessibleText);
        this.over = over;
        zoomed();
    }

    /** @param newFoot what stands below */
    void show(Optional<Piece> newPiece, String newFoot) {
        show(newPiece, Optional.empty(), newFoot);
    }

    /** @param also what must be seen beside the piece, in its mm */
    void show(Optional<Piece> newPiece, Optional<Box> also, String newFoot) {
        piece = newPiece;
        cut = newPiece.map(CuttingLine::of);
        room = cut.map(line -> also.map(line.box()::with).orElse(line.box()));
        foot = newFoot;
        redraw();
    }

    @Override
    protected void draw() {
        if (piece.isEmpty() || cut.isEmpty() || room.isEmpty()) {
            empty("Nothing is drawn yet: draw the piece at Shape, Pieces.");
            return;
        }
        var chalk = zoomed().on(Chalk.fitting(
                room.get(), MARGIN, Zoom.BAND, getWidth() - 2 * MARGIN, getHeight() - MARGIN - Zoom.BAND - 24));
        getChildren().add(chalk.draw(cut.get(), "chalk-fill"));
        getChildren().add(chalk.draw(piece.get().net(), "chalk-dash"));
        getChildren().addAll(PieceChalk.inside(piece.get(), chalk));
        over.accept(chalk, getChildren());
        foot(foot);
    }

    /** Writes on the felt beside a place of the piece. */
    void say(String text, double x, double y) {
        word(text, x, y);
    }
}
