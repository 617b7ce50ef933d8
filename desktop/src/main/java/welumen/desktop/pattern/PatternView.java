package welumen.desktop.pattern;

import java.util.List;
import welumen.cabin.Part;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;

/** From an old piece on the floor to pieces that can be cut and sewn. */
public final class PatternView extends StagePane {
    private final Leaves leaves;

    public PatternView(JobModel model) {
        super(model);
        leaves = leaves(
                new Tab("Pieces", PiecesLeaf::new),
                new Tab("Photo", PhotoLeaf::new),
                new Tab("Seams", SeamsLeaf::new),
                new Tab("Strips", StripsLeaf::new),
                new Tab("Quilting", QuiltingLeaf::new),
                new Tab("Boards", BoardsLeaf::new),
                new Tab("Thickness", ThicknessLeaf::new).wants(ThicknessLeaf::wanting),
                new Tab("Foam", PaddingLeaf::new),
                new Tab("Two sides", SidesLeaf::new),
                new Tab("Holes", HolesLeaf::new),
                new Tab("By reference", LikenessLeaf::new).wants(LikenessLeaf::wanting),
                new Tab("Trials", TrialsLeaf::new));
        getChildren().add(leaves);
    }

    /** The picked part's pieces; all of the job's where that part has none. */
    static List<Piece> pieces(JobModel model) {
        var all = model.job().patterns();
        var own = model.picked().map(part -> all.of(part.id())).orElse(List.of());
        return own.isEmpty() ? all.pieces() : own;
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
        var part =
                model.picked().filter(one -> model.job().patterns().of(one.id()).isEmpty());
        var cut = pieces.stream().mapToInt(piece -> piece.pairing().count()).sum();
        var count = "%s, %d to cut: %s with allowances."
                .formatted(Words.many(pieces.size(), "piece"), cut, Words.squareMetres(CuttingLine.area(pieces)));
        if (part.isPresent())
            headline.say(
                    part.get().title(),
                    "No piece of it has been drawn yet.",
                    "Below lies all that is drawn: %s"
                            .formatted(count.replaceFirst(
                                    "^[A-Z]", count.substring(0, 1).toLowerCase())));
        else
            headline.say(
                    model.job()
                            .cabin()
                            .findOne(pieces.getFirst().part())
                            .map(Part::title)
                            .orElse("Pieces of no part of this car"),
                    Words.capital(count),
                    "Click an edge or take it from the list, and choose what becomes of it.");
    }
}
