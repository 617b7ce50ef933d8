package welumen.desktop.cut;

import java.util.List;
import javafx.scene.Node;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;

/** Hides in, how many to order, what lies where, and what is cut. */
public final class CutView extends StagePane {
    private final PlanLeaf plan;
    private final Leaves leaves;

    public CutView(JobModel model) {
        super(model);
        plan = new PlanLeaf(model, headline);
        leaves = new Leaves(List.of(
                plan, new HidesLeaf(model), new ForecastLeaf(model), new TableLeaf(model), new LeatherLeaf(model)));
        getChildren().add(leaves);
    }

    @Override
    public Node first() {
        return leaves.first();
    }

    @Override
    public void turnLeaf(int by) {
        leaves.turn(by);
    }

    /** Turning to another stage ends the search and keeps the best. */
    @Override
    public void close() {
        plan.finishNow();
        super.close();
    }

    @Override
    protected void refresh() {
        plan.say();
        leaves.refresh();
    }
}
