package welumen.desktop.yard;

import java.util.List;
import javafx.scene.Node;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;

/** What belongs to the workshop and not to a car. */
public final class YardView extends StagePane {
    private final Leaves leaves;

    public YardView(JobModel model) {
        super(model);
        leaves = new Leaves(List.<Leaf>of(
                new PeopleLeaf(model),
                new PlacesLeaf(model),
                new StockLeaf(model),
                new MaterialsLeaf(model),
                new TinsLeaf(model),
                new SuppliersLeaf(model),
                new HouseLeaf(model)));
        leaves.whenTurned(this::answer);
        getChildren().add(leaves);
    }

    @Override
    public Node first() {
        return leaves.first();
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
                leaves.open().answer(),
                "%d at work here, %s, %s in work."
                        .formatted(
                                yard.crew().people().all().size(),
                                Words.many(yard.crew().places().all().size(), "place"),
                                Words.many(yard.garage().inWork().size(), "car")));
    }

    @Override
    public void turnLeaf(int by) {
        leaves.turn(by);
    }
}
