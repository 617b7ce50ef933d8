package welumen.job;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import welumen.cut.Stock;
import welumen.job.WorkshopChange.JobOpened;
import welumen.job.WorkshopChange.PersonJoined;
import welumen.job.WorkshopChange.StockTakenIn;
import welumen.job.WorkshopChange.WorkshopNamed;

/** The workshop: its people, its jobs, its stock. The fold of its changes. */
public record Workshop(String name, List<String> people, List<JobOpened> jobs, List<Stock> stock) {
    public static final Workshop EMPTY = new Workshop("", List.of(), List.of(), List.of());

    /** The stream in which every workshop keeps its own entries. */
    public static final UUID STREAM = new UUID(0, 1);

    public Workshop {
        people = List.copyOf(people);
        jobs = List.copyOf(jobs);
        stock = List.copyOf(stock);
    }

    public Workshop after(WorkshopChange change) {
        return switch (change) {
            case WorkshopNamed(var newName) -> new Workshop(newName, people, jobs, stock);
            case PersonJoined(var person) -> new Workshop(name, and(people, person), jobs, stock);
            case JobOpened opened -> new Workshop(name, people, and(jobs, opened), stock);
            case StockTakenIn(var more) -> new Workshop(name, people, jobs, and(stock, more));
        };
    }

    private static <T> List<T> and(List<T> list, T more) {
        return Stream.concat(list.stream(), Stream.of(more)).toList();
    }
}
