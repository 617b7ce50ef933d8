package welumen.desktop.diary;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import welumen.desktop.model.JobModel;
import welumen.diary.OpenTasks;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.YardPlan;
import welumen.intake.Intake;
import welumen.job.Job;
import welumen.yard.Crew;
import welumen.yard.Yard;

/** What is to be planned, read on the window's thread; a car's tasks are made beside. */
record AskedDays(List<Car> cars, Crew crew, Yard yard, LocalDateTime now, UUID open) {
    AskedDays {
        cars = List.copyOf(cars);
    }

    /** One car as it stands. */
    record Car(UUID id, String title, Job job) {
        CarWork work(Yard yard) {
            var due = job.intake() instanceof Intake.TakenIn taken
                    ? Optional.of(taken.agreement().due())
                    : Optional.<LocalDate>empty();
            return new CarWork(id, title, due, job.diary().told(), OpenTasks.of(job.standing(yard)));
        }
    }

    static AskedDays of(JobModel model) {
        var yard = model.yard().state();
        var open = model.openedProperty().get();
        var cars = new ArrayList<Car>();
        cars.add(new Car(open.job(), open.title(), model.job()));
        for (var other : model.others().all()) {
            var file = other.file();
            cars.add(new Car(file.job(), file.title(), other.state().in(yard, file.job())));
        }
        var now = LocalDateTime.ofInstant(model.nowProperty().get(), model.zone());
        return new AskedDays(cars, yard.crew(), yard, now, open.job());
    }

    /** The open car otherwise. */
    AskedDays with(Job job) {
        return new AskedDays(
                cars.stream()
                        .map(car -> car.id().equals(open) ? new Car(car.id(), car.title(), job) : car)
                        .toList(),
                crew,
                yard,
                now,
                open);
    }

    /** Other people. */
    AskedDays with(Crew others) {
        return new AskedDays(cars, others, yard, now, open);
    }

    YardPlan plan() {
        return new YardPlan(cars.stream().map(car -> car.work(yard)).toList(), crew, now);
    }
}
