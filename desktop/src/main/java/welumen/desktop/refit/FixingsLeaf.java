package welumen.desktop.refit;

import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.refit.FixingAccount;
import welumen.strip.account.FixingLedger;

/** The fixings of the whole job: out, back in, in hand, to buy; what is left over or missing, or nothing is. */
final class FixingsLeaf extends Leaf {
    private final VBox lines = new VBox(6);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    FixingsLeaf(JobModel model) {
        super(model, Reads.CAR);
        answer.setId("fixings-answer");
        lines.setId("fixings");
        getChildren().addAll(Nodes.scroll(lines));
    }

    @Override
    protected void refresh() {
        var account = FixingAccount.of(model.job().strip(), model.job().refit());
        var toBuy = FixingLedger.toBuy(model.job().strip());
        var out = account.stream().mapToInt(FixingAccount.Line::out).sum();
        var in = account.stream().mapToInt(FixingAccount.Line::backIn).sum();
        var unsaid = account.stream().mapToInt(FixingAccount.Line::unaccounted).sum();
        answer.setText("%s came out, %d are back in, %d wait in bags%s%s"
                .formatted(
                        Words.many(out, "fixing"),
                        in,
                        account.stream().mapToInt(FixingAccount.Line::inHand).sum(),
                        unsaid == 0 ? "." : "; of %d nobody has said anything.".formatted(unsaid),
                        toBuy.isEmpty()
                                ? " Nothing is to buy."
                                : " Buy "
                                        + toBuy.stream().map(FixingsLeaf::said).collect(Collectors.joining(", "))
                                        + "."));
        lines.getChildren().setAll(account.stream().map(FixingsLeaf::row).toList());
    }

    private static String said(FixingLedger.ToBuy one) {
        return one.count() + " " + one.kind().named(one.count(), one.size(), one.colour());
    }

    private static Node row(FixingAccount.Line line) {
        var name = Words.capital(line.kind().named(2, line.size(), line.colour()));
        var bags = line.bags().isEmpty()
                ? ""
                : " · bags " + line.bags().stream().map(String::valueOf).collect(Collectors.joining(", "));
        var words = Nodes.column(
                2,
                Nodes.label(name, Styles.STRONG),
                Nodes.label(
                        "%d out · %d usable · %d back in · %d in hand%s%s"
                                .formatted(
                                        line.out(),
                                        line.usable(),
                                        line.backIn(),
                                        line.inHand(),
                                        line.unaccounted() == 0 ? "" : " · %d not said".formatted(line.unaccounted()),
                                        bags),
                        Styles.SECOND));
        words.getStyleClass().add(Styles.CARD);
        return words;
    }
}
