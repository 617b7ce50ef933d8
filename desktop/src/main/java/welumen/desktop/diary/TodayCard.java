package welumen.desktop.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cabin.PartId;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.WorkKind;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.Preflight;
import welumen.diary.book.DiaryChange.GoEnded;
import welumen.diary.book.DiaryChange.MadeReady;
import welumen.diary.book.DiaryChange.TaskDone;
import welumen.diary.book.Go;
import welumen.diary.plan.CarWork;
import welumen.diary.task.OneChance;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.job.JobChange;
import welumen.job.JobChange.InDiary;
import welumen.job.JobChange.OnClock;
import welumen.schedule.Booking;

/**
 * One thing on somebody's page of today: what, when, with whom, with what, and what comes of it. On the open car it is started,
 * paused and ended from here; Space starts and pauses, End ends. What has one chance asks first whether all is ready.
 */
final class TodayCard extends VBox {
    private final JobModel model;
    private final PlannedDays planned;
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
        hands = planned.rota().of(booking.id());
        getStyleClass().add(Styles.CARD);
        getChildren()
                .addAll(
                        Nodes.label(Words.capital(task.said()), Styles.STRONG),
                        Nodes.label(time() + with(name), Styles.NOTE),
                        Nodes.label(car().map(CarWork::title).orElse(""), Styles.SECOND));
        if (!task.bring().isEmpty()) add("Take along: " + String.join(", ", task.bring()) + ".");
        cures().ifPresent(this::add);
        waiting(name).ifPresent(this::add);
        if (isOpenCar()) deeds();
    }

    private void add(String words) {
        getChildren().add(Nodes.label(words, Styles.SECOND));
    }

    private boolean isOpenCar() {
        return booking.id().startsWith(planned.open().toString());
    }

    private Optional<CarWork> car() {
        return planned.plan().cars().stream()
                .filter(car -> booking.id().startsWith(car.car().toString()))
                .findFirst();
    }

    private String time() {
        var start = booking.start().toLocalDate();
        var end = booking.end().toLocalDate();
        return String.format(
                Locale.UK,
                "%tR to %tR%s",
                booking.start(),
                booking.end(),
                end.equals(start) ? "" : " " + Words.day(end));
    }

    private String with(String name) {
        var others = hands.stream().filter(other -> !other.equals(name)).toList();
        return others.isEmpty() ? "" : ", with " + String.join(" and ", others);
    }

    private List<Task> behind() {
        return car().stream()
                .flatMap(car -> car.tasks().stream())
                .filter(other ->
                        other.after().stream().anyMatch(after -> after.task().equals(task.id())))
                .toList();
    }

    /** The clock that will run when it is done. */
    private Optional<String> cures() {
        return behind().stream()
                .flatMap(other -> other.after().stream())
                .filter(after -> after.task().equals(task.id()))
                .map(after -> after.cures())
                .filter(Duration::isPositive)
                .max(Duration::compareTo)
                .map(longest -> "Then it cures %d h.".formatted(longest.toHours()));
    }

    /** What cures once it is done has a clock on the rail. */
    private Optional<JobChange> clock() {
        return behind().stream()
                .flatMap(next -> next.after().stream()
                        .filter(after ->
                                after.task().equals(task.id()) && after.cures().isPositive())
                        .map(after -> (JobChange) new OnClock(new ClockStarted(new BenchClock(
                                task.id(),
                                Words.capital(task.what().replaceFirst("^the ", "")),
                                next.said(),
                                model.nowProperty().get(),
                                after.cures())))))
                .findFirst();
    }

    /** Who else waits for it. */
    private Optional<String> waiting(String name) {
        var others = car().stream()
                .flatMap(car -> behind().stream().map(other -> car.id(other.id())))
                .flatMap(id -> planned.rota().of(id).stream())
                .filter(other -> !other.equals(name) && !hands.contains(other))
                .distinct()
                .sorted()
                .collect(Collectors.joining(" and "));
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of("%s %s for it.".formatted(others, others.contains(" and ") ? "wait" : "waits"));
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
            case AWAIT, CHOOSE, ORDER, DRAW, TRY, CUT, SEW, TREAT, BUILD, LAY, COLOUR, SEND_OUT -> WorkKind.TREATING;
        };
    }

    private void start() {
        var preflight = Preflight.of(task);
        if (preflight.asked().isEmpty()) model.workTime().begin(hands, on(), kind());
        else ask(preflight);
    }

    private void pause() {
        model.workTime().end(hands, List.of());
    }

    /** One chance, or two pairs of hands: it is not begun before all is so. */
    private void ask(Preflight preflight) {
        Set<OneChance.Ready> so = EnumSet.noneOf(OneChance.Ready.class);
        var begin = Nodes.chief("Begin", "All of it is so", () -> {
            model.make(new InDiary(new MadeReady(task.id(), so, model.person())));
            model.workTime().begin(hands, on(), kind());
        });
        begin.setId("begin-" + task.id().replaceAll("[^a-z0-9]+", "-"));
        begin.setDisable(true);
        asks.getChildren()
                .setAll(Nodes.label(
                        task.chance()
                                .map(chance -> "One chance, %s: %s.".formatted(chance.word(), chance.cost()))
                                .orElse("It takes two: it is not begun alone."),
                        Styles.DANGER));
        for (var one : preflight.asked()) {
            var tick = new CheckBox(Words.capital(one.words()));
            tick.setId("ready-" + one.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            tick.setWrapText(true);
            tick.setMinHeight(40);
            tick.setOnAction(_ -> {
                if (tick.isSelected()) so.add(one);
                else so.remove(one);
                begin.setDisable(!so.containsAll(preflight.asked()));
            });
            asks.getChildren().add(tick);
        }
        asks.getChildren().add(begin);
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
        clock().ifPresent(all::add);
        model.workTime().end(hands, all);
        if (!isOwn && task.kind() != TaskKind.TEST) TaskPlace.go(model, task);
    }
}
