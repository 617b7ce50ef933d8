package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternSaid;
import welumen.pattern.draft.EditText;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;

/**
 * The picked edge, and what can be done to it: its finish and allowance, corrections with one press, and a line for those
 * with amounts of their own, which are seen on the felt while they are typed.
 */
final class EdgePanel extends VBox {
    private final JobModel model;
    private final ObjectProperty<PickedEdge> picked;
    private final ListView<Integer> edges = new ListView<>();
    private final ComboBox<EdgeFinish> finish = new ComboBox<>();
    private final TextField allowance = new TextField();
    private final Label edgeName = Nodes.label("", Styles.STRONG);
    private final WordLine<List<PatternChange>> changing;
    private final Consumer<String> wrong;
    private final Node corrections;
    private boolean filling;

    /**
     * @param preview told what the piece would be like while a change is typed
     * @param ask told what is to be clicked next, and nothing once it was
     * @param wrong told what cannot be done, and nothing once it can
     */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    EdgePanel(
            JobModel model,
            ObjectProperty<PickedEdge> picked,
            PieceTools tools,
            Consumer<Optional<Piece>> preview,
            Consumer<String> ask,
            Consumer<String> wrong) {
        super(10);
        this.model = model;
        this.picked = picked;
        this.wrong = wrong;
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
        edges.addEventFilter(KeyEvent.KEY_TYPED, this::finishTyped);
        edges.setPrefHeight(170);
        edges.setMinHeight(116);
        edgeName.setId("edge-name");
        changing = changing().whileTyping(changes -> preview.accept(changes.flatMap(EdgePanel::drawn)));
        corrections = tools.edits(new SewOnFelt(model, picked, ask).button());
        getChildren()
                .addAll(
                        Nodes.whole("Its edges", Styles.HEADING),
                        edges,
                        edgeName,
                        Nodes.row(
                                8,
                                Nodes.grown(Nodes.field("Finish of the edge", finish)),
                                Nodes.field("Allowance", allowance)),
                        corrections,
                        changing);
    }

    private WordLine<List<PatternChange>> changing() {
        return new WordLine<List<PatternChange>>(
                        "change-edge", "Change the picked edge, or its piece", this::read, this::said)
                .example("Or with an amount of its own")
                .knows("Bow", Lengths.example("bow 12", "bow 1/2"), "The edge bows out by so much; bow in 12 inward")
                .knows(
                        "Out",
                        Lengths.example("out 5", "out 3/16"),
                        "The edge moves out, its neighbours with it; in 5 inward")
                .knows(
                        "Fuller",
                        Lengths.example("fuller 20", "fuller 3/4"),
                        "Longer, to be gathered in; fuller 20 through all the way")
                .knows(
                        "Split at",
                        Lengths.example("split at 150", "split at 6"),
                        "The edge in two, so far from where it begins")
                .knows(
                        "Notch",
                        Lengths.example("notch 40 x 25 at 150", "notch 1 1/2 x 1 at 6"),
                        "A notch so wide and deep")
                .knows(
                        "Hole",
                        Lengths.example("punched 5 at 40, 60", "punched 1/4 at 1 1/2, 2 1/2"),
                        "Along the edge and in from it; also drilled, melted, slit, cross slit, and in the car")
                .knows(
                        "Opening",
                        Lengths.example("open 60 x 40 at 100, 80", "open 2 1/2 x 1 1/2 at 4, 3"),
                        "An opening in the piece")
                .knows(
                        "Keep free",
                        Lengths.example(
                                "free 60 x 40 at 100, 80 for the lever", "free 2 1/2 x 1 1/2 at 4, 3 for the lever"),
                        "Room that nothing may enter")
                .knows(
                        "Left long",
                        Lengths.example("left long 30", "left long 1 1/4"),
                        "Left long until it is tried in the car")
                .knows("Confirmed", "confirmed", "The edge was tried, and is as it is to be")
                .knows("Cut in two", this::halves, "From this edge to another one, with a seam")
                .knows("Pair", "pair", "Left and right of it are cut; also one, two alike")
                .knows("Waits", "waits for the bezel", "Not cut before it comes; comes, once it has")
                .knows("Named", "named rear edge", "What the edge is called")
                .onEnter(this::change, wrong::accept);
    }

    /** From the middle of the picked edge to the middle of the one across. */
    private String halves() {
        var piece = piece();
        if (piece.isEmpty()) return "";
        var edge = picked.get().edge();
        var across =
                (edge + piece.get().edges().size() / 2) % piece.get().edges().size();
        return "cut from %.0f to edge %d at %.0f"
                .formatted(
                        piece.get().lengthMm(edge) / 2, across + 1, piece.get().lengthMm(across) / 2);
    }

    /** The control that has the keyboard first. */
    Node first() {
        return edges;
    }

    void show(Optional<Piece> piece) {
        filling = true;
        setVisible(piece.isPresent());
        setManaged(piece.isPresent());
        var at = picked.get();
        if (piece.isEmpty() || at == null) edges.getItems().clear();
        else {
            edges.getItems()
                    .setAll(IntStream.range(0, piece.get().edges().size())
                            .boxed()
                            .toList());
            edges.getSelectionModel().select(at.edge());
            var edge = piece.get().edges().get(at.edge());
            edgeName.setText("The picked edge: %s, %s"
                    .formatted(
                            piece.get().edgeWord(at.edge()),
                            Lengths.said(Math.rint(piece.get().lengthMm(at.edge())))));
            finish.setValue(edge.finish());
            allowance.setText(Lengths.field(edge.allowanceMm()));
        }
        filling = false;
        changing.readAgain();
    }

    private Optional<Piece> piece() {
        return Optional.ofNullable(picked.get())
                .flatMap(at -> model.job().patterns().findOne(at.piece()));
    }

    private Parsed<List<PatternChange>> read(String typed) {
        return piece().<Parsed<List<PatternChange>>>map(piece -> EditText.read(
                        typed, model.job().patterns(), piece, picked.get().edge()))
                .orElseGet(() -> new Refused<>("Draw a piece first."));
    }

    private List<String> said(List<PatternChange> changes) {
        return changes.stream()
                .map(change -> PatternSaid.of(change, model.job().cabin()))
                .distinct()
                .toList();
    }

    /** The picked piece as a change draws it; empty where it draws none. */
    private static Optional<Piece> drawn(List<PatternChange> changes) {
        return changes.stream()
                .flatMap(change -> change instanceof PieceDrawn(var piece) ? Stream.of(piece) : Stream.of())
                .findFirst();
    }

    private boolean change(List<PatternChange> changes) {
        return model.makeTogether(changes.stream().map(AtPattern::new).toList());
    }

    private void edgeChosen() {
        var edge = edges.getSelectionModel().getSelectedItem();
        if (!filling && edge != null && picked.get() != null)
            picked.set(new PickedEdge(picked.get().piece(), edge));
    }

    /** Letters that are typed on an edge choose its finish. */
    void finishTyped(KeyEvent key) {
        if (picked.get() != null) finish.fireEvent(key.copyFor(key.getSource(), finish));
    }

    private void finishChosen() {
        if (filling || picked.get() == null || finish.getValue() == null) return;
        finish(finish.getValue(), finish.getValue().allowanceMm());
    }

    private void allowanceTyped() {
        switch (Length.parse(allowance.getText())) {
            case Refused<Length>(var why) -> wrong.accept(why);
            case Understood<Length>(var length)
            when length.mm() > Edge.LARGEST_ALLOWANCE ->
                wrong.accept("%s is more than an allowance can be here, 300 mm.".formatted(allowance.getText()));
            case Understood<Length>(var length) -> finish(finish.getValue(), length.mm());
        }
    }

    private void finish(EdgeFinish newFinish, double mm) {
        wrong.accept("");
        var at = picked.get();
        model.make(new AtPattern(new EdgeFinished(at.piece(), at.edge(), newFinish, mm)));
    }

    /** An edge with its name, length, finish and allowance. */
    private final class EdgeCell extends ListCell<Integer> {
        @Override
        protected void updateItem(Integer edge, boolean empty) {
            super.updateItem(edge, empty);
            var piece = empty || edge == null ? null : piece().orElse(null);
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
