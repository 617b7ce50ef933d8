package welumen.desktop.diary;

import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;

/** What to do now, what waits, and when the car goes home. */
public final class DiaryView extends StagePane {
    private final Leaves leaves;

    public DiaryView(JobModel model) {
        super(model);
        var desk = new DaysDesk(model);
        leaves = leaves(
                new Tab("Now", NowLeaf::new),
                new Tab("Today", of -> new TodayLeaf(of, desk)),
                new Tab("Days", of -> new DaysLeaf(of, desk)));
        getChildren().add(leaves);
    }

    @Override
    protected void answer() {
        headline.say("Diary", "", "");
    }

    @Override
    protected void refresh() {
        answer();
        leaves.refresh();
    }
}
