package welumen.desktop.diary;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.book.DiaryChange.DayPromised;
import welumen.diary.book.DiaryChange.OtherwiseSaid;
import welumen.diary.book.DiaryChange.TaskDone;
import welumen.diary.book.Promise;
import welumen.diary.book.PromiseText;
import welumen.diary.task.Task;
import welumen.job.JobChange;
import welumen.job.JobChange.InDiary;
import welumen.job.JobChange.Together;
import welumen.measure.DayText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What is awaited: the last word on when it comes and whose it was, what is done else, and what a week later would mean. */
final class AwaitedBox extends VBox {
    private static final int LATER_DAYS = 7;

    private final JobModel model;
    private final Task task;

    /** @param asks told what may come about */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    AwaitedBox(JobModel model, Task task, Consumer<String> asks) {
        super(4);
        this.model = model;
        this.task = task;
        var line = new TextField();
        line.setId("comes-" + task.id().replaceAll("[^a-z0-9]+", "-"));
        line.setPrefColumnCount(14);
        line.setPromptText("when, whom to ask, else what?");
        line.setAccessibleText("The day on which it comes, whom to ask, and what is done else: " + task.what());
        var wrong = Nodes.label("", Styles.DANGER);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        line.setOnAction(_ -> {
            switch (PromiseText.read(line.getText(), model.today())) {
                case Refused<PromiseText>(var why) -> wrong.setText(why);
                case Understood<PromiseText>(var said) -> keep(said);
            }
        });
        var row = Nodes.row(8, line);
        if (task.isOnItsWay())
            row.getChildren()
                    .add(Nodes.button(
                            "It is here",
                            "Nothing waits for it any more",
                            () -> model.make(new InDiary(new TaskDone(task.id())))));
        var later = Nodes.button(
                "A week later?",
                "What it would stop, and the new days",
                () -> asks.accept("%s comes %s".formatted(task.what(), DayText.said(usual().plusDays(LATER_DAYS)))));
        later.setId("later-" + task.id().replaceAll("[^a-z0-9]+", "-"));
        row.getChildren().add(later);
        getChildren().addAll(Nodes.label(last(), Styles.NOTE), row, wrong);
    }

    /** The day that is promised; where none is, today. */
    private LocalDate usual() {
        return task.promised().filter(day -> day.isAfter(model.today())).orElse(model.today());
    }

    private void keep(PromiseText said) {
        var changes = new ArrayList<JobChange>();
        var before = model.job().diary().promises().get(task.id());
        var day = said.day().or(task::promised);
        var by = said.by().isEmpty() && before != null ? before.by() : said.by();
        if (day.isPresent() && (said.day().isPresent() || !said.by().isEmpty()))
            changes.add(new InDiary(new DayPromised(task.id(), day.get(), by, model.today())));
        if (!said.otherwise().isEmpty()) changes.add(new InDiary(new OtherwiseSaid(task.id(), said.otherwise())));
        if (!changes.isEmpty()) model.make(changes.size() == 1 ? changes.getFirst() : Together.of(changes));
    }

    private String last() {
        var last = model.job().diary().promises().get(task.id());
        var words = task.promised()
                .map(day -> "Promised for %s%s.".formatted(Words.day(day), last == null ? "" : given(last)))
                .orElse("No day is promised.");
        var otherwise = model.job().diary().otherwise().get(task.id());
        return otherwise == null ? words : "%s Else: %s.".formatted(words, otherwise);
    }

    private static String given(Promise last) {
        return (last.by().isEmpty() ? "" : " by " + last.by()) + ", said on " + Words.day(last.said());
    }
}
