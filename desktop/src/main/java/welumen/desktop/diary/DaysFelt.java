package welumen.desktop.diary;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Tips;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.plan.CarWork;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.schedule.Booking;

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

    /** Of a day, marked off on the tape. */
    private static final int QUARTERS = 4;

    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEE", Locale.UK);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("d MMM", Locale.UK);
    private static final String HANDS_OFF = "hands off";
    private static final String AWAITED = "awaited";

    private final JobModel model;
    private Optional<PlannedDays> days = Optional.empty();
    private String told = "";
    private double strip = LOW;

    DaysFelt(JobModel model) {
        super("days-felt", "The days of all cars; the list at Now has every task");
        this.model = model;
    }

    void show(Optional<PlannedDays> planned) {
        days = planned;
        told = "";
        redraw();
    }

    /** One thing on a strip, in words of which the longest that fit stand on it. */
    private record Laid(
            String id,
            String words,
            List<String> brief,
            LocalDateTime from,
            LocalDateTime to,
            boolean isWork,
            boolean isOwn) {}

    @Override
    protected void draw() {
        if (days.isEmpty()) {
            empty("The days are being planned: who does what, and what waits, from now until the car goes home.");
            return;
        }
        var planned = days.get();
        var strips = strips(planned);
        if (strips.isEmpty()) {
            empty("Nothing is open on any car.");
            return;
        }
        strip = Math.clamp((getHeight() - TOP - FOOT) / strips.size() - GAP, LOW, HIGH);
        var axis = Axis.of(planned, (int) Math.max(2, (getWidth() - NAMES) / LEAST_DAY), NAMES, getWidth());
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
                        ? "Stitched: work. Hatched: it cures, or is awaited. Chalk: ready in 80 of 100 runs. Press one to read it."
                        : told);
    }

    /** The days, each marked off as on a tape. */
    private void tape(Axis axis, int rows) {
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

    private void draw(Laid laid, Axis axis, double y, int lane) {
        var from = axis.x(laid.from());
        var to = axis.x(laid.to());
        if (from >= getWidth() - 8 || to <= from) return;
        var high = laid.isWork() ? strip - 10 : strip / LANES - 4;
        var top = y + 4 + lane * (strip / LANES);
        var cloth = new Rectangle(from + 1, top, Math.max(3, Math.min(to, getWidth() - 8) - from - 2), high);
        cloth.getStyleClass().add(laid.isWork() ? "day-work" : "day-wait");
        if (!laid.isOwn()) cloth.getStyleClass().add("other-car");
        cloth.setId("laid-" + laid.id().replaceAll("[^a-zA-Z0-9-]", "-"));
        cloth.setOnMouseClicked(_ -> {
            told = laid.words();
            pick(laid);
            redraw();
        });
        Tips.on(cloth, laid.words());
        getChildren().add(cloth);
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

    private void bar(Axis axis, LocalDateTime at, String words, int rows) {
        var x = axis.x(at);
        if (x > getWidth() - 12) return;
        var bar = new Line(x, 8, x, TOP + rows * (strip + GAP));
        bar.getStyleClass().add("day-ready");
        getChildren().add(bar);
        var said = word(words, 0, TOP + rows * (strip + GAP) - 22, "day-word");
        said.applyCss();
        said.relocate(x - 8 - said.prefWidth(-1), said.getLayoutY());
    }

    /** By person, in the order of their names, then what works without hands. */
    private static Map<String, List<Laid>> strips(PlannedDays planned) {
        var strips = new LinkedHashMap<String, List<Laid>>();
        planned.rota().names().forEach(name -> strips.put(name, new ArrayList<>()));
        var bookings = new LinkedHashMap<String, Booking>();
        planned.schedule().bookings().forEach(booking -> bookings.put(booking.id(), booking));
        for (var car : planned.plan().cars()) for (var task : car.tasks()) lay(planned, car, task, bookings, strips);
        return strips;
    }

    private static void lay(
            PlannedDays planned,
            CarWork car,
            Task task,
            Map<String, Booking> bookings,
            Map<String, List<Laid>> strips) {
        var booking = bookings.get(car.id(task.id()));
        if (booking == null) return;
        var own = car.car().equals(planned.open());
        var who = planned.rota().of(booking.id());
        var words = "%s · %s, %s".formatted(Words.capital(task.said()), car.title(), span(booking));
        for (var name : who)
            strips.computeIfAbsent(name, _ -> new ArrayList<>())
                    .add(new Laid(booking.id(), words, brief(task), booking.start(), booking.end(), true, own));
        if (task.kind().isWait() && own)
            strips.computeIfAbsent(AWAITED, _ -> new ArrayList<>())
                    .add(new Laid(
                            booking.id(),
                            "%s · %s".formatted(Words.capital(task.said()), until(planned, task, booking)),
                            List.of(planned.plan().isAssumed(task) ? "no day said" : "promised"),
                            planned.plan().isAssumed(task)
                                    ? booking.start()
                                    : planned.plan().now(),
                            booking.end(),
                            false,
                            true));
        if (who.isEmpty() && !task.kind().isWait())
            strips.computeIfAbsent("nobody free", _ -> new ArrayList<>())
                    .add(new Laid(booking.id(), words, brief(task), booking.start(), booking.end(), true, own));
        for (var after : task.after()) waits(car, task, after, booking, bookings, strips, own);
    }

    private static String until(PlannedDays planned, Task task, Booking booking) {
        var day = Words.day(booking.end().toLocalDate());
        return planned.plan().isAssumed(task)
                ? "no day that is still to come was said; taken to be here by " + day
                : "promised for " + day;
    }

    private static List<String> brief(Task task) {
        return List.of(
                Words.capital(task.said()),
                task.kind().word() + " " + task.what().replaceFirst("^the ", ""),
                task.kind().word());
    }

    private static void waits(
            CarWork car,
            Task task,
            After after,
            Booking booking,
            Map<String, Booking> bookings,
            Map<String, List<Laid>> strips,
            boolean own) {
        var before = bookings.get(car.id(after.task()));
        if (before == null || (after.cures().isZero() && after.workingDays() == 0)) return;
        var until = after.cures().isZero() ? booking.start() : before.end().plus(after.cures());
        var words = "%s, before one can %s · %s"
                .formatted(
                        after.cures().isZero() ? "On its way" : "Cures %s".formatted(hours(after.cures())),
                        task.said(),
                        car.title());
        strips.computeIfAbsent(HANDS_OFF, _ -> new ArrayList<>())
                .add(new Laid(
                        before.id(),
                        words,
                        List.of(after.cures().isZero() ? "on its way" : "cures"),
                        before.end(),
                        until,
                        false,
                        own));
    }

    private static String hours(Duration cures) {
        return "%d h".formatted(cures.toHours());
    }

    private static String span(Booking booking) {
        return String.format(
                Locale.UK,
                "%s %tR to %s%tR",
                Words.day(booking.start().toLocalDate()),
                booking.start(),
                booking.start().toLocalDate().equals(booking.end().toLocalDate())
                        ? ""
                        : Words.day(booking.end().toLocalDate()) + " ",
                booking.end());
    }

    /** Working days beside each other, each as wide; the nights between them take no room. */
    private record Axis(List<LocalDate> days, double left, double wide, LocalDateTime opens, Duration open) {
        static Axis of(PlannedDays planned, int most, double left, double right) {
            var hours = planned.manned().problem().hours();
            var days = new ArrayList<LocalDate>();
            var last = planned.ready()
                    .map(ends -> ends.by(0.8))
                    .orElse(planned.schedule().end())
                    .toLocalDate();
            for (var day = planned.manned().problem().start();
                    days.size() < most && !day.isAfter(last);
                    day = day.plusDays(1)) if (hours.isOpenOn(day)) days.add(day);
            if (days.isEmpty()) days.add(planned.manned().problem().start());
            return new Axis(
                    days,
                    left,
                    (right - left - 8) / days.size(),
                    planned.manned().problem().start().atTime(hours.opens()),
                    hours.open());
        }

        double x(int day) {
            return left + day * wide;
        }

        /** At a closed hour, where the next day begins. */
        double x(LocalDateTime time) {
            var day = 0;
            while (day < days.size() && days.get(day).isBefore(time.toLocalDate())) day++;
            if (day == days.size()) return x(day);
            if (days.get(day).isAfter(time.toLocalDate())) return x(day);
            var gone = Duration.between(time.toLocalDate().atTime(opens.toLocalTime()), time)
                    .toSeconds();
            return x(day) + wide * Math.clamp(gone / (double) open.toSeconds(), 0, 1);
        }
    }
}
