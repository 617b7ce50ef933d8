package welumen.desktop.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.finish.Batch;
import welumen.finish.FinishChange.PiecesMoved;
import welumen.finish.FinishChange.WentWrong;
import welumen.finish.coat.Cause;
import welumen.finish.load.HardPiece;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.Together;

/** From hook to screw: how many pieces are how far, and each load that is sprayed moved on, or sprayed once more. */
final class OnTheWay {
    private static final int FEW = 4;

    private final JobModel model;
    private final Batch batch;

    OnTheWay(JobModel model) {
        this.model = model;
        batch = model.job().finish().batch();
    }

    List<Node> all() {
        var nodes = new ArrayList<Node>();
        nodes.add(steps());
        for (var step : List.of(Batch.Step.SPRAYED, Batch.Step.HANDLED))
            byLoad(step).forEach((load, pieces) -> nodes.add(row(step, load, pieces)));
        return nodes;
    }

    /** No piece is lost: how many are how far, and all of them together. */
    private Node steps() {
        var box = Nodes.column(
                4, Nodes.label("%s in all".formatted(Words.many(batch.pieces().size(), "piece")), Styles.STRONG));
        for (var step : Batch.Step.values()) {
            var count = batch.count(step);
            if (count > 0) box.getChildren().add(Nodes.label("%d %s".formatted(count, step.word()), Styles.SECOND));
        }
        box.setId("from-hook-to-screw");
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private TreeMap<Integer, List<HardPiece>> byLoad(Batch.Step step) {
        return batch.pieces().stream()
                .filter(piece -> batch.step(piece) == step)
                .collect(Collectors.groupingBy(
                        piece -> batch.loads().getOrDefault(piece.id(), 0), TreeMap::new, Collectors.toList()));
    }

    /** What was sprayed can be handled, what can be handled is fitted. */
    private Node row(Batch.Step step, int load, List<HardPiece> pieces) {
        var next = Batch.Step.values()[step.ordinal() + 1];
        var ids = pieces.stream().map(HardPiece::id).toList();
        var deed = Nodes.button(
                Words.capital(next.word()),
                "All %d of them".formatted(ids.size()),
                () -> model.make(new AtFinish(new PiecesMoved(ids, next))));
        deed.setId("move-%s-%d".formatted(next.name().toLowerCase(Locale.ROOT), load));
        var card = Nodes.column(6);
        var again = Nodes.button(
                "Once more",
                "It came out badly: they are sprayed again",
                () -> card.getChildren().add(again(ids)));
        again.setId("again-%s-%d".formatted(step.name().toLowerCase(Locale.ROOT), load));
        again.disableProperty().bind(Bindings.size(card.getChildren()).greaterThan(2)); // it is asked already
        var names = pieces.stream().map(HardPiece::name).limit(FEW).collect(Collectors.joining(", "))
                + (pieces.size() > FEW ? " and %d more".formatted(pieces.size() - FEW) : "");
        card.getChildren()
                .addAll(
                        Nodes.label("Load %d, %s: %s".formatted(load, step.word(), names), Styles.SECOND),
                        new FlowPane(8, 6, deed, again));
        card.getStyleClass().add(Styles.CARD);
        return card;
    }

    /** What it cost, and why; they are prepared anew. */
    private Node again(List<String> ids) {
        return new AgainForm(
                model,
                ids.size() == 1 ? "a small piece" : ids.size() + " small pieces",
                Cause.TOO_THICK,
                gone -> model.make(Together.of(List.of(
                        new AtFinish(new WentWrong(gone)), new AtFinish(new PiecesMoved(ids, Batch.Step.LISTED))))));
    }
}
