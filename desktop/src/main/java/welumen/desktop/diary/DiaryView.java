package welumen.desktop.diary;

import java.time.temporal.ChronoUnit;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.custody.Away;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.diary.Task;
import welumen.diary.WhatNext;
import welumen.job.WorkStage;

/** What can be done next, and what waits for what. */
public final class DiaryView extends StagePane {
    private final VBox now = new VBox(8);
    private final VBox waiting = new VBox(8);

    public DiaryView(JobModel model) {
        super(model);
        now.setId("now");
        waiting.setId("waiting");
        var both = Nodes.row(28, column("Can be begun now", now), column("Waits, and for what", waiting));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().add(both);
    }

    private static VBox column(String title, VBox rows) {
        var column = Nodes.column(8, Nodes.whole(title, Styles.HEADING), Nodes.scroll(rows));
        column.setMinWidth(0);
        column.setPrefWidth(440);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    @Override
    public Node first() {
        return now.getChildren().isEmpty() ? now : now.getChildren().getFirst();
    }

    @Override
    protected void refresh() {
        var job = model.job();
        var tasks = WhatNext.of(job.standing());
        var open = tasks.stream().filter(Task::canBegin).toList();
        say(tasks, open);
        var overdue = job.custody().overdue(model.today());
        now.getChildren().setAll(open.stream().map(this::row).toList());
        waiting.getChildren().setAll(overdue.stream().map(this::overdue).toList());
        waiting.getChildren()
                .addAll(tasks.stream()
                        .filter(task -> !task.canBegin())
                        .map(this::row)
                        .toList());
    }

    private void say(List<Task> tasks, List<Task> open) {
        if (open.isEmpty()) {
            headline.say("Diary", tasks.isEmpty() ? "Nothing is open." : "Everything waits.", "");
            return;
        }
        var first = open.getFirst();
        headline.say(
                "Diary",
                "%s can be begun now; first %s the %s."
                        .formatted(
                                open.size() == 1 ? "One thing" : Words.count(open.size()) + " things",
                                first.kind().word(),
                                model.job().cabin().one(first.part()).name()),
                first.keepsWaiting() == 0
                        ? "It keeps nothing waiting."
                        : "It keeps %s waiting.".formatted(Words.many(first.keepsWaiting(), "other task")));
    }

    private Node overdue(Away away) {
        var days = (int) ChronoUnit.DAYS.between(away.due(), model.today());
        var card = Nodes.column(
                3,
                Nodes.label(
                        "The %s is overdue"
                                .formatted(model.job().cabin().one(away.part()).name()),
                        Styles.STRONG,
                        Styles.DANGER),
                Nodes.label("%s, due %s, %s ago. Ask there, or send for it."
                        .formatted(Words.capital(away.where()), Words.day(away.due()), Words.many(days, "day"))));
        card.getStyleClass().add(Styles.CARD);
        card.setId("overdue-" + away.part());
        return card;
    }

    private Node row(Task task) {
        var part = model.job().cabin().one(task.part());
        var title = Words.capital(task.kind().word()) + " the " + part.name();
        var card =
                Nodes.column(3, Nodes.label(title, Styles.STRONG), Nodes.label(Words.hours(task.hours()), Styles.NOTE));
        for (var wait : task.waitsFor())
            card.getChildren()
                    .add(Nodes.label(Words.capital(wait.said(model.job().cabin())) + ".", Styles.SECOND));
        card.getStyleClass().add(Styles.CARD);
        card.setFocusTraversable(true);
        card.setAccessibleText(title);
        card.setOnMouseClicked(_ -> go(task));
        card.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER) go(task);
        });
        return card;
    }

    private void go(Task task) {
        model.pickedProperty().set(task.part());
        model.stageProperty().set(task.kind() == Task.Kind.TREAT ? WorkStage.SURVEY : WorkStage.REFIT);
    }
}
