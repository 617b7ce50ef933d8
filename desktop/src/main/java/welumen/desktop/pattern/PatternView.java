package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import welumen.cabin.Part;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.pattern.Concern;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;

/** From an old piece on the floor to pieces that can be cut and sewn. */
public final class PatternView extends StagePane {
    private static final String SHAPE = "Shape";
    private static final String SEW = "Sew";
    private static final String BUILD_UP = "Build up";

    private final Leaves leaves;

    public PatternView(JobModel model) {
        super(model);
        leaves = leaves(
                new Tab("Pieces", PiecesLeaf::new).in(SHAPE),
                new Tab("Photo", PhotoLeaf::new).in(SHAPE),
                new Tab("Two sides", SidesLeaf::new)
                        .suitsWhere(of(Concern.TWO_SIDES))
                        .in(SHAPE),
                new Tab("Holes", HolesLeaf::new).suitsWhere(of(Concern.HOLES)).in(SHAPE),
                new Tab("Trials", TrialsLeaf::new).in(SHAPE),
                new Tab("Seams", SeamsLeaf::new).in(SEW),
                new Tab("Strips", StripsLeaf::new)
                        .suitsWhere(of(Concern.STRIPS))
                        .in(SEW),
                new Tab("Quilting", QuiltingLeaf::new)
                        .suitsWhere(of(Concern.ROWS))
                        .in(SEW),
                new Tab("Boards", BoardsLeaf::new)
                        .suitsWhere(of(Concern.BOARDS))
                        .in(BUILD_UP),
                new Tab("Thickness", ThicknessLeaf::new)
                        .suitsWhere(of(Concern.LAYERS))
                        .wants(ThicknessLeaf::wanting)
                        .in(BUILD_UP),
                new Tab("Foam", PaddingLeaf::new).suitsWhere(of(Concern.FOAM)).in(BUILD_UP));
        getChildren().add(leaves);
    }

    /** Whether there is something of that kind to settle of the picked part, or of those whose pieces are shown. */
    private static Predicate<JobModel> of(Concern concern) {
        return model -> Concern.of(shown(model)).contains(concern);
    }

    private static List<Part> shown(JobModel model) {
        var cabin = model.job().cabin();
        var parts = new ArrayList<>(model.picked().stream().toList());
        pieces(model).stream()
                .flatMap(piece -> cabin.findOne(piece.part()).stream())
                .distinct()
                .forEach(parts::add);
        return parts;
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
