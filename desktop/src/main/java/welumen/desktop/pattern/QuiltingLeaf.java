package welumen.desktop.pattern;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.Seam;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Quilting;

/** Flutes, folded pleats and diamonds on one piece: whole ones, the blank they want, and on across a seam so that their rows meet. */
final class QuiltingLeaf extends Leaf {
    private final PieceChoice piece;
    private final QuiltingForm form;
    private final ComboBox<Integer> from = new ComboBox<>();
    private final ComboBox<Seam.Side> onto = new ComboBox<>();
    private final VBox facts = new VBox(6);
    private final OnePieceFelt felt =
            new OnePieceFelt("relief-felt", "The piece with its rows of stitches", (_, _) -> {});

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    QuiltingLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        piece = new PieceChoice(model, "relief-piece", this::turnTo);
        form = new QuiltingForm(piece, this::sew);
        from.setId("relief-from");
        WordCell.in(from, this::own, "");
        onto.setId("relief-onto");
        WordCell.in(onto, this::across, "no other piece");
        answer.setId("relief-answer");
        var sew = Nodes.chief("Sew them in", "Draw what is asked for onto the piece", this::sew);
        sew.setId("sew-relief");
        var carry = Nodes.button("Carry on", "The diamonds go on over that edge, and their rows meet", this::carry);
        carry.setId("carry-relief");
        var over = Nodes.row(8, Nodes.field("Over its edge", from), Nodes.field("on to", onto));
        var right = Nodes.column(10, sew, facts, over, carry);
        var both = Nodes.beside(felt, Nodes.scroll(right), 290);
        getChildren().addAll(form, both);
    }

    @Override
    protected Node first() {
        return piece;
    }

    @Override
    protected void refresh() {
        var before = piece.getValue();
        piece.fill(PatternView.pieces(model));
        if (Objects.equals(before, piece.getValue())) show();
        else turnTo();
    }

    /** Another piece: what is asked for begins with what it has. */
    private void turnTo() {
        form.show(piece.piece().map(one -> one.inside().surface()).orElse(new Surface.Plain()));
        show();
    }

    private void show() {
        var shown = piece.piece();
        felt.show(
                shown,
                shown.map(one -> "Dashed within: where it is sewn · outside: where the piece is cut")
                        .orElse(""));
        facts.getChildren().clear();
        fillEdges(shown);
        if (shown.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        answer.setText(QuiltingWords.said(shown.get()));
        Stream.of(
                        QuiltingWords.blank(shown.get()),
                        QuiltingWords.work(shown.get(), model.job().patterns()))
                .flatMap(Optional::stream)
                .forEach(words -> facts.getChildren().add(told(words)));
        QuiltingWords.open(shown.get()).ifPresent(words -> facts.getChildren().add(Nodes.label(words, Styles.DANGER)));
    }

    /** As high as its words. */
    private static Label told(String words) {
        var label = Nodes.label(words);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    /** Its own edges, and those of all other pieces. */
    private void fillEdges(Optional<Piece> shown) {
        var before = from.getValue();
        var count = shown.map(one -> one.edges().size()).orElse(0);
        from.getItems().setAll(IntStream.range(0, count).boxed().toList());
        from.setValue(before != null && before < count ? before : count == 0 ? null : 0);
        var beforeOnto = onto.getValue();
        var others = model.job().patterns().pieces().stream()
                .filter(other -> shown.map(one -> !one.id().equals(other.id())).orElse(false))
                .flatMap(other ->
                        IntStream.range(0, other.edges().size()).mapToObj(edge -> new Seam.Side(other.id(), edge)))
                .toList();
        onto.getItems().setAll(others);
        onto.setValue(others.contains(beforeOnto) ? beforeOnto : others.isEmpty() ? null : others.getFirst());
    }

    private String own(Integer edge) {
        return piece.piece()
                .filter(one -> edge < one.edges().size())
                .map(one -> one.edgeWord(edge))
                .orElse("");
    }

    private void sew() {
        var on = piece.piece();
        if (on.isEmpty()) return;
        switch (form.wanted(on.get())) {
            case Refused<Surface>(var why) -> answer.setText(why);
            case Understood<Surface>(var wanted) ->
                model.make(new AtPattern(
                        new PieceDrawn(on.get().with(on.get().inside().with(wanted)))));
        }
    }

    private String across(Seam.Side side) {
        return model.job()
                .patterns()
                .findOne(side.piece())
                .map(other -> "%s, %s".formatted(other.name(), other.edgeWord(side.edge())))
                .orElse("");
    }

    private void carry() {
        var carrying = piece.piece();
        var there = onto.getValue();
        if (carrying.isEmpty() || there == null || from.getValue() == null) {
            answer.setText("Draw the piece first over which they go on.");
            return;
        }
        if (!(carrying.get().inside().surface() instanceof Surface.Quilted)) {
            answer.setText("There are no diamonds on the %s to carry on."
                    .formatted(carrying.get().name()));
            return;
        }
        var here = new Seam.Side(carrying.get().id(), from.getValue());
        var other = model.job().patterns().findOne(there.piece());
        if (other.isEmpty()) return;
        var carried =
                other.get().with(other.get().inside().with(Quilting.carried(carrying.get(), here, other.get(), there)));
        if (!model.make(new AtPattern(new PieceDrawn(carried)))) return;
        answer.setText("Carried on to the %s: rows meet within %s where the two edges lie together."
                .formatted(carried.name(), Lengths.said(Quilting.missMm(carrying.get(), here, carried, there))));
    }
}
