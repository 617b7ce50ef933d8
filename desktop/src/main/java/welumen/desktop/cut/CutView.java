package welumen.desktop.cut;

import java.util.Optional;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;

/** Hides in, how many to order, what lies where, and what is cut. */
public final class CutView extends StagePane {
    private final CutAnswer answer;
    private final Leaves leaves;
    private Optional<PlanLeaf> plan = Optional.empty();

    public CutView(JobModel model) {
        super(model);
        answer = new CutAnswer(model, headline);
        leaves = leaves(
                new Tab("Plan", this::plan),
                new Tab("Hides and rolls", HidesLeaf::new),
                new Tab("Leather", LeatherLeaf::new),
                new Tab("Forecast", ForecastLeaf::new),
                new Tab("At the table", TableLeaf::new));
        getChildren().add(leaves);
    }

    private PlanLeaf plan(JobModel of) {
        plan = Optional.of(new PlanLeaf(of, headline));
        return plan.get();
    }

    /** Turning to another stage ends the search and keeps the best. */
    @Override
    public void close() {
        plan.ifPresent(PlanLeaf::finishNow);
        super.close();
    }

    @Override
    protected void answer() {
        if (!plan.map(PlanLeaf::isSearching).orElse(false)) answer.say();
    }

    @Override
    protected void refresh() {
        answer();
        leaves.refresh();
    }
}
