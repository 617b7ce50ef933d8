package welumen.desktop.cut;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.cut.AcrossSeams;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Stock;
import welumen.cut.table.LotsMixed;
import welumen.cut.table.StockChanged;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.pattern.Patterns;
import welumen.pattern.ReadyToCut;

/** Hide by hide what lies on it, beside the table: how much of it is used, and the pieces by number. */
final class HideList extends VBox {
    HideList() {
        super(8);
    }

    /** Before anything is laid out. */
    void showUntouched(List<Stock> stock, Patterns patterns) {
        getChildren().clear();
        sayHeldBack(patterns);
        for (var hide : stock)
            getChildren()
                    .add(card(
                            hide.id(),
                            "%d flaws, untouched".formatted(hide.shape().holes().size())));
    }

    /** @param now what can be cut from now */
    void show(Laid laid, List<Stock> now, CutLog log, Patterns patterns) {
        var problem = laid.problem();
        var plan = laid.plan();
        getChildren().clear();
        sayHeldBack(patterns);
        for (var changed : StockChanged.words(laid, now, log)) getChildren().add(Nodes.label(changed, Styles.DANGER));
        for (var mixed : LotsMixed.of(laid)) getChildren().add(Nodes.label(mixed.words(), Styles.DANGER));
        for (var goesOn : AcrossSeams.words(
                patterns,
                plan.sheets().stream().map(use -> problem.stock(use.stock())).toList()))
            getChildren().add(Nodes.label(goesOn));
        for (var use : plan.sheets())
            getChildren()
                    .add(card(
                            use.stock(),
                            "%d pieces · %s of %s · %s"
                                    .formatted(
                                            plan.on(use.stock()).size(),
                                            Words.squareMetres(use.pieceArea()),
                                            Words.squareMetres(use.openedArea()),
                                            Words.percent(use.pieceArea() / use.openedArea()))));
        for (var use : plan.sheets())
            for (var placement : plan.on(use.stock())) {
                var name = PieceName.of(problem, problem.piece(placement.piece()));
                getChildren().add(Nodes.label("%d  %s".formatted(name.number(), name.words()), Styles.NOTE));
            }
        for (var missing : plan.unplaced())
            getChildren().add(Nodes.label("%s: %s".formatted(missing.piece(), missing.reason()), Styles.DANGER));
    }

    /** What is drawn, but not to be cut yet, and why. */
    private void sayHeldBack(Patterns patterns) {
        for (var piece : patterns.pieces())
            for (var reason : ReadyToCut.reasons(patterns, piece))
                getChildren()
                        .add(Nodes.label(
                                "%s is not laid out: %s.".formatted(Words.capital(piece.name()), reason),
                                Styles.DANGER));
    }

    private static Node card(String title, String facts) {
        var card = Nodes.column(
                3, Nodes.label(Words.capital(title), Styles.STRONG), Nodes.label(facts, Styles.SECOND, Styles.MEASURE));
        card.getStyleClass().add(Styles.CARD);
        return card;
    }
}
