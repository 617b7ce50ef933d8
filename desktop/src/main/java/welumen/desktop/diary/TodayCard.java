package welumen.desktop.diary;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cabin.PartId;
import welumen.clock.WorkKind;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.PreflightBox;
import welumen.diary.Preflight;
import welumen.diary.book.DiaryChange.GoEnded;
import welumen.diary.book.DiaryChange.MadeReady;
import welumen.diary.book.DiaryChange.TaskDone;
import welumen.diary.book.Go;
import welumen.diary.plan.CarWork;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.JobChange;
import welumen.job.JobChange.InDiary;
import welumen.job.JobChange.Together;
import welumen.schedule.Booking;

/**
 * One thing on somebody's page of today: what, when, with whom, with what, and what comes of it. On the open car it is started,
 * paused and ended from here; Space starts and pauses, End ends. What has one chance asks first whether all is ready.
 */
final class TodayCard extends VBox {
    private final JobModel model;
    private final PlannedDays planned;
    private final TodayWords words;
    private final Booking booking;
    private final Task task;
    private final List<String> hands;
    private final VBox asks = Nodes.column(4);

    /** @param name whose page it stands on */
    TodayCard(JobModel model, PlannedDays planned, Booking booking, String name) {
        super(3);
        this.model = model;
        this.planned = planned;
        this.booking = booking;
        task = Objects.requireNonNull(planned.tasks().get(booking.id()));
        words = new TodayWords(model, planned, booking, task);
        hands = words.hands();
        getStyleClass().add(Styles.CARD);
        getChildren()
                .addAll(
                        Nodes.label(Words.capital(task.said()), Styles.STRONG),
                        Nodes.label(words.time(name), Styles.NOTE),
                        Nodes.label(words.car().map(CarWork::title).orElse(""), Styles.SECOND));
        if (!task.bring().isEmpty()) add("Take along: " + String.join(", ", task.bring()) + ".");
        words.against().forEach(against -> getChildren().add(Nodes.label(against, Styles.DANGER)));
        words.cures().ifPresent(this::add);
        words.waiting(name).ifPresent(this::add);
        if (isOpenCar()) deeds();
    }

    private void add(String said) {
        getChildren().add(Nodes.label(said, Styles.SECOND));
    }

    private boolean isOpenCar() {
        return booking.id().startsWith(planned.open().toString());
    }

    private void deeds() {
        var row = new FlowPane(8, 6);
        if (isRunning()) {
            add(row, "pause", Nodes.button("Pause", "Space: your time stops, the work is not done", this::pause));
            add(row, "done", Nodes.chief("Done", "End: it is done", this::done));
        } else if (task.isOwn() && task.part().isEmpty())
            add(row, "done", Nodes.button("Done", "It is done", this::done)); // time goes to parts alone
        else if (task.canBegin() && task.part().isPresent())
            add(
                    row,
                    "start",
                    Nodes.button("Start", "Space: time runs for " + String.join(" and ", hands), this::start));
        if (task.canBegin())
            LoadDeed.of(model, task)
                    .ifPresent(load ->
                            add(row, "load", Nodes.chief(load.word(), load.tip(), () -> load(load.change()))));
        getChildren().addAll(row, asks);
        asks.setManaged(false);
        TaskPlace.leads(this, model, task);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private void add(FlowPane row, String deed, Button button) {
        button.setId(deed + "-" + task.id().replaceAll("[^a-z0-9]+", "-"));
        row.getChildren().add(button);
    }

    private void pressed(KeyEvent key) {
        if (key.getTarget() != this) return;
        if (key.getCode() == KeyCode.SPACE && task.part().isPresent() && (isRunning() || task.canBegin())) {
            if (isRunning()) pause();
            else start();
        } else if (key.getCode() == KeyCode.END && isRunning()) done();
        else return;
        key.consume();
    }

    /** What is worked on, as the log of working time calls it; time goes to parts alone. */
    private String on() {
        return task.part().map(PartId::value).orElse("");
    }

    private boolean isRunning() {
        return hands.stream()
                .map(person -> model.job().work().runningFor(person))
                .flatMap(Optional::stream)
                .anyMatch(begun -> begun.on().equals(on()) && begun.kind() == kind());
    }

    private WorkKind kind() {
        return switch (task.kind()) {
            case TAKE_OFF, LOOK -> WorkKind.TAKING_OFF;
            case PUT_BACK, TEST, CHECK, HAND_OVER -> WorkKind.PUTTING_BACK;
            case AWAIT, CHOOSE, ORDER, DRAW, TRY, CUT, SEW, TREAT, BUILD, LAY, COLOUR, SEND_OUT, FETCH ->
                WorkKind.TREATING;
        };
    }

    private void start() {
        var preflight = Preflight.of(task);
        if (preflight.asked().isEmpty()) model.workTime().begin(hands, on(), kind());
        else ask(preflight);
    }

    /** What has one chance asks first; then the whole load is moved on. */
    private void load(JobChange change) {
        var preflight = Preflight.of(task);
        if (preflight.asked().isEmpty()) {
            model.make(change);
            return;
        }
        asks.getChildren()
                .setAll(new PreflightBox(
                        task,
                        preflight,
                        "It is sprayed",
                        so -> model.make(Together.of(
                                List.of(new InDiary(new MadeReady(task.id(), so, model.person())), change)))));
        asks.setManaged(true);
    }

    private void pause() {
        model.workTime().end(hands, List.of());
    }

    /** One chance, or two pairs of hands: it is not begun before all is so. */
    private void ask(Preflight preflight) {
        asks.getChildren().setAll(new PreflightBox(task, preflight, "Begin", so -> {
            model.make(new InDiary(new MadeReady(task.id(), so, model.person())));
            model.workTime().begin(hands, on(), kind());
        }));
        asks.setManaged(true);
    }

    private void done() {
        if (task.chance().isPresent()) howDidItGo();
        else end(List.of());
    }

    /** What has one chance says how it went; what failed says why, and is done again. */
    private void howDidItGo() {
        var number = model.job().diary().goesAt(task.id()) + 1;
        var why = new TextField();
        why.setId("why-again");
        why.setPromptText("why it has to be done again");
        why.setAccessibleText("Why it has to be done again");
        var lost = new TextField();
        lost.setId("lost-with-it");
        lost.setPromptText("what was lost: hours, material");
        lost.setAccessibleText("What was lost with it");
        Runnable again = () -> {
            if (why.getText().isBlank()) why.requestFocus();
            else
                model.workTime()
                        .end(
                                hands,
                                List.of(gone(
                                        number,
                                        why.getText().strip(),
                                        lost.getText().strip())));
        };
        why.setOnAction(_ -> again.run());
        lost.setOnAction(_ -> again.run());
        var well = Nodes.chief("It came out well", "It is done", () -> end(List.of(gone(number, "", ""))));
        well.setId("came-out-well");
        asks.getChildren()
                .setAll(
                        Nodes.label(
                                number == 1 ? "How did it go?" : "How did it go, the %s?".formatted(nth(number)),
                                Styles.STRONG),
                        well,
                        why,
                        lost,
                        Nodes.button("Again", "It is done once more; it teaches how often", again));
        asks.setManaged(true);
    }

    private static String nth(int number) {
        return switch (number) {
            case 2 -> "second time";
            case 3 -> "third time";
            default -> number + "th time";
        };
    }

    private JobChange gone(int number, String cause, String cost) {
        return new InDiary(new GoEnded(
                new Go(task.id(), number, model.person(), model.nowProperty().get(), cause, cost)));
    }

    /** What the diary alone knows of is done with that; what a stage keeps is said there. */
    private void end(List<JobChange> more) {
        var all = new ArrayList<>(more);
        var isOwn = task.isOwn();
        if (isOwn || task.kind() == TaskKind.TEST) all.add(new InDiary(new TaskDone(task.id())));
        words.clock().ifPresent(all::add);
        model.workTime().end(hands, all);
        if (!isOwn && task.kind() != TaskKind.TEST) TaskPlace.go(model, task);
    }
}
