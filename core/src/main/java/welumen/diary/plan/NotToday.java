package welumen.diary.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.clock.Working;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.yard.Crew;
import welumen.yard.Limits;
import welumen.yard.Place;

/** What speaks against doing a task here on a day: cold, the neighbours' rest, the sun, the lines, a hide longer than the table. */
public final class NotToday {
    private final Crew crew;
    private final Limits limits;

    public NotToday(Crew crew) {
        this.crew = crew;
        limits = crew.limits();
    }

    /**
     * In words, the worst first; none where nothing speaks against it.
     *
     * @param start when it is to be begun
     * @param hideMm the length of the largest hide that may be cut for it; nought where none is here
     */
    public List<String> of(Task task, LocalDateTime start, double hideMm) {
        var against = new ArrayList<String>();
        here(task, start).ifPresent(against::add);
        cold(task).ifPresent(against::add);
        daily(task.kind().isLoud(), limits.loud(), start, "it is loud, and that it may be here only")
                .ifPresent(against::add);
        daily(task.kind().wantsShade(), limits.shade(), start, "the sun is on the place; it is out of it only")
                .ifPresent(against::add);
        slots(task, start).ifPresent(against::add);
        lines(task.kind()).ifPresent(against::add);
        table(task.kind(), hideMm).ifPresent(against::add);
        return List.copyOf(against);
    }

    private static Optional<String> here(Task task, LocalDateTime start) {
        return task.notBefore()
                .filter(start::isBefore)
                .map(from -> String.format(Locale.UK, "what it is done on is here from %1$ta %1$te %1$tb", from));
    }

    private Optional<String> cold(Task task) {
        if (!task.kind().wantsWarmth() && task.chance().isEmpty()) return Optional.empty();
        if (limits.celsius() >= Working.COLD_CELSIUS) return Optional.empty();
        return Optional.of(String.format(
                Locale.UK,
                "it is %.0f °C here, and below %.0f °C glue, filler and colour are not worked",
                limits.celsius(),
                Working.COLD_CELSIUS));
    }

    private static Optional<String> daily(boolean concerns, Limits.Daily when, LocalDateTime start, String said) {
        if (!concerns || when.has(start.toLocalTime())) return Optional.empty();
        return Optional.of("%s from %s to %s".formatted(said, when.from(), when.until()));
    }

    private Optional<String> slots(Task task, LocalDateTime start) {
        var places = crew.places().all().stream()
                .filter(place ->
                        task.kind().place().filter(place.kind()::equals).isPresent())
                .toList();
        if (places.isEmpty() || places.stream().anyMatch(place -> isOpen(place, start.toLocalDate())))
            return Optional.empty();
        return Optional.of(
                "the %s is not open on that day".formatted(places.getFirst().name()));
    }

    private static boolean isOpen(Place place, LocalDate day) {
        return place.slots().isEmpty()
                || place.slots().stream().anyMatch(slot -> slot.days().contains(day.getDayOfWeek()));
    }

    private Optional<String> lines(TaskKind kind) {
        if (limits.kilowatts() <= 0 || kind.kilowatts() <= limits.kilowatts()) return Optional.empty();
        return Optional.of(String.format(
                Locale.UK,
                "its machines draw %.1f kW as a rule, and the lines carry %.1f",
                kind.kilowatts(),
                limits.kilowatts()));
    }

    private Optional<String> table(TaskKind kind, double hideMm) {
        if (kind != TaskKind.CUT || hideMm <= 0) return Optional.empty();
        return crew.places().all().stream()
                .filter(place -> place.kind() == Place.Kind.CUTTING_TABLE && place.lengthMm() > 0)
                .max(Comparator.comparingDouble(Place::lengthMm))
                .filter(table -> hideMm > table.lengthMm())
                .map(table -> String.format(
                        Locale.UK,
                        "the largest hide is %.2f m long and the %s %.2f m: it hangs over, so cut it in two goes",
                        hideMm / 1000,
                        table.name(),
                        table.lengthMm() / 1000));
    }

    /** How much longer everything cures than its sheet says, as “twice as long”; empty where it is warm enough. */
    public Optional<String> slower() {
        var slower = Working.slower(limits.celsius());
        return slower < 1.1
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.UK,
                        "At %.0f °C all cures take %.1f times as long as at %.0f °C.",
                        limits.celsius(),
                        slower,
                        Working.USUAL_CELSIUS));
    }
}
