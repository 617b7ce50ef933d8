package welumen.desktop.pattern;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.NamedFirst;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.draft.Card;
import welumen.pattern.draft.DraftText;
import welumen.pattern.draft.EditText;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.pattern.surface.Blank;

/** One part's pieces on the felt: pick an edge, change its finish, and the cutting line follows at once. */
final class PiecesLeaf extends Leaf {
    private static final double RIGHT = 300;

    private final ObjectProperty<PickedEdge> picked = new SimpleObjectProperty<>();
    private final PatternFelt felt;
    private final ListView<Integer> edges = new ListView<>();
    private final ComboBox<EdgeFinish> finish = new ComboBox<>();
    private final TextField allowance = new TextField();
    private final TextField drawing = new TextField();
    private final TextField changing = new TextField();
    private final Label pieceName = Nodes.label("", Styles.STRONG);
    private final Label pieceFacts = Nodes.label("", Styles.NOTE);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final MakeupChoice makeup;
    private final Button drop = Nodes.button(
            "Drop this piece", "It is no part of the pattern any more (Ctrl+Z takes that back)", this::drop);
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PiecesLeaf(JobModel model) {
        super(model);
        makeup = new MakeupChoice(model, drop);
        drop.setId("drop-piece");
        felt = new PatternFelt(picked);
        finish.getItems().setAll(EdgeFinish.values());
        WordCell.in(finish, EdgeFinish::word);
        finish.setId("finish");
        finish.setMaxWidth(Double.MAX_VALUE);
        finish.valueProperty().subscribe(this::finishChosen);
        allowance.setId("allowance");
        allowance.setPrefColumnCount(5);
        allowance.setOnAction(_ -> allowanceTyped());
        edges.setId("edges");
        edges.setCellFactory(_ -> new EdgeCell());
        edges.getSelectionModel().selectedItemProperty().subscribe(this::edgeChosen);
        edges.setPrefHeight(150);
        edges.setMinHeight(116);
        drawing.setId("draw");
        drawing.setPromptText(Lengths.example(
                "Draw: outer bolster 520 x 610, top 480 · kick panel AB 420, BC 310, CA 505",
                "Draw: outer bolster 20 1/2 x 24, top 19 · kick panel AB 16 1/2, BC 12 1/4, CA 20"));
        drawing.setAccessibleText("Draw a piece from its name and sizes");
        drawing.setOnAction(_ -> drawPiece());
        changing.setId("change-edge");
        changing.setPromptText(Lengths.example(
                "Change the picked edge: bow 12 · out 5 · notch 40 x 25 at 150 · punched 5 at 40, 60",
                "Change the picked edge: bow 1/2 · out 3/16 · notch 1 1/2 x 1 at 6 · punched 1/4 at 1 1/2, 2 1/2"));
        changing.setAccessibleText("Change the picked edge, or its piece");
        changing.setOnAction(_ -> change());
        felt.onCorner((at, to) -> on(at, piece -> EdgeEdit.cornerMoved(piece, at.edge(), to)));
        felt.onCurve((at, curve) -> on(at, piece -> EdgeCurve.along(piece, at.edge(), curve)));
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.setId("pattern-wrong");
        pieceName.setId("piece-name");
        pieceFacts.setId("piece-facts");
        var lower = Nodes.beside(felt, Nodes.scroll(right()), RIGHT);
        var tools = new PieceTools(model, picked, wrong::setText, pieceFacts::setText, this::begin);
        getChildren().addAll(Nodes.row(8, Nodes.grown(drawing), tools.papers()), changing, tools.edits(), wrong, lower);
        picked.subscribe(this::showPicked);
    }

    private VBox right() {
        var right = Nodes.column(
                10,
                pieceName,
                pieceFacts,
                Nodes.row(
                        8, Nodes.grown(Nodes.field("Finish of the edge", finish)), Nodes.field("Allowance", allowance)),
                makeup,
                Nodes.whole("Its edges", Styles.HEADING),
                edges);
        VBox.setVgrow(edges, Priority.ALWAYS);
        return right;
    }

    @Override
    protected Node first() {
        return edges;
    }

    @Override
    protected void refresh() {
        var pieces = pieces();
        var current = picked.get();
        var isShown =
                current != null && pieces.stream().anyMatch(piece -> piece.id().equals(current.piece()));
        if (!isShown)
            picked.set(
                    pieces.isEmpty() ? null : new PickedEdge(pieces.getFirst().id(), 0));
        felt.show(pieces, model.job().patterns());
        showPicked();
    }

    private List<Piece> pieces() {
        return PatternView.pieces(model);
    }

    private @Nullable Piece piece(String id) {
        return model.job().patterns().findOne(id).orElse(null);
    }

    private void showPicked() {
        var at = picked.get();
        var piece = at == null ? null : piece(at.piece());
        filling = true;
        finish.setDisable(piece == null);
        allowance.setDisable(piece == null);
        if (piece == null) {
            edges.getItems().clear();
            pieceName.setText("");
            pieceFacts.setText("");
            makeup.hide();
        } else {
            pieceName.setText(Words.capital(piece.name()));
            pieceFacts.setText("%s · %s · cut %s"
                    .formatted(
                            piece.pairing().word(),
                            piece.face().word(),
                            Words.squareMetres(Blank.of(piece).area())));
            makeup.show(piece);
            edges.getItems()
                    .setAll(IntStream.range(0, piece.edges().size()).boxed().toList());
            edges.getSelectionModel().select(at.edge());
            var edge = piece.edges().get(at.edge());
            finish.setValue(edge.finish());
            allowance.setText(Lengths.field(edge.allowanceMm()));
        }
        filling = false;
        felt.redraw();
    }

    private void edgeChosen() {
        var edge = edges.getSelectionModel().getSelectedItem();
        if (!filling && edge != null && picked.get() != null)
            picked.set(new PickedEdge(picked.get().piece(), edge));
    }

    private void finishChosen() {
        if (filling || picked.get() == null || finish.getValue() == null) return;
        finish(finish.getValue(), finish.getValue().allowanceMm());
    }

    private void allowanceTyped() {
        switch (Length.parse(allowance.getText())) {
            case Refused<Length>(var why) -> wrong.setText(why);
            case Understood<Length>(var length)
            when length.mm() > Edge.LARGEST_ALLOWANCE ->
                wrong.setText("%s is more than an allowance can be here, 300 mm.".formatted(allowance.getText()));
            case Understood<Length>(var length) -> finish(finish.getValue(), length.mm());
        }
    }

    private void finish(EdgeFinish newFinish, double mm) {
        wrong.setText("");
        var at = picked.get();
        model.make(new AtPattern(new EdgeFinished(at.piece(), at.edge(), newFinish, mm)));
    }

    /** Types the beginning of a change, for the trimmer to finish. */
    private void begin(String words) {
        changing.setText(words);
        changing.requestFocus();
        changing.end();
    }

    private void on(PickedEdge at, Function<Piece, Parsed<Piece>> how) {
        var piece = piece(at.piece());
        if (piece != null) draw(how.apply(piece));
    }

    private void draw(Parsed<Piece> answer) {
        switch (answer) {
            case Refused<Piece>(var why) -> {
                wrong.setText(why);
                felt.redraw();
            }
            case Understood<Piece>(var piece) -> {
                wrong.setText("");
                model.make(new AtPattern(new PieceDrawn(piece)));
            }
        }
    }

    private void drop() {
        var at = picked.get();
        if (at != null && NamedFirst.said(wrong, sewnTo(at.piece())))
            model.make(new AtPattern(new PieceDropped(at.piece())));
    }

    /** The seams of a piece, each by what it is sewn to. */
    private List<String> sewnTo(String id) {
        return model.job().patterns().seams().stream()
                .filter(seam -> seam.touches(id))
                .map(seam -> seam.one().piece().equals(id) ? seam.other() : seam.one())
                .map(side -> "the seam to the %s"
                        .formatted(model.job()
                                .patterns()
                                .findOne(side.piece())
                                .map(piece -> "%s, %s".formatted(piece.name(), piece.edgeWord(side.edge())))
                                .orElse(side.piece())))
                .toList();
    }

    private void change() {
        var at = picked.get();
        var piece = at == null ? null : piece(at.piece());
        if (piece == null) return;
        switch (EditText.read(changing.getText(), model.job().patterns(), piece, at.edge())) {
            case Refused<List<PatternChange>>(var why) -> wrong.setText(why);
            case Understood<List<PatternChange>>(var changes) -> {
                wrong.setText("");
                if (model.makeTogether(changes.stream().map(AtPattern::new).toList())) changing.clear();
            }
        }
    }

    private void drawPiece() {
        var part = model.picked();
        if (part.isEmpty()) return;
        switch (DraftText.read(drawing.getText(), part.get().id(), MakeupChoice.usual(model, part.get()))) {
            case Refused<DraftText.Drawn>(var why) -> wrong.setText(why);
            case Understood<DraftText.Drawn>(var drawn) -> {
                var piece = model.job().patterns().asSecond(drawn.piece());
                wrong.setText("");
                if (!model.make(new AtPattern(new PieceDrawn(piece)))) return;
                drawing.clear();
                picked.set(new PickedEdge(piece.id(), 0));
                if (!piece.name().equals(drawn.piece().name()))
                    wrong.setText("There is a “%s” already, so this one is called “%s”."
                            .formatted(drawn.piece().name(), piece.name()));
                drawn.card().ifPresent(card -> pieceFacts.setText(agreement(card)));
            }
        }
    }

    /** How well a card's measures agree, and what to measure again. */
    private static String agreement(Card card) {
        var worst = card.worst();
        if (card.agrees())
            return "The measures agree within %s.".formatted(Lengths.said(Math.abs(card.misfitMm(worst))));
        return card.suspect()
                .map(measure -> "%s does not agree with the others, which say %s. Measure it again."
                        .formatted(
                                measure.word(),
                                Card.told(
                                                card.measures(),
                                                measure,
                                                card.corners().size())
                                        .map(Lengths::said)
                                        .orElse("something else")))
                .orElseGet(() -> "The measures do not agree: %s is %s out. Measure again."
                        .formatted(worst.word(), Lengths.said(Math.abs(card.misfitMm(worst)))));
    }

    /** An edge with its name, length, finish and allowance. */
    private final class EdgeCell extends ListCell<Integer> {
        @Override
        protected void updateItem(Integer edge, boolean empty) {
            super.updateItem(edge, empty);
            var piece = empty || edge == null || picked.get() == null
                    ? null
                    : piece(picked.get().piece());
            if (piece == null || edge >= piece.edges().size()) {
                setText("");
                return;
            }
            var one = piece.edges().get(edge);
            setText("%s, %s%n%s, %s"
                    .formatted(
                            one.name().isEmpty() ? "edge " + (edge + 1) : one.name(),
                            Lengths.said(Math.rint(piece.lengthMm(edge))),
                            one.finish().word(),
                            Lengths.said(one.allowanceMm())));
        }
    }
}
