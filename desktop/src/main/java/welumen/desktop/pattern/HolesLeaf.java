package welumen.desktop.pattern;

import java.util.Optional;
import java.util.stream.IntStream;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.measure.Lengths;
import welumen.pattern.hole.HoleMap;
import welumen.pattern.hole.HoleMap.Hole;
import welumen.pattern.hole.HolesCompared;
import welumen.pattern.piece.Piece;

/** Every hole of a piece from one datum, and how they lie against those of another: the old part, or the body. */
final class HolesLeaf extends Leaf {
    private final PieceChoice piece;
    private final PieceChoice against;
    private final ComboBox<Integer> datum = new ComboBox<>();
    private final VBox list = new VBox(6);
    private final OnePieceFelt felt =
            new OnePieceFelt("holes-felt", "The piece with its holes; the list has each", this::over);
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    HolesLeaf(JobModel model) {
        super(model, Reads.CABIN, Reads.PATTERNS, Reads.PICKED);
        piece = new PieceChoice(model, "holes-piece", this::fillDatum);
        against = new PieceChoice(model, "holes-against", this::show);
        against.setPromptText("nothing");
        datum.setId("holes-datum");
        WordCell.in(datum, this::corner);
        datum.valueProperty().subscribe(() -> {
            if (!filling) show();
        });
        answer.setId("holes-answer");
        list.setId("holes");
        var right = Nodes.scroll(list);
        var both = Nodes.beside(felt, right, 330);
        getChildren()
                .addAll(
                        Nodes.form(
                                14,
                                Nodes.field("Holes of", piece),
                                Nodes.field("From the corner where begins", datum),
                                Nodes.field("Laid over", against)),
                        both);
    }

    private String corner(Integer edge) {
        return piece.piece()
                .map(one -> edge < one.edges().size() ? one.edgeWord(edge) : "")
                .orElse("");
    }

    @Override
    protected Node first() {
        return piece;
    }

    @Override
    protected void refresh() {
        piece.fill(PatternView.pieces(model));
        against.fill(model.job().patterns().pieces(), null);
        fillDatum();
    }

    private void fillDatum() {
        filling = true;
        var before = datum.getValue();
        var count = piece.piece().map(one -> one.edges().size()).orElse(0);
        datum.getItems().setAll(IntStream.range(0, count).boxed().toList());
        datum.setValue(before != null && before < count ? before : count == 0 ? null : 0);
        filling = false;
        show();
    }

    private Optional<HoleMap> map(Optional<Piece> of) {
        return of.filter(one -> datum.getValue() != null
                        && datum.getValue() < one.edges().size())
                .map(one -> HoleMap.of(one, datum.getValue()));
    }

    private void show() {
        felt.show(piece.piece(), "Numbered as in the list: small ones are made first");
        list.getChildren().clear();
        var map = map(piece.piece());
        if (map.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        var holes = map.get().holes();
        var fellow = against.piece().filter(other -> !other.id().equals(piece.getValue()));
        var compared =
                map(fellow).map(other -> HolesCompared.of(map.get(), other)).filter(_ -> !holes.isEmpty());
        answer.setText(
                holes.isEmpty()
                        ? "No hole is marked yet: type punched 5 at 40, 60 for trim screw on the first leaf."
                        : Words.capital(Words.many(holes.size(), "hole"))
                                + " from that corner, x along its edge and y inward"
                                + compared.map(both -> both.agree()
                                                ? "; all find their fellows on the %s."
                                                        .formatted(fellow.orElseThrow()
                                                                .name())
                                                : "; not all find their fellows on the %s."
                                                        .formatted(fellow.orElseThrow()
                                                                .name()))
                                        .orElse("."));
        for (var i = 0; i < holes.size(); i++) list.getChildren().add(row(i + 1, holes.get(i), compared));
        compared.ifPresent(both -> both.onlyOther()
                .forEach(hole -> list.getChildren()
                        .add(Nodes.label("There is none here: %s".formatted(words(hole)), Styles.DANGER))));
    }

    private static String words(Hole hole) {
        return "%s%.0f, %.0f · %s %s"
                .formatted(
                        hole.what().isBlank() ? "" : hole.what() + " · ",
                        hole.at().x(),
                        hole.at().y(),
                        Lengths.said(hole.sizeMm()),
                        hole.how());
    }

    private static Node row(int number, Hole hole, Optional<HolesCompared> compared) {
        var told = Nodes.label("%d  %s".formatted(number, words(hole)));
        if (compared.isEmpty()) return told;
        var pair =
                compared.get().pairs().stream().filter(one -> one.one() == hole).findFirst();
        var note = pair.map(one -> one.meets()
                        ? "meets within %s".formatted(Lengths.said(one.offMm()))
                        : "%s off, %s; the other %s %s; by best fit %s off"
                                .formatted(
                                        Lengths.said(one.offMm()),
                                        way(one),
                                        Lengths.said(Math.abs(one.largerMm())),
                                        one.largerMm() < 0 ? "smaller" : "larger",
                                        Lengths.said(one.bestFitMm())))
                .orElse("has no fellow there");
        var isGood = pair.map(HolesCompared.Pair::meets).orElse(false);
        return Nodes.column(1, told, Nodes.label(note, isGood ? Styles.NOTE : Styles.DANGER));
    }

    /** Which way, along the datum's edge and inward. */
    private static String way(HolesCompared.Pair pair) {
        return "%s along and %s inward"
                .formatted(
                        Lengths.said(Math.round(10 * pair.by().x()) / 10.0),
                        Lengths.said(Math.round(10 * pair.by().y()) / 10.0));
    }

    private void over(Chalk chalk, ObservableList<Node> nodes) {
        if (piece.piece().isEmpty()
                || datum.getValue() == null
                || datum.getValue() >= piece.piece().get().edges().size()) return;
        var run = piece.piece().get().run(datum.getValue());
        var origin = run.getFirst();
        nodes.add(chalk.draw(run, "picked-edge"));
        var dot = new Circle(chalk.x(origin.x()), chalk.y(origin.y()), 6);
        dot.getStyleClass().add("dot-first");
        nodes.add(dot);
        var number = 1;
        for (var hole : HoleMap.of(piece.piece().get(), datum.getValue()).holes())
            felt.say(
                    Integer.toString(number++),
                    chalk.x(hole.on().x() + hole.sizeMm() / 2) + 5,
                    chalk.y(hole.on().y()) - 16);
    }
}
