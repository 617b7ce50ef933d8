package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.NamedFirst;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.draft.Card;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.NotchMove;
import welumen.pattern.piece.Piece;
import welumen.pattern.surface.Blank;

/** One part's pieces on the felt: drawn from a line, and changed where they lie or beside them. */
final class PiecesLeaf extends Leaf {
    private static final double RIGHT = 330;

    private final ObjectProperty<PickedEdge> picked = new SimpleObjectProperty<>();
    private final PatternFelt felt;
    private final WordLine<DraftText.Drawn> drawing;
    private final Label pieceName = Nodes.label("", Styles.STRONG);
    private final Label pieceFacts = Nodes.label("", Styles.NOTE);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final MakeupChoice makeup;
    private final EdgePanel edge;
    private final Button drop = Nodes.button(
            "Drop this piece", "It is no part of the pattern any more (Ctrl+Z takes that back)", this::drop);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PiecesLeaf(JobModel model) {
        super(model);
        makeup = new MakeupChoice(model, drop);
        drop.setId("drop-piece");
        felt = new PatternFelt(picked);
        var tools = new PieceTools(model, picked, wrong::setText, pieceFacts::setText);
        edge = new EdgePanel(model, picked, tools, felt::preview, felt::ask, wrong::setText);
        drawing = drawing();
        felt.handles().onCorner((at, to) -> on(at, piece -> EdgeEdit.cornerMoved(piece, at.edge(), to)));
        felt.handles().onCurve((at, curve) -> on(at, piece -> EdgeCurve.along(piece, at.edge(), curve)));
        felt.handles().onEdge((at, out) -> on(at, piece -> EdgeEdit.moved(piece, at.edge(), out)));
        felt.handles().onNotch((at, by) -> on(at, piece -> NotchMove.moved(piece, at.edge(), by)));
        felt.setOnKeyTyped(edge::finishTyped);
        felt.handles().onHole(piece -> draw(new Understood<>(piece)));
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.setId("pattern-wrong");
        pieceName.setId("piece-name");
        pieceFacts.setId("piece-facts");
        var right = Nodes.column(10, pieceName, pieceFacts, makeup, edge, tools.papers());
        getChildren().addAll(drawing, wrong, Nodes.beside(felt, Nodes.scroll(right), RIGHT));
        picked.subscribe(() -> {
            NamedFirst.withdraw(wrong);
            showPicked();
        });
    }

    private WordLine<DraftText.Drawn> drawing() {
        return new WordLine<DraftText.Drawn>(
                        "draw", "Draw a piece from its name and sizes", this::read, PiecesLeaf::said)
                .example(Lengths.example(
                        "Another piece: its name and its sizes, as outer bolster 520 x 610",
                        "Another piece: its name and its sizes, as outer bolster 20 1/2 x 24"))
                .knows("Square", inUnits(" 520 x 610", " 20 1/2 x 24"), "Width by height")
                .knows(
                        "Tapered",
                        inUnits(" 520 x 610, top 480", " 20 1/2 x 24, top 19"),
                        "Narrower or wider at the top")
                .knows("Arched", inUnits(" 280 x 160, rise 25", " 11 x 6 1/4, rise 1"), "Its back edge an arc")
                .knows(
                        "Round corners",
                        inUnits(" 400 x 300, corners 30", " 16 x 12, corners 1"),
                        "The radius of its corners")
                .knows("Round", inUnits(" round 165", " round 6 1/2"), "A circle, by its diameter")
                .knows("Oval", inUnits(" oval 300 x 180", " oval 12 x 7"), "Width by height")
                .knows(
                        "By its sides",
                        inUnits(
                                " AB 420, BC 310, CD 400, DA 305, AC 520",
                                " AB 16 1/2, BC 12 1/4, CD 16, DA 12, AC 20"),
                        "A card: sides and diagonals, as many as were measured; CD 400 bow 12 bows out")
                .named(() -> model.picked().map(Part::name).orElse("piece"))
                .whileTyping(drawn -> felt.preview(drawn.map(DraftText.Drawn::piece)))
                .onEnter(this::keep, wrong::setText);
    }

    private static String inUnits(String metric, String inches) {
        return Lengths.example(metric, inches);
    }

    /** What a line means, in words for its chips: the name, then its sizes. */
    private static List<String> said(DraftText.Drawn drawn) {
        var box = drawn.piece().net().box();
        return List.of(
                drawn.piece().name(),
                "%s by %s".formatted(Lengths.near(box.width()), Lengths.near(box.height())),
                "%s, %s"
                        .formatted(
                                Words.many(drawn.piece().edges().size(), "edge"),
                                Words.squareMetres(drawn.piece().net().area())));
    }

    private Parsed<DraftText.Drawn> read(String typed) {
        var part = model.picked();
        if (part.isEmpty()) return new Refused<>("Pick a part in the cabin first.");
        return DraftText.read(typed, part.get().id(), MakeupChoice.usual(model, part.get()))
                .map(drawn -> new DraftText.Drawn(model.job().patterns().asSecond(drawn.piece()), drawn.card()));
    }

    @Override
    protected Node first() {
        return edge.first();
    }

    @Override
    protected void refresh() {
        var pieces = PatternView.pieces(model);
        var current = picked.get();
        var isShown =
                current != null && pieces.stream().anyMatch(piece -> piece.id().equals(current.piece()));
        if (!isShown)
            picked.set(
                    pieces.isEmpty() ? null : new PickedEdge(pieces.getFirst().id(), 0));
        felt.show(pieces, model.job().patterns());
        showPicked();
    }

    private @Nullable Piece piece(String id) {
        return model.job().patterns().findOne(id).orElse(null);
    }

    private void showPicked() {
        var at = picked.get();
        var piece = at == null ? null : piece(at.piece());
        if (piece == null) {
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
        }
        drawing.readAgain();
        edge.show(Optional.ofNullable(piece));
        felt.redraw();
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
        if (at != null)
            NamedFirst.unless(wrong, sewnTo(at.piece()), () -> model.make(new AtPattern(new PieceDropped(at.piece()))));
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

    private boolean keep(DraftText.Drawn drawn) {
        if (!model.make(new AtPattern(new PieceDrawn(drawn.piece())))) return false;
        picked.set(new PickedEdge(drawn.piece().id(), 0));
        drawn.card().ifPresent(card -> pieceFacts.setText(agreement(card)));
        return true;
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
}
