package welumen.desktop.model;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.yard.CarFile;
import welumen.yard.Garage;
import welumen.yard.Person;
import welumen.yard.Yard;
import welumen.yard.YardChange;

/**
 * A workshop that has been opened and read, with the car that was looked at last; there may be none. Reading takes a while,
 * so it is done beside the starting toolkit, on any thread.
 */
public record OpenedWorkshop(
        WorkshopFolder folder,
        Clock clock,
        Journal<YardChange, Yard> yard,
        Optional<FirstCar> first,
        Standpoints standpoints,
        List<String> troubles) {
    /** The car that is shown first. */
    record FirstCar(CarFile file, Journal<JobChange, Job> log) {}

    /** @throws StoreException if the workshop cannot be read */
    public static OpenedWorkshop open(Path path, Clock clock) {
        return open(path, _ -> clock);
    }

    /**
     * @param clocks the clock by which one works there
     * @throws StoreException if the workshop cannot be read
     */
    public static OpenedWorkshop open(Path path, Function<WorkshopFolder, Clock> clocks) {
        var folder = WorkshopFolder.open(path);
        try {
            var clock = clocks.apply(folder);
            var yard = folder.yard(clock);
            var standpoints = Standpoints.read(folder.viewSettings());
            var troubles = new ArrayList<String>();
            folder.damage(yard, "the yard’s log", clock.getZone()).ifPresent(troubles::add);
            var first = first(yard.state().garage(), standpoints)
                    .flatMap(file -> read(folder, file, clock, troubles).stream())
                    .findFirst();
            return new OpenedWorkshop(folder, clock, yard, first, standpoints, troubles);
        } catch (StoreException fault) {
            folder.close();
            throw fault;
        }
    }

    /** Who works at this window: whoever said so last, else whoever is known first; empty where nobody is. */
    public Optional<String> person() {
        return standpoints
                .person()
                .or(() -> yard.state().crew().people().all().stream()
                        .map(Person::name)
                        .findFirst());
    }

    /** Empty where it cannot be read, which is said: then the next car is looked at. */
    private static Optional<FirstCar> read(WorkshopFolder folder, CarFile file, Clock clock, List<String> troubles) {
        try {
            return Optional.of(new FirstCar(file, folder.job(file.job(), clock)));
        } catch (StoreException fault) {
            troubles.add("The %s cannot be shown. %s".formatted(file.title(), fault.getMessage()));
            return Optional.empty();
        }
    }

    /** The one looked at last, else the first that is worked on, else the first; and where that cannot be read, the next. */
    private static Stream<CarFile> first(Garage garage, Standpoints standpoints) {
        return Stream.of(
                        standpoints.last().flatMap(garage::findOne).stream(),
                        garage.inWork().stream(),
                        garage.all().stream())
                .flatMap(cars -> cars)
                .distinct();
    }
}
