package welumen.desktop.diary;

import java.util.List;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.diary.task.Task;

/** What to do now, what waits, and when the car goes home. */
public final class DiaryView extends StagePane {
    private final CarTasks car;
    private final Leaves leaves;

    public DiaryView(JobModel model) {
        super(model);
        var desk = new DaysDesk(model);
        car = new CarTasks(model);
        leaves = leaves(
                new Tab("Now", of -> new NowLeaf(of, car, desk, this::whatIf)),
                new Tab("Today", of -> new TodayLeaf(of, desk)),
                new Tab("Days", of -> new DaysLeaf(of, desk)),
                new Tab("What if", of -> new WhatIfLeaf(of, desk, car)));
        getChildren().add(leaves);
    }

    /** Turns to the leaf that works out what may come about, and asks it. */
    private void whatIf(String text) {
        leaves.turnTo("What if");
        if (leaves.open() instanceof WhatIfLeaf leaf) leaf.ask(text);
    }

    @Override
    protected void answer() {
        var tasks = car.all();
        headline.say("Diary", said(tasks, tasks.stream().filter(Task::canBegin).toList()), "");
    }

    private static String said(List<Task> tasks, List<Task> open) {
        if (open.isEmpty()) return tasks.isEmpty() ? "Nothing is open." : "Everything waits.";
        var first = open.getFirst();
        return "%s can be begun now; first %s%s"
                .formatted(
                        open.size() == 1 ? "One thing" : Words.count(open.size()) + " things",
                        first.said(),
                        first.keepsWaiting() == 0
                                ? "."
                                : ", which keeps %s waiting."
                                        .formatted(Words.many(first.keepsWaiting(), "other task")));
    }

    @Override
    protected void refresh() {
        answer();
        leaves.refresh();
    }
}
