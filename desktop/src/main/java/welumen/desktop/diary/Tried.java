package welumen.desktop.diary;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import welumen.diary.plan.Manned;
import welumen.diary.plan.YardPlan;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.schedule.Booking;
import welumen.schedule.forecast.Ends;
import welumen.whatif.AsThingsStand;
import welumen.whatif.Consequence;
import welumen.whatif.Supposed;
import welumen.yard.Crew;
import welumen.yard.DaysOff;
import welumen.yard.Person;
import welumen.yard.Shelf;

/**
 * What comes of what was supposed, worked out beside the window.
 *
 * @param change of the car that would say so; empty where it is of people
 * @param cars none while the days are not planned yet
 * @param tomorrow what would be done on the open car on the next working day, in its order
 */
record Tried(
        Supposed supposed,
        String said,
        Optional<JobChange> change,
        Optional<Consequence> consequence,
        List<CarDay> cars,
        LocalDate next,
        List<String> tomorrow) {
    private static final Duration TIME = Duration.ofMillis(600);
    private static final int RUNS = 400;

    /** When a car is ready, before and after; the open one by the share of runs as well. */
    record CarDay(
            boolean isOpen,
            String title,
            Optional<LocalDate> due,
            LocalDateTime before,
            LocalDateTime after,
            Optional<Ends> endsBefore,
            Optional<Ends> endsAfter) {}

    /**
     * @param was the days as they stand, where they are known
     * @param first told what is known at once: all but the days
     */
    static Tried of(
            Supposed supposed,
            AskedDays asked,
            Optional<PlannedDays> was,
            Consumer<Tried> first,
            BooleanSupplier stop) {
        var job = asked.cars().getFirst().job();
        var today = asked.now().toLocalDate();
        var change = change(supposed, job, today);
        var then = change.map(job::after);
        var other = supposed instanceof Supposed.Gone gone
                ? asked.with(without(asked.crew(), gone))
                : asked.with(then.orElse(job));
        var consequence = then.map(after -> Consequence.of(job.standing(asked.yard()), after.standing(asked.yard())));
        var said = supposed.said(job.cabin());
        first.accept(new Tried(supposed, said, change, consequence, List.of(), today, List.of()));
        var before = was.orElseGet(() -> PlannedDays.of(asked, Optional.empty(), _ -> {}, stop));
        var plan = other.plan().near(before.schedule());
        var manned = plan.plan(Optional.of(before.schedule()), TIME, _ -> {}, stop);
        return new Tried(
                supposed,
                said,
                change,
                consequence,
                cars(before, plan, manned, asked),
                next(plan, today),
                tomorrow(plan, manned, asked));
    }

    /** The open car's; empty while the days are not planned yet, or where nothing is open on it. */
    Optional<CarDay> own() {
        return cars.stream().filter(CarDay::isOpen).findFirst();
    }

    private static Optional<JobChange> change(Supposed supposed, Job job, LocalDate today) {
        return switch (supposed) {
            case Supposed.Found found -> Optional.of(found.change(job, today));
            case Supposed.Comes comes -> Optional.of(comes.change(today));
            case Supposed.Kept(var _, var _, var kept) -> Optional.of(AsThingsStand.of(kept, job));
            case Supposed.Gone _ -> Optional.empty();
        };
    }

    /** Those who work here, where one of them is away. */
    static Crew without(Crew crew, Supposed.Gone gone) {
        var people = Shelf.<Person>empty();
        for (var person : crew.people().all())
            people = people.with("", person.name().equals(gone.person()) ? away(person, gone) : person);
        return crew.with(people);
    }

    static Person away(Person person, Supposed.Gone gone) {
        var off = new ArrayList<>(person.off());
        off.add(new DaysOff(gone.first(), gone.last(), ""));
        return person.off(off);
    }

    private static List<CarDay> cars(PlannedDays before, YardPlan plan, Manned manned, AskedDays asked) {
        var forecast = plan.forecast(manned, Optional.of(asked.open()), RUNS);
        var days = new ArrayList<CarDay>();
        for (var car : plan.cars()) {
            var last = car.id(YardPlan.last(car));
            var was = before.plan().end(before.schedule(), car.car());
            var now = plan.end(manned.schedule(), car.car()).orElseThrow();
            days.add(new CarDay(
                    car.car().equals(asked.open()),
                    car.title(),
                    car.due(),
                    was.orElse(now),
                    now,
                    before.forecast().map(known -> known.goals().get(last)),
                    Optional.ofNullable(forecast.goals().get(last))));
        }
        return days;
    }

    private static LocalDate next(YardPlan plan, LocalDate today) {
        var day = today.plusDays(1);
        while (!plan.isOpenOn(day)) day = day.plusDays(1);
        return day;
    }

    private static List<String> tomorrow(YardPlan plan, Manned manned, AskedDays asked) {
        var tasks = plan.tasks();
        var day = next(plan, asked.now().toLocalDate());
        return manned.schedule().bookings().stream()
                .filter(booking -> booking.id().startsWith(asked.open().toString()))
                .filter(booking -> booking.start().toLocalDate().equals(day))
                .sorted(Comparator.comparing(Booking::start))
                .map(booking -> Objects.requireNonNull(tasks.get(booking.id())))
                .filter(task -> !task.kind().isWait())
                .map(task -> task.said())
                .toList();
    }
}
