package welumen.desktop.diary;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;
import welumen.diary.book.DiaryChange.DaysFreed;
import welumen.diary.book.DiaryChange.DaysTold;
import welumen.diary.task.Task;
import welumen.job.JobChange.InDiary;
import welumen.whatif.Gain;
import welumen.whatif.Gains;

/** What decides the day, what would gain some, what was told of it; and the search for better days. */
final class DaysDeeds extends VBox {
    /** How many that decide the day are named. */
    private static final int FEW = 3;

    private final JobModel model;
    private final DaysDesk desk;
    private final Consumer<PlannedDays> then;
    private final Consumer<Exception> failed;
    private final Label decides = Nodes.label("", Styles.SECOND);
    private final Label told = Nodes.label("", Styles.SECOND);
    private final FlowPane gains = new FlowPane(8, 6);
    private final Button gain =
            Nodes.button("What would gain days?", "Each change is tried in the plan of all cars", this::gain);
    private final Button longer =
            Nodes.button("Look longer", "Some seconds more for better days, and how good they can be", this::longer);
    private final Button tell = Nodes.button(
            "These are told", "Somebody was told these days: from now on they move as little as they can", this::tell);
    private final Button free = Nodes.button("Free them", "What was told binds no more", this::free);
    private Optional<PlannedDays> days = Optional.empty();
    private @Nullable Running running;

    /** @param more to be pressed beside them */
    DaysDeeds(JobModel model, DaysDesk desk, Consumer<PlannedDays> then, Consumer<Exception> failed, Node... more) {
        super(6);
        this.model = model;
        this.desk = desk;
        this.then = then;
        this.failed = failed;
        decides.setId("days-decide");
        told.setId("days-told");
        gains.setId("days-gains");
        gain.setId("days-gain");
        longer.setId("days-longer");
        tell.setId("days-tell");
        free.setId("days-free");
        for (var label : List.of(decides, told))
            label.managedProperty().bind(label.textProperty().isNotEmpty());
        free.managedProperty().bind(free.visibleProperty());
        var row = new FlowPane(10, 6, gain, longer, tell, free);
        row.getChildren().addAll(more);
        getChildren().addAll(decides, told, gains, row);
        begun();
    }

    /** What is being planned anew holds no more. */
    void begun() {
        if (running != null) running.stop();
        running = null;
        days = Optional.empty();
        gains.getChildren().clear();
        gains.setManaged(false);
        for (var button : List.of(gain, longer, tell)) button.setDisable(true);
    }

    void show(PlannedDays planned) {
        days = Optional.of(planned);
        var isKnown = planned.forecast().isPresent() && planned.car().isPresent();
        for (var button : List.of(gain, longer, tell)) button.setDisable(!isKnown);
        decides.setText(isKnown ? decides(planned) : "");
        told.setText(told(planned));
        free.setVisible(model.job().diary().told().isPresent());
    }

    private static String decides(PlannedDays planned) {
        var car = planned.car().orElseThrow();
        var often = car.tasks().stream()
                .filter(task -> planned.decides(car.id(task.id())) > 0 && !isLast(task))
                .sorted((a, b) -> Double.compare(planned.decides(car.id(b.id())), planned.decides(car.id(a.id()))))
                .limit(FEW)
                .map(task -> "%s (%.0f of 100 runs)".formatted(task.said(), 100 * planned.decides(car.id(task.id()))))
                .collect(Collectors.joining("; "));
        return often.isEmpty() ? "" : "Decides the day: " + often + ".";
    }

    private static boolean isLast(Task task) {
        return switch (task.kind()) {
            case CHECK, HAND_OVER -> true;
            default -> false;
        };
    }

    private String told(PlannedDays planned) {
        return model.job()
                .diary()
                .told()
                .map(plan -> {
                    var now = planned.end().toLocalDate();
                    var was = plan.end().toLocalDate();
                    return now.isAfter(was)
                            ? "%s was told; it is %s now. Say so.".formatted(Words.day(was), Words.day(now))
                            : "%s was told, and it holds.".formatted(Words.day(was));
                })
                .orElse("");
    }

    private void tell() {
        var planned = days.orElseThrow();
        var car = planned.car().orElseThrow();
        Map<String, LocalDateTime> at = new HashMap<>();
        planned.schedule().bookings().forEach(booking -> at.put(booking.id(), booking.start()));
        Map<String, LocalDateTime> starts = new HashMap<>();
        for (var task : car.tasks())
            if (!task.kind().isWait()) starts.put(task.id(), Objects.requireNonNull(at.get(car.id(task.id()))));
        model.make(new InDiary(new DaysTold(starts, planned.end(), "")));
    }

    private void free() {
        model.make(new InDiary(new DaysFreed()));
    }

    private void longer() {
        longer.setDisable(true);
        working(true);
        desk.longer(
                better -> {
                    working(false);
                    then.accept(better);
                    gains.setManaged(true);
                    gains.getChildren().setAll(Nodes.label(bound(better), Styles.SECOND));
                },
                () -> {
                    working(false);
                    longer.setDisable(false);
                },
                fault -> {
                    working(false);
                    failed.accept(fault);
                });
    }

    private static String bound(PlannedDays planned) {
        var schedule = planned.schedule();
        if (schedule.isOptimal()) return "No plan is better than this one.";
        return schedule.missed().isZero()
                ? "No plan ends before %s; this one ends on %s, with all cars in time."
                        .formatted(
                                Words.day(schedule.bound().toLocalDate()),
                                Words.day(schedule.end().toLocalDate()))
                : "Late by %s in all; no plan is less late than %s."
                        .formatted(Words.about(schedule.missed()), Words.about(schedule.leastMissed()));
    }

    private void working(boolean is) {
        getStyleClass().remove(Styles.WORKING);
        if (is) getStyleClass().add(Styles.WORKING);
    }

    private void gain() {
        var planned = days.orElseThrow();
        gain.setDisable(true);
        working(true);
        running = model.background()
                .ask(
                        "trying what gains days",
                        Takes.A_WHILE,
                        run -> Gains.of(
                                planned.plan(),
                                planned.schedule(),
                                planned.forecast().orElseThrow(),
                                planned.open(),
                                run::isStopped),
                        this::gained,
                        fault -> {
                            working(false);
                            failed.accept(fault);
                        })
                .whenStopped(() -> working(false));
    }

    private void gained(List<Gain> all) {
        working(false);
        var labels = new ArrayList<Label>();
        for (var one : all) {
            var card = Nodes.label(
                    "%s: %s".formatted(Words.capital(GainWords.said(one.remedy())), GainWords.days(one.days())));
            card.getStyleClass().add(Styles.CARD);
            labels.add(card);
        }
        if (all.isEmpty()) labels.add(Nodes.label("No single change that was tried gains anything.", Styles.SECOND));
        gains.getChildren().setAll(labels);
        gains.setManaged(true);
    }
}
