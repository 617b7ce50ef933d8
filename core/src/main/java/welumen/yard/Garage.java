package welumen.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import welumen.yard.CarFile.Standing;

/** The cars, in the order in which they came. */
public record Garage(List<CarFile> all) {
    public static final Garage EMPTY = new Garage(List.of());

    public Garage {
        all = List.copyOf(all);
    }

    /** @throws IllegalArgumentException if there is no such car */
    Garage after(CarsChange change) {
        return switch (change) {
            case CarsChange.CarTitled(var job, var title) -> with(one(job).titled(title));
            case CarsChange.CarSetAside(var job, var why) -> with(one(job).standing(new Standing.SetAside(why)));
            case CarsChange.CarTakenUp(var job) -> with(one(job).standing(new Standing.InWork()));
            case CarsChange.CarClosed(var job, var day) -> with(one(job).standing(new Standing.Closed(day)));
        };
    }

    Garage and(CarFile more) {
        if (findOne(more.job()).isPresent())
            throw new IllegalArgumentException("Log [%s] is of a car that is here.".formatted(more.job()));
        var cars = new ArrayList<>(all);
        cars.add(more);
        return new Garage(cars);
    }

    public Optional<CarFile> findOne(UUID job) {
        return all.stream().filter(car -> car.job().equals(job)).findFirst();
    }

    /** @throws IllegalArgumentException if there is no such car */
    public CarFile one(UUID job) {
        return findOne(job)
                .orElseThrow(() -> new IllegalArgumentException("The yard has no car with log [%s].".formatted(job)));
    }

    public List<CarFile> inWork() {
        return all.stream().filter(CarFile::isInWork).toList();
    }

    private Garage with(CarFile now) {
        return new Garage(
                all.stream().map(car -> car.job().equals(now.job()) ? now : car).toList());
    }
}
