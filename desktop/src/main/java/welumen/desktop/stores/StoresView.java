package welumen.desktop.stores;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import welumen.cut.CuttingTable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.finish.reading.StandsOut;
import welumen.stores.JobNeeds;
import welumen.stores.Need;
import welumen.strip.account.FixingLedger;

/** How much of everything, with the working shown. */
public final class StoresView extends StagePane {
    private final FlowPane needs = new FlowPane(16, 16);
    private final VBox fixings = new VBox(6);
    private final LeftoverList leftovers;
    private final List<Node> others;

    public StoresView(JobModel model) {
        super(model);
        leftovers = new LeftoverList(model);
        needs.setId("needs");
        needs.setFocusTraversable(true);
        var toBuy =
                Nodes.column(6, Nodes.whole("Fixings to buy, with the spare of their kind", Styles.HEADING), fixings);
        asCard(toBuy);
        asCard(leftovers);
        others = List.of(leftovers, toBuy);
        getChildren().add(Nodes.scroll(needs));
    }

    @Override
    public Node first() {
        return needs;
    }

    @Override
    protected void refresh() {
        var all = JobNeeds.of(
                model.job().patterns(),
                model.job().table(),
                model.job().finish(),
                model.yard().state().crew().loadHolds(),
                model.currencySign());
        say(all);
        needs.getChildren()
                .setAll(StandsOut.of(model.job().cabin(), model.job().finish().readings()).stream()
                        .map(StoresView::odd)
                        .toList());
        needs.getChildren().addAll(all.stream().map(StoresView::card).toList());
        needs.getChildren().addAll(others);
        showFixings();
        leftovers.refresh();
    }

    private void say(List<Need> all) {
        var laid = model.job().table() instanceof CuttingTable.Laid;
        headline.say(
                "Stores",
                all.isEmpty()
                        ? "Nothing is asked for yet."
                        : Words.capital(String.join(
                                        "; ", all.stream().map(Need::said).toList()))
                                + ".",
                laid
                        ? model.job()
                                .drawnSince()
                                .map(since -> "Leather and cloth are of a plan that does not hold any more: %s."
                                        .formatted(since.said()))
                                .orElse("From the pieces as they are drawn and laid out.")
                        : "The leather is known once the pieces are laid out at Cut.");
    }

    /** What is seen together goes together, before more of it is ordered. */
    private static Node odd(StandsOut out) {
        var card = Nodes.column(
                6,
                Nodes.label("Before you order", Styles.HEADING),
                Nodes.label(Words.capital(out.said()) + ". See to it at Refit, Finish, Colour.", Styles.DANGER));
        asCard(card);
        return card;
    }

    private static Node card(Need need) {
        var card = Nodes.column(
                6,
                Nodes.label(Words.capital(need.material()), Styles.HEADING),
                Nodes.label(need.amount(), Styles.STRONG));
        for (var line : need.working()) card.getChildren().add(Nodes.label(line, Styles.MEASURE, Styles.SECOND));
        asCard(card);
        return card;
    }

    private static void asCard(Region card) {
        card.getStyleClass().add(Styles.CARD);
        card.setPrefWidth(430);
        card.setMinHeight(USE_PREF_SIZE);
    }

    private void showFixings() {
        fixings.getChildren().clear();
        var toBuy = FixingLedger.toBuy(model.job().strip());
        for (var one : toBuy)
            fixings.getChildren()
                    .add(Nodes.label(
                            one.count() + " " + one.kind().named(one.count(), one.size(), one.colour()),
                            Styles.STRONG));
        if (toBuy.isEmpty())
            fixings.getChildren().add(Nodes.label("None: all that came out can go back.", Styles.SECOND));
    }
}
