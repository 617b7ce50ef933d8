package welumen.whatif;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.schedule.Schedule;
import welumen.schedule.forecast.Forecast;
import welumen.yard.Place;

/**
 * The single changes that gain one car most days, each tried in the planner on all cars. Some twenty plans; they go on from the
 * one that stands, so that none is worse than it by chance alone, and what gains nothing in the plan is not told.
 */
public final class Gains {
    /** How many are told. */
    public static final int FEW = 5;

    /** A plan more is looked for so long. */
    private static final Duration TIME = Duration.ofMillis(120);

    /** Of working days for which a helper is tried. */
    private static final int HELPERS = 5;

    /** Of things that are awaited or ordered, those that most often decide the day. */
    private static final int AWAITED = 6;

    /** What is no more than this is no gain, in working days. */
    private static final double LEAST = 0.05;

    private final YardPlan plan;
    private final Schedule stands;
    private final UUID car;

    private Gains(YardPlan plan, Schedule stands, UUID car) {
        this.plan = plan.untold(); // what was told would keep each day as late as it is
        this.stands = stands;
        this.car = car;
    }

    /**
     * The best first; those that gain something.
     *
     * @param stands the plan as it is
     * @param forecast asked for this car
     */
    public static List<Gain> of(YardPlan plan, Schedule stands, Forecast forecast, UUID car, BooleanSupplier stop) {
        return new Gains(plan, stands, car).all(forecast, stop);
    }

    private List<Gain> all(Forecast forecast, BooleanSupplier stop) {
        var work = plan.cars().stream().filter(one -> one.car().equals(car)).findFirst();
        if (work.isEmpty()) return List.of();
        var same = end(plan); // what a longer search alone gains is no merit of a change
        if (same.isEmpty()) return List.of();
        var gains = new ArrayList<Gain>();
        for (var remedy : remedies(work.get(), forecast)) {
            if (stop.getAsBoolean()) break;
            end(remedy.tried(plan))
                    .map(end -> plan.workingDays(end, same.get()))
                    .filter(days -> days > LEAST)
                    .ifPresent(days -> gains.add(new Gain(remedy, days)));
        }
        return gains.stream()
                .sorted(Comparator.comparingDouble((Gain gain) -> -gain.days()))
                .filter(new OneHelper())
                .limit(FEW)
                .toList();
    }

    /** Of helpers on several days the best one is told. */
    private static final class OneHelper implements Predicate<Gain> {
        private boolean isTold;

        @Override
        public boolean test(Gain gain) {
            if (!(gain.remedy() instanceof Remedy.Helper)) return true;
            var isFirst = !isTold;
            isTold = true;
            return isFirst;
        }
    }

    private Optional<LocalDateTime> end(YardPlan tried) {
        return tried.end(tried.tried(stands, TIME), car);
    }

    private List<Remedy> remedies(CarWork work, Forecast forecast) {
        var all = new ArrayList<Remedy>();
        var deciding = work.tasks().stream()
                .sorted(Comparator.comparingDouble(
                        (Task task) -> -forecast.critical().getOrDefault(work.id(task.id()), 0.0)))
                .toList();
        deciding.stream()
                .filter(task -> task.kind().isWait())
                .limit(AWAITED)
                .forEach(task -> all.add(new Remedy.Sooner(car, task, soon())));
        deciding.stream()
                .filter(task -> task.kind() == TaskKind.ORDER || task.kind() == TaskKind.SEND_OUT)
                .limit(AWAITED)
                .forEach(task -> all.add(new Remedy.ByReturn(car, task)));
        var day = plan.now().toLocalDate();
        for (var left = HELPERS; left > 0; ) {
            day = day.plusDays(1);
            if (!plan.isOpenOn(day)) continue;
            all.add(new Remedy.Helper(day));
            left--;
        }
        if (!plan.crew().people().all().isEmpty()) all.add(new Remedy.Saturdays());
        for (var person : plan.crew().people().all())
            if (person.off().stream()
                    .anyMatch(off -> !off.last().isBefore(plan.now().toLocalDate())))
                all.add(new Remedy.NotOff(person.name()));
        for (var kind : List.of(Place.Kind.BENCH, Place.Kind.SEWING_MACHINE, Place.Kind.SPRAY_PLACE))
            all.add(new Remedy.AnotherPlace(kind));
        return all;
    }

    /** The next working day. */
    private LocalDate soon() {
        var day = plan.now().toLocalDate().plusDays(1);
        while (!plan.isOpenOn(day)) day = day.plusDays(1);
        return day;
    }
}
