package welumen.desktop.yard;

import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;

/** What belongs to the workshop and not to a car. */
public final class YardView extends StagePane {
    private final Leaves leaves;

    public YardView(JobModel model) {
        super(model);
        leaves = leaves(
                new Tab("People", PeopleLeaf::new),
                new Tab("Places", PlacesLeaf::new),
                new Tab("Hides and rolls", StockLeaf::new),
                new Tab("Materials", MaterialsLeaf::new),
                new Tab("Tins", TinsLeaf::new),
                new Tab("Tints", TintsLeaf::new),
                new Tab("Suppliers", SuppliersLeaf::new),
                new Tab("Prices and ways", HouseLeaf::new));
        getChildren().add(leaves);
    }

    @Override
    protected void refresh() {
        leaves.refresh();
        answer();
    }

    @Override
    protected void answer() {
        var yard = model.yard().state();
        headline.say(
                yard.name(),
                "%d at work here, %s, %s in work."
                        .formatted(
                                yard.crew().people().all().size(),
                                Words.many(yard.crew().places().all().size(), "place"),
                                Words.many(yard.garage().inWork().size(), "car")),
                "");
    }
}
