package welumen.desktop.diary;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Tips;
import welumen.desktop.model.JobModel;
import welumen.diary.task.Task;

/**
 * Time as it runs along a tape of working days: a strip for each person, and one for what works without hands. Work is stitched;
 * what cures or is awaited is hatched cloth; a bar of chalk stands where 80 of 100 runs have ended.
 */
final class DaysFelt extends FeltPane {
    private static final double NAMES = 108;
    private static final double TOP = 58;
    private static final double FOOT = 40;
    private static final double LOW = 34;
    private static final double HIGH = 104;
    private static final double GAP = 10;
    private static final double LEAST_DAY = 46;
    /** Lanes of a strip on which several things lie at once. */
    private static final int LANES = 3;

    /** Pixels that a letter takes, about. */
    private static final double LETTER = 7;

    private static final double TACK = 5;

    /** Of a day, marked off on the tape. */
    private static final int QUARTERS = 4;

    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE", Locale.UK);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("d MMM", Locale.UK);

    private final JobModel model;
    private final Consumer<Laid> then;
    private Optional<PlannedDays> days = Optional.empty();
    private String told = "";
    private String focused = "";
    private double strip = LOW;

    /** @param read told what is read */
    DaysFelt(JobModel model, Consumer<Laid> read) {
        super("days-felt", "The days of all cars; the list at Now has every task");
        this.model = model;
        then = read;
    }

    void show(Optional<PlannedDays> planned) {
        days = planned;
        told = "";
        redraw();
    }

    @Override
    protected void draw() {
        if (days.isEmpty()) {
            empty("The days are being planned: who does what, and what waits, from now until the car goes home.");
            return;
        }
        var planned = days.get();
        var strips = Strips.of(planned);
        if (strips.isEmpty()) {
            empty("Nothing is open on any car.");
            return;
        }
        setMinHeight(TOP + FOOT + strips.size() * (LOW + GAP));
        strip = Math.clamp((getHeight() - TOP - FOOT) / strips.size() - GAP, LOW, HIGH);
        var axis = TapeAxis.of(planned, (int) Math.max(2, (getWidth() - NAMES) / LEAST_DAY), NAMES, getWidth());
        tape(axis, strips.size());
        var row = 0;
        for (var one : strips.entrySet()) {
            var y = TOP + row * (strip + GAP);
            var name = word(one.getKey(), 14, y + strip / 2 - 10);
            name.setMaxWidth(NAMES - 18);
            line(NAMES, y + strip, getWidth() - 8, y + strip, "chalk-dash");
            var lanes = new LocalDateTime[LANES];
            for (var laid : one.getValue().stream()
                    .sorted(Comparator.comparing(Laid::from))
                    .toList()) draw(laid, axis, y, laid.isWork() ? 0 : lane(laid, lanes));
            row++;
        }
        planned.ready().ifPresent(ends -> bar(axis, ends.by(0.8), "80 of 100", strips.size()));
        foot(
                told.isEmpty()
                        ? "Stitched: work. Hatched: it cures, or is awaited. Lit: it decides the day. Press one to read it; drag one to fix its start."
                        : told);
    }

    /** The days, each marked off as on a tape. */
    private void tape(TapeAxis axis, int rows) {
        var bottom = TOP + rows * (strip + GAP);
        line(NAMES, 8, getWidth() - 8, 8, "chalk-line");
        for (var i = 0; i < axis.days().size(); i++) {
            var x = axis.x(i);
            var day = axis.days().get(i);
            line(x, 8, x, bottom, i == 0 ? "chalk-line" : "chalk-dash");
            for (var part = 1; part < QUARTERS; part++) {
                var at = x + part * axis.wide() / QUARTERS;
                line(at, 8, at, part == QUARTERS / 2 ? 16 : 12, "chalk-line");
            }
            word(WEEKDAY.format(day), x + 5, 15, "faint");
            word(
                    i == 0 || day.getDayOfMonth() <= axis.days().get(i - 1).getDayOfMonth()
                            ? MONTH.format(day)
                            : Integer.toString(day.getDayOfMonth()),
                    x + 5,
                    32);
        }
    }

    private void draw(Laid laid, TapeAxis axis, double y, int lane) {
        var from = axis.x(laid.from());
        var to = axis.x(laid.to());
        if (from >= getWidth() - 8 || to <= from) return;
        var high = laid.isWork() ? strip - 10 : strip / LANES - 4;
        var top = y + 4 + lane * (strip / LANES);
        var cloth = new Rectangle(from + 1, top, Math.max(3, Math.min(to, getWidth() - 8) - from - 2), high);
        cloth.getStyleClass().add(laid.isWork() ? "day-work" : "day-wait");
        if (!laid.isOwn()) cloth.getStyleClass().add("other-car");
        cloth.setId("laid-" + laid.id().replaceAll("[^a-zA-Z0-9-]", "-"));
        if (laid.isDeciding() && laid.isOwn()) cloth.getStyleClass().add("day-decides");
        new LaidMoves(model, laid, axis, cloth, () -> read(laid));
        Tips.on(cloth, laid.words());
        getChildren().add(cloth);
        if (laid.isFixed() || laid.isHeld()) tack(from + 8, top + 8, laid.isHeld());
        if (laid.isWork() && laid.id().equals(focused)) cloth.requestFocus();
        var room = (int) ((cloth.getWidth() - 10) / LETTER);
        laid.brief().stream()
                .filter(words -> words.length() <= room)
                .findFirst()
                .ifPresent(words -> {
                    var said = word(words, from + 6, top + (high - 20) / 2);
                    said.setMouseTransparent(true);
                    if (!laid.isWork()) said.getStyleClass().add("day-word"); // no hatching runs through words
                });
    }

    /** It is read below, and its part is picked. */
    private void read(Laid laid) {
        told = laid.words();
        focused = laid.id();
        pick(laid);
        then.accept(laid);
        redraw();
    }

    /** What is fixed by hand has a tack; what somebody holds has one with a cross. */
    private void tack(double x, double y, boolean isHeld) {
        var tack = new Circle(x, y, TACK);
        tack.getStyleClass().add(isHeld ? "day-hold" : "day-tack");
        tack.setMouseTransparent(true);
        getChildren().add(tack);
        if (!isHeld) return;
        line(x - TACK, y - TACK, x + TACK, y + TACK, "chalk-line");
        line(x - TACK, y + TACK, x + TACK, y - TACK, "chalk-line");
    }

    /** The first lane on which nothing lies then; the last where all are taken. */
    private static int lane(Laid laid, LocalDateTime[] until) {
        for (var lane = 0; lane < until.length; lane++)
            if (until[lane] == null || !until[lane].isAfter(laid.from())) {
                until[lane] = laid.to();
                return lane;
            }
        return until.length - 1;
    }

    private void pick(Laid laid) {
        days.flatMap(PlannedDays::car)
                .filter(car -> laid.id().startsWith(car.car().toString()))
                .flatMap(car -> car.tasks().stream()
                        .filter(task -> car.id(task.id()).equals(laid.id()))
                        .findFirst())
                .flatMap(Task::part)
                .ifPresent(model.pickedProperty()::set);
    }

    private void bar(TapeAxis axis, LocalDateTime at, String words, int rows) {
        var x = axis.x(at);
        if (x > getWidth() - 12) {
            var beyond = word(words + ": later than that", 0, TOP + rows * (strip + GAP) - 22, "day-word");
            beyond.applyCss();
            beyond.relocate(getWidth() - 12 - beyond.prefWidth(-1), beyond.getLayoutY());
            return;
        }
        var bar = new Line(x, 8, x, TOP + rows * (strip + GAP));
        bar.getStyleClass().add("day-ready");
        getChildren().add(bar);
        var said = word(words, 0, TOP + rows * (strip + GAP) - 22, "day-word");
        said.applyCss();
        said.relocate(x - 8 - said.prefWidth(-1), said.getLayoutY());
    }
}
