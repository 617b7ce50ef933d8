package welumen.desktop.pattern;

import java.util.List;
import javafx.scene.Node;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.pattern.CuttingLine;
import welumen.pattern.Piece;

/** From an old piece on the floor to pieces that can be cut and sewn. */
public final class PatternView extends StagePane {
    private final Leaves leaves;

    public PatternView(JobModel model) {
        super(model);
        leaves = new Leaves(List.of(new PiecesLeaf(model), new PhotoLeaf(model), new StripsLeaf(model)));
        getChildren().add(leaves);
    }

    /** The picked part's pieces; all of the job's where that part has none. */
    static List<Piece> pieces(JobModel model) {
        var all = model.job().patterns();
        var own = model.picked().map(part -> all.of(part.id())).orElse(List.of());
        return own.isEmpty() ? all.pieces() : own;
    }

    @Override
    public Node first() {
        return leaves.first();
    }

    @Override
    public void turnLeaf(int by) {
        leaves.turn(by);
    }

    @Override
    protected void refresh() {
        answer();
        leaves.refresh();
    }

    @Override
    protected void answer() {
        var pieces = pieces(model);
        if (pieces.isEmpty()) {
            headline.say(
                    "Pattern",
                    "No piece has been drawn yet.",
                    "Type a name and its sizes, or photograph the old piece, and it lies on the felt.");
            return;
        }
        var cut = pieces.stream().mapToInt(piece -> piece.pairing().count()).sum();
        headline.say(
                model.job().cabin().one(pieces.getFirst().part()).title(),
                "%d pieces, %d to cut: %s with allowances."
                        .formatted(pieces.size(), cut, Words.squareMetres(CuttingLine.area(pieces))),
                "Click an edge or take it from the list, and choose what becomes of it.");
    }
}
