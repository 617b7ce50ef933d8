package welumen.diary.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import welumen.diary.book.Told;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.schedule.Activity;
import welumen.schedule.Booking;
import welumen.schedule.Effort;
import welumen.schedule.Goal;
import welumen.schedule.Link;
import welumen.schedule.Net;
import welumen.schedule.Schedule;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.Wish;
import welumen.schedule.forecast.Forecast;
import welumen.schedule.forecast.Forecaster;
import welumen.schedule.planner.Planner;
import welumen.yard.Crew;

/** The open tasks of all cars on the people and places of the yard: as little late as can be. */
public final class YardPlan {
    /** Working days by which what somebody has promised comes late at the worst. */
    private static final int LATE_DAYS = 2;

    /** Days for which days off are looked up. */
    private static final int FAR = 400;

    /** How bad it is that something begins an hour late, beside an hour by which a car is late: what is fixed by hand, ... */
    private static final double FIXED = 1;

    /** ... and what was told. */
    private static final double TOLD = 0.05;

    private final List<CarWork> cars;
    private final Crew crew;
    private final LocalDateTime now;
    private final Rooms rooms;
    private final ScheduleProblem problem;

    /** @param now before which nothing is begun */
    public YardPlan(List<CarWork> cars, Crew crew, LocalDateTime now) {
        this.cars = cars.stream().filter(car -> !car.tasks().isEmpty()).toList();
        this.crew = crew;
        this.now = now;
        rooms = new Rooms(crew, now.toLocalDate(), FAR);
        problem = made();
    }

    private ScheduleProblem made() {
        var activities = new ArrayList<Activity>();
        var goals = new ArrayList<Goal>();
        var wishes = new ArrayList<Wish>();
        for (var car : cars) {
            for (var task : car.tasks()) {
                activities.add(activity(car, task));
                if (!task.kind().isWait()) wish(car, task).ifPresent(wishes::add);
            }
            car.due()
                    .ifPresent(due -> goals.add(
                            new Goal(car.id(last(car)), due.plusDays(1).atStartOfDay(), 1)));
        }
        return new ScheduleProblem(
                now.toLocalDate(), Optional.empty(), rooms.hours(), rooms.all(cars), activities, goals, wishes);
    }

    /** What is fixed stands before what was told; what should have begun by now begins now. */
    private Optional<Wish> wish(CarWork car, Task task) {
        var told = car.told().map(plan -> plan.starts().get(task.id()));
        return task.fixed()
                .map(start -> new Wish(car.id(task.id()), later(start, now), FIXED))
                .or(() -> told.map(start -> new Wish(car.id(task.id()), later(start, now), TOLD)));
    }

    private static LocalDateTime later(LocalDateTime one, LocalDateTime other) {
        return one.isAfter(other) ? one : other;
    }

    /** What a car's work ends with. */
    public static String last(CarWork car) {
        return car.tasks().stream().anyMatch(task -> task.id().equals("hand-over"))
                ? "hand-over"
                : car.tasks().getLast().id();
    }

    private Activity activity(CarWork car, Task task) {
        return new Activity(
                car.id(task.id()),
                task.kind().isWait() ? late(task) : task.effort(),
                rooms.uses(car, task),
                task.after().stream().map(after -> link(car, after)).toList(),
                Optional.of(begins(task)));
    }

    private LocalDateTime begins(Task task) {
        return task.kind().isWait()
                ? promised(task).map(this::opening).orElse(now)
                : task.notBefore().map(start -> later(start, now)).orElse(now);
    }

    /** A promised day is when it comes; where there is none, others take their time from when they can begin. */
    private Effort late(Task task) {
        var usual = promised(task).isPresent() ? Duration.ZERO : day().multipliedBy(task.othersDays());
        return new Effort(usual, usual, usual.plus(day().multipliedBy(LATE_DAYS)));
    }

    private Duration day() {
        return rooms.hours().open();
    }

    /** What nobody has said a day of, or one that has passed: for that it is a guess when it comes. */
    public boolean isAssumed(Task task) {
        return task.kind().isWait() && promised(task).isEmpty();
    }

    private Optional<LocalDate> promised(Task task) {
        return task.promised().filter(day -> !day.isBefore(now.toLocalDate()));
    }

    private LocalDateTime opening(LocalDate day) {
        return later(day.atTime(rooms.hours().opens()), now);
    }

    private Link link(CarWork car, After after) {
        var before = car.id(after.task());
        return after.workingDays() > 0
                ? new Link(before, day().multipliedBy(after.workingDays()), Link.By.WORK)
                : new Link(before, after.cures(), Link.By.WALL);
    }

    /**
     * The best plan that was found in a while, with who does what.
     *
     * @param first told the one that is there at once
     */
    public Manned plan(Duration time, Consumer<Manned> first, BooleanSupplier stop) {
        return plan(Optional.empty(), time, first, stop);
    }

    /**
     * The same, going on from a plan of before.
     *
     * @param last may be of other tasks
     */
    public Manned plan(Optional<Schedule> last, Duration time, Consumer<Manned> first, BooleanSupplier stop) {
        var told = new AtomicBoolean();
        var schedule = Planner.plan(
                problem,
                last,
                time,
                1,
                better -> {
                    if (!told.getAndSet(true)) first.accept(manned(better));
                },
                stop);
        return manned(schedule);
    }

    /** How it would be, without saying who does what: to try things by. */
    public Schedule tried(Schedule last, Duration time) {
        return Planner.plan(problem, Optional.of(last), time, 1, _ -> {}, () -> false);
    }

    private Manned manned(Schedule schedule) {
        return Manned.of(problem, schedule, tasks(), crew);
    }

    /**
     * What comes of it when work takes as long as it takes, and some of it is done once more.
     *
     * @param asked the car of which one wants to know what decides its day; empty for all
     */
    public Forecast forecast(Manned plan, Optional<UUID> asked, int runs) {
        Map<String, Double> fails = new HashMap<>();
        tasks().forEach((id, task) -> {
            if (task.fails() > 0) fails.put(id, task.fails());
        });
        return Forecaster.of(new Net(plan.problem()), plan.schedule(), fails, last(asked), runs, 1);
    }

    private Optional<String> last(Optional<UUID> asked) {
        return cars.stream()
                .filter(car -> asked.filter(car.car()::equals).isPresent())
                .findFirst()
                .map(car -> car.id(last(car)));
    }

    /** Before which nothing is begun. */
    public LocalDateTime now() {
        return now;
    }

    /** Every task by what it is called in the plan. */
    public Map<String, Task> tasks() {
        var all = new HashMap<String, Task>();
        for (var car : cars) for (var task : car.tasks()) all.put(car.id(task.id()), task);
        return all;
    }

    /** Whether anybody works on a day. */
    public boolean isOpenOn(LocalDate day) {
        return rooms.hours().isOpenOn(day);
    }

    public Crew crew() {
        return crew;
    }

    /** The same cars with other people and places. */
    public YardPlan with(Crew others) {
        return new YardPlan(cars, others, now);
    }

    /** The same where one car's tasks are otherwise. */
    public YardPlan with(UUID car, UnaryOperator<Task> otherwise) {
        return with(cars.stream()
                .map(one -> one.car().equals(car) ? one.with(otherwise) : one)
                .toList());
    }

    /** As if each car whose owner was told nothing had been promised as a plan has it: what need not move stays. */
    public YardPlan near(Schedule plan) {
        return with(cars.stream()
                .map(car -> car.told().isPresent() ? car : car.told(starts(plan, car)))
                .toList());
    }

    private static Told starts(Schedule plan, CarWork car) {
        var starts = new HashMap<String, LocalDateTime>();
        for (var task : car.tasks())
            plan.bookings().stream()
                    .filter(booking -> booking.id().equals(car.id(task.id())))
                    .findFirst()
                    .ifPresent(booking -> starts.put(task.id(), booking.start()));
        return new Told(starts, plan.end(), "");
    }

    /** As if nothing had been told to anybody. */
    public YardPlan untold() {
        return with(cars.stream()
                .map(car -> new CarWork(car.car(), car.title(), car.due(), car.tasks()))
                .toList());
    }

    /** Other work by the same people. */
    public YardPlan with(List<CarWork> others) {
        return new YardPlan(others, crew, now);
    }

    /** When a car is handed over by a plan; empty where nothing is open on it. */
    public Optional<LocalDateTime> end(Schedule schedule, UUID car) {
        return last(Optional.of(car))
                .flatMap(id -> schedule.bookings().stream()
                        .filter(booking -> booking.id().equals(id))
                        .findFirst()
                        .map(Booking::end));
    }

    /** How many of the yard's working days lie between two times; below nought where the second is earlier. */
    public double workingDays(LocalDateTime from, LocalDateTime to) {
        if (to.isBefore(from)) return -workingDays(to, from);
        var hours = rooms.hours();
        var open = Duration.ZERO;
        for (var day = from.toLocalDate(); !day.isAfter(to.toLocalDate()); day = day.plusDays(1)) {
            if (!hours.isOpenOn(day)) continue;
            var opens = later(day.atTime(hours.opens()), from);
            var closes = day.atTime(hours.opens()).plus(hours.open());
            var until = closes.isAfter(to) ? to : closes;
            if (until.isAfter(opens)) open = open.plus(Duration.between(opens, until));
        }
        return open.toSeconds() / (double) day().toSeconds();
    }

    public List<CarWork> cars() {
        return cars;
    }
}
