package welumen.desktop.cut;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.cloth.StripesUp;
import welumen.cut.judge.MirroredPlaces;
import welumen.cut.pieces.AcrossSeams;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.TooWide;
import welumen.cut.stock.Stock;
import welumen.cut.table.LotsMixed;
import welumen.cut.table.StockChanged;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.job.Job;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;

/** Hide by hide what lies on it, beside the table: how much of it is used, and the pieces by number. */
final class HideList extends VBox {
    private final Consumer<TooWide.Offer> join;

    /** @param join makes a piece of strips */
    HideList(Consumer<TooWide.Offer> join) {
        super(8);
        this.join = join;
    }

    /** Before anything is laid out. */
    void showUntouched(List<Stock> stock, Job job) {
        getChildren().clear();
        sayHeldBack(job);
        for (var hide : stock)
            getChildren()
                    .add(card(
                            hide.id(),
                            "%d flaws, untouched".formatted(hide.shape().holes().size())));
    }

    /** @param now what can be cut from now */
    void show(Laid laid, List<Stock> now, Job job) {
        var patterns = job.patterns();
        var problem = laid.problem();
        var plan = laid.plan();
        getChildren().clear();
        sayHeldBack(job);
        sayUnplaced(laid, patterns);
        for (var changed : StockChanged.words(laid, now, job.cutLog()))
            getChildren().add(Nodes.label(changed, Styles.DANGER));
        for (var mixed : LotsMixed.of(laid)) getChildren().add(Nodes.label(mixed.words(), Styles.DANGER));
        for (var runs : StripesUp.words(problem)) getChildren().add(Nodes.label(runs));
        for (var goesOn : AcrossSeams.words(
                patterns,
                plan.sheets().stream().map(use -> problem.stock(use.stock())).toList()))
            getChildren().add(Nodes.label(goesOn));
        for (var use : plan.sheets())
            getChildren()
                    .add(card(
                            use.stock(),
                            "%s · %s of %s · %s"
                                    .formatted(
                                            Words.many(plan.on(use.stock()).size(), "piece"),
                                            Words.squareMetres(use.pieceArea()),
                                            Words.squareMetres(use.openedArea()),
                                            Words.percent(use.pieceArea() / use.openedArea()))));
        sayApart(problem, plan);
        for (var use : plan.sheets())
            for (var placement : plan.on(use.stock())) {
                var name = PieceName.of(problem, problem.piece(placement.piece()));
                getChildren().add(Nodes.label("%d  %s".formatted(name.number(), name.words()), Styles.NOTE));
            }
    }

    /** Left and right that will not match in grain: how many, and which once somebody wants to know. */
    private void sayApart(CutProblem problem, CutPlan plan) {
        var apart = MirroredPlaces.apart(problem, plan);
        if (apart.isEmpty()) return;
        var which = Nodes.column(4);
        var more = Nodes.button(
                "%s not from mirrored places".formatted(Words.many(apart.size(), "pair")),
                "Left and right of these may differ in grain and shade; press to see which",
                () -> which.setVisible(!which.isVisible()));
        more.setId("apart");
        for (var one : apart)
            which.getChildren()
                    .add(Nodes.label(
                            "%s and %s: %s."
                                    .formatted(
                                            Words.capital(PieceName.of(problem, one.one())
                                                    .words()),
                                            PieceName.of(problem, one.other()).words(),
                                            one.why()),
                            Styles.NOTE));
        which.setVisible(false);
        which.managedProperty().bind(which.visibleProperty());
        getChildren().addAll(more, which);
    }

    /** What has no place; what helps comes first, since the list of the rest may be long. */
    private void sayUnplaced(Laid laid, Patterns patterns) {
        var problem = laid.problem();
        var plan = laid.plan();
        for (var piece : patterns.pieces())
            if (plan.unplaced().stream().anyMatch(missing -> FromPattern.isOf(missing.piece(), piece.id())))
                offer(piece, TooWide.offers(patterns, piece, problem.stock(), problem.gap()));
        for (var missing : plan.unplaced())
            getChildren()
                    .add(Nodes.label(
                            "%s: %s".formatted(Words.capital(missing.piece()).replace('-', ' '), missing.reason()),
                            Styles.DANGER));
    }

    private void offer(Piece piece, List<TooWide.Offer> offers) {
        if (offers.isEmpty()) return;
        var ways = Nodes.column(
                4, Nodes.label("The %s is wider than its roll. Make it of strips, with".formatted(piece.name())));
        for (var offer : offers) {
            var button = Nodes.button(
                    Words.capital(offer.join().word()),
                    "Strips that are sewn together along the nap",
                    () -> join.accept(offer));
            button.setId("join-" + offer.join().name().toLowerCase(Locale.ROOT));
            ways.getChildren().add(button);
        }
        getChildren().add(ways);
    }

    /** What is drawn, but not to be cut yet, and why. */
    private void sayHeldBack(Job job) {
        for (var piece : job.patterns().pieces())
            for (var reason : job.notCutBecause(piece))
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
