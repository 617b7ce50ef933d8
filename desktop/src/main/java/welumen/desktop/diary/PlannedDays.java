package welumen.desktop.diary;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Predicate;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.Manned;
import welumen.diary.plan.Rota;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.schedule.Booking;
import welumen.schedule.Schedule;
import welumen.schedule.forecast.Ends;
import welumen.schedule.forecast.Forecast;
import welumen.schedule.forecast.Forecaster;

/** The days of all cars, as they are planned; worked out beside the window. */
record PlannedDays(YardPlan plan, Map<String, Task> tasks, Manned manned, Optional<Forecast> forecast, UUID open) {
    private static final Duration TIME = Duration.ofMillis(600);
    private static final Duration LONGER = Duration.ofSeconds(8);

    /**
     * @param last the plan before, from which it goes on
     * @param first told the days that are there at once, while better ones are looked for
     */
    static PlannedDays of(AskedDays asked, Optional<Schedule> last, Consumer<PlannedDays> first, BooleanSupplier stop) {
        var plan = asked.plan();
        var tasks = plan.tasks();
        var manned = plan.plan(
                last,
                TIME,
                early -> first.accept(new PlannedDays(plan, tasks, early, Optional.empty(), asked.open())),
                stop);
        if (stop.getAsBoolean()) return new PlannedDays(plan, tasks, manned, Optional.empty(), asked.open());
        var forecast = plan.forecast(manned, Optional.of(asked.open()), Forecaster.RUNS);
        return new PlannedDays(plan, tasks, manned, Optional.of(forecast), asked.open());
    }

    /** Better ones of the same, where there are any: looked for some seconds, and what no plan betters is known then. */
    PlannedDays better(BooleanSupplier stop) {
        var longer = plan.plan(Optional.of(schedule()), LONGER, _ -> {}, stop);
        var better = isBetter(longer) ? longer : manned.bounded(longer.schedule());
        return new PlannedDays(
                plan, tasks, better, Optional.of(plan.forecast(better, Optional.of(open), Forecaster.RUNS)), open);
    }

    private boolean isBetter(Manned other) {
        var order = other.schedule().missed().compareTo(schedule().missed());
        return order < 0
                || (order == 0 && other.schedule().end().isBefore(schedule().end()));
    }

    Schedule schedule() {
        return manned.schedule();
    }

    Rota rota() {
        return manned.rota();
    }

    /** The open car's work; empty where nothing is open on it. */
    Optional<CarWork> car() {
        return plan.cars().stream().filter(car -> car.car().equals(open)).findFirst();
    }

    /** When it is ready, in many runs; empty where no day was agreed, nothing is open, or they are still being run. */
    Optional<Ends> ready() {
        return car().flatMap(car -> forecast.map(known -> known.goals().get(car.id(YardPlan.last(car)))));
    }

    /** When the open car is handed over, as planned. */
    LocalDateTime end() {
        return car().map(car -> car.id(YardPlan.last(car)))
                .flatMap(id -> schedule().bookings().stream()
                        .filter(booking -> booking.id().equals(id))
                        .findFirst())
                .map(Booking::end)
                .orElseGet(() -> schedule().end());
    }

    /** In what share of the runs something decided the open car's day; nought while they are still being run. */
    double decides(String id) {
        return forecast.map(known -> known.critical().getOrDefault(id, 0.0)).orElse(0.0);
    }

    /** What nobody has decided yet: what is chosen comes on top. */
    int undecided() {
        return many(task -> task.kind() == TaskKind.CHOOSE);
    }

    /** Answers, parcels and parts of which nobody has said when they come, or a day that has passed. */
    int assumed() {
        return many(plan::isAssumed);
    }

    private int many(Predicate<Task> which) {
        return (int) car().stream()
                .flatMap(car -> car.tasks().stream())
                .filter(which)
                .count();
    }
}
