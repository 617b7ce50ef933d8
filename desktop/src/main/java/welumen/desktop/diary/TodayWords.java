package welumen.desktop.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.plan.CarWork;
import welumen.diary.plan.NotToday;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.job.JobChange;
import welumen.job.JobChange.OnClock;
import welumen.schedule.Booking;

/** What is said of one thing on somebody's page of today: when, with whom, what runs afterwards, what speaks against it here. */
record TodayWords(JobModel model, PlannedDays planned, Booking booking, Task task) {
    List<String> hands() {
        return planned.rota().of(booking.id());
    }

    Optional<CarWork> car() {
        return planned.plan().cars().stream()
                .filter(car -> booking.id().startsWith(car.car().toString()))
                .findFirst();
    }

    /** @param name whose page it stands on */
    String time(String name) {
        var start = booking.start().toLocalDate();
        var end = booking.end().toLocalDate();
        var others = hands().stream().filter(other -> !other.equals(name)).toList();
        return String.format(
                Locale.UK,
                "%tR to %tR%s%s",
                booking.start(),
                booking.end(),
                end.equals(start) ? "" : " " + Words.day(end),
                others.isEmpty() ? "" : ", with " + String.join(" and ", others));
    }

    /** What the place does not allow then, and who stays for it; each a sentence. */
    List<String> against() {
        var all = new ArrayList<String>();
        for (var one : new NotToday(planned.plan().crew()).of(task, booking.start(), largestHideMm()))
            all.add("Not then: %s.".formatted(one));
        if (planned.rota().isAfterHours(task)) all.add("After hours: somebody stays for it, or comes once more.");
        return all;
    }

    /** Of the hides and sheets that were bought for its car. */
    private double largestHideMm() {
        var stock = model.yard().state().stock();
        return car().stream()
                .flatMap(car -> stock.here().stream()
                        .filter(one -> car.car().equals(stock.boughtFor().get(one.id()))))
                .mapToDouble(Stock::longestMm)
                .max()
                .orElse(0);
    }

    private List<Task> behind() {
        return car().stream()
                .flatMap(car -> car.tasks().stream())
                .filter(other ->
                        other.after().stream().anyMatch(after -> after.task().equals(task.id())))
                .toList();
    }

    /** What waits for it to cure, each with how long. */
    private List<After> curing(Task next) {
        return next.after().stream()
                .filter(after -> after.task().equals(task.id()) && after.cures().isPositive())
                .toList();
    }

    /** The clock that will run when it is done. */
    Optional<String> cures() {
        return behind().stream()
                .flatMap(next -> curing(next).stream())
                .map(After::cures)
                .max(Duration::compareTo)
                .map(longest -> "Then it cures %d h.".formatted(Math.ceilDiv(longest.toMinutes(), 60)));
    }

    /** What cures once it is done has a clock on the rail. */
    Optional<JobChange> clock() {
        return behind().stream()
                .flatMap(next -> curing(next).stream()
                        .map(after -> (JobChange) new OnClock(new ClockStarted(new BenchClock(
                                task.id(),
                                Words.capital(task.what().replaceFirst("^the ", "")),
                                next.said(),
                                model.nowProperty().get(),
                                after.cures())))))
                .findFirst();
    }

    /** Who else waits for it. */
    Optional<String> waiting(String name) {
        var others = car().stream()
                .flatMap(car -> behind().stream().map(other -> car.id(other.id())))
                .flatMap(id -> planned.rota().of(id).stream())
                .filter(other -> !other.equals(name) && !hands().contains(other))
                .distinct()
                .sorted()
                .collect(Collectors.joining(" and "));
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of("%s %s for it.".formatted(others, others.contains(" and ") ? "wait" : "waits"));
    }
}
