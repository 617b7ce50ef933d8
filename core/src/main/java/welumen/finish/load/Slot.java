package welumen.finish.load;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import welumen.yard.WorkingHours;

/** A time in which one load can be sprayed. */
public record Slot(LocalDateTime begins, LocalDateTime ends) {
    public Slot {
        if (!ends.isAfter(begins))
            throw new IllegalArgumentException("From %s to %s is no time.".formatted(begins, ends));
    }

    public Duration length() {
        return Duration.between(begins, ends);
    }

    /**
     * Those of a place, one for each time that it is open, rising.
     *
     * @param from what begins before it is over
     * @param days how many are looked at
     */
    public static List<Slot> of(List<WorkingHours> hours, LocalDateTime from, int days) {
        var slots = new ArrayList<Slot>();
        for (var day = from.toLocalDate(); day.isBefore(from.toLocalDate().plusDays(days)); day = day.plusDays(1))
            for (var open : hours) if (open.days().contains(day.getDayOfWeek())) slots.add(on(day, open));
        slots.removeIf(slot -> slot.begins().isBefore(from));
        slots.sort((a, b) -> a.begins().compareTo(b.begins()));
        return List.copyOf(slots);
    }

    private static Slot on(LocalDate day, WorkingHours open) {
        return new Slot(day.atTime(open.from()), day.atTime(open.until()));
    }
}
