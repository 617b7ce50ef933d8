package welumen.desktop.diary;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.custody.Away;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.diary.OwnTaskText;
import welumen.diary.book.DiaryChange.TaskAdded;
import welumen.diary.book.DiaryChange.TaskDone;
import welumen.diary.book.DiaryChange.TaskWanted;
import welumen.diary.book.DiarySaid;
import welumen.diary.book.HandTask;
import welumen.diary.plan.NotToday;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.JobChange.InDiary;
import welumen.whatif.SupposedText;

/** What can be begun now on this car, and what waits for what. */
final class NowLeaf extends Leaf {
    /** Reasons that are read at a glance. */
    private static final int FEW = 3;

    private final CarTasks car;
    private final DaysDesk desk;
    private final Consumer<String> asks;
    private final WordLine<HandTask> own;
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final VBox now = new VBox(8);
    private final VBox waiting = new VBox(8);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    NowLeaf(JobModel model, CarTasks car, DaysDesk desk, Consumer<String> asks) {
        super(model, Reads.ALL);
        this.car = car;
        this.desk = desk;
        this.asks = asks;
        now.setId("now");
        waiting.setId("waiting");
        own = new WordLine<HandTask>(
                        "own-task",
                        "A task of one's own",
                        text -> text().read(text),
                        task -> List.of(
                                task.what(),
                                Words.hours(task.effort().likely().toMinutes() / 60.0),
                                Words.many(task.hands(), "pair") + " of hands"))
                .example("Something else to do: a loom for the switches, 2 h")
                .knows("Hours", "2 h", "How long it takes, or from 1 to 3 h")
                .knows("Two people", "2 people", "How many at once")
                .knows("After", "after |take off the dash|", "What is done before it")
                .knows("Before", "before |put back the dash|", "What waits for it")
                .onEnter(task -> model.make(new InDiary(new TaskAdded(task))), wrong::setText);
        wrong.setId("own-task-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var both = Nodes.row(
                28, Nodes.titled("Can be begun now", now, 440), Nodes.titled("Waits, and for what", waiting, 440));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(both, own, wrong);
    }

    /** Where a day was promised, or the days are known already: the mark on the tape then moves. */
    private boolean wantsDays() {
        return desk.last().isPresent() || !model.job().diary().promises().isEmpty();
    }

    private OwnTaskText text() {
        return new OwnTaskText(
                car.all(),
                Task.OWN + (model.job().diary().added().size() + 1),
                model.picked().map(Part::id));
    }

    @Override
    protected Node first() {
        return now.getChildren().isEmpty() ? now : now.getChildren().getFirst();
    }

    @Override
    protected void closed() {
        if (desk.last().isPresent()) desk.end();
    }

    @Override
    protected void refresh() {
        if (wantsDays()) desk.ask(_ -> {}, _ -> {}); // the mark on the tape moves with what is said here
        var tasks = car.all();
        var open = tasks.stream().filter(Task::canBegin).toList();
        now.getChildren().setAll(open.stream().map(this::row).toList());
        var overdue = model.job().custody().overdue(model.today());
        waiting.getChildren().setAll(overdue.stream().map(this::overdue).toList());
        waiting.getChildren()
                .addAll(tasks.stream()
                        .filter(task -> !task.canBegin())
                        .map(this::row)
                        .toList());
        model.job().diary().dropped().keySet().stream()
                .sorted()
                .map(this::dropped)
                .forEach(waiting.getChildren()::add);
    }

    /** What somebody has said is not to be done can be wanted again. */
    private Node dropped(String task) {
        var said = DiarySaid.task(task, model.job().cabin());
        var card = Nodes.row(
                8,
                Nodes.label("Not to be done: " + said, Styles.SECOND),
                Nodes.button(
                        "Do it all the same",
                        "It is a task again",
                        () -> model.make(new InDiary(new TaskWanted(task)))));
        card.getStyleClass().add(Styles.CARD);
        card.setId("dropped-" + task.replaceAll("[^a-z0-9]+", "-"));
        return card;
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
        var title = Words.capital(task.said());
        var card = Nodes.column(3, Nodes.label(title, Styles.STRONG));
        if (!task.kind().isWait()) card.getChildren().add(Nodes.label(work(task), Styles.NOTE));
        var reasons = task.after().stream().map(After::said).distinct().toList();
        reasons.stream()
                .limit(FEW)
                .forEach(said -> card.getChildren().add(Nodes.label(Words.capital(said) + ".", Styles.SECOND)));
        if (reasons.size() > FEW)
            card.getChildren()
                    .add(Nodes.label(
                            "And %s.".formatted(Words.many(reasons.size() - FEW, "more thing")), Styles.SECOND));
        if (task.canBegin())
            new NotToday(model.yard().state().crew())
                    .of(task, LocalDateTime.ofInstant(model.nowProperty().get(), model.zone()), 0)
                    .forEach(no -> card.getChildren().add(Nodes.label("Not now: %s.".formatted(no), Styles.DANGER)));
        if (task.kind() == TaskKind.TEST && task.canBegin())
            card.getChildren()
                    .add(Nodes.button(
                            "It works",
                            "Tested, before anything closes over it",
                            () -> model.make(new InDiary(new TaskDone(task.id())))));
        if (SupposedText.isAwaited(task)) card.getChildren().add(new AwaitedBox(model, task, asks));
        card.getStyleClass().add(Styles.CARD);
        TaskPlace.leads(card, model, task);
        return card;
    }

    private static String work(Task task) {
        return task.hands() > 1
                ? "%s, %s people"
                        .formatted(
                                Words.hours(task.hours()),
                                Words.count(task.hands()).toLowerCase())
                : Words.hours(task.hours());
    }
}
