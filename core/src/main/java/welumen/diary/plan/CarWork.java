package welumen.diary.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import welumen.diary.book.Told;
import welumen.diary.task.Task;

/**
 * What is open on one car.
 *
 * @param due the day that was agreed
 * @param told the plan that somebody was told
 */
public record CarWork(UUID car, String title, Optional<LocalDate> due, Optional<Told> told, List<Task> tasks) {
    public CarWork {
        tasks = List.copyOf(tasks);
    }

    /** Of which nothing was told. */
    public CarWork(UUID car, String title, Optional<LocalDate> due, List<Task> tasks) {
        this(car, title, due, Optional.empty(), tasks);
    }

    /** The same as if its owner had been told a plan. */
    CarWork told(Told plan) {
        return new CarWork(car, title, due, Optional.of(plan), tasks);
    }

    /** The same with its tasks otherwise. */
    CarWork with(UnaryOperator<Task> otherwise) {
        return new CarWork(car, title, due, told, tasks.stream().map(otherwise).toList());
    }

    /** What a task of it is called in the plan of all cars. */
    public String id(String task) {
        return car + "/" + task;
    }
}
