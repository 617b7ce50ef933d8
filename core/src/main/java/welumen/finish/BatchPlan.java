package welumen.finish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.finish.load.HardPiece;
import welumen.finish.load.LoadPlan;
import welumen.finish.load.LoadPlanner;
import welumen.finish.load.LoadProblem;
import welumen.finish.load.LoadRemedies;
import welumen.finish.load.Slot;
import welumen.yard.Crew;
import welumen.yard.Place;
import welumen.yard.WorkingHours;

/**
 * When each load of a batch is sprayed, as things stand: what hangs takes the first slots and stays together, the rest goes as no
 * other way betters.
 *
 * @param problem of what does not hang yet, in the slots that are left
 * @param rest the plan of that
 * @param hung what hangs, in its slots
 */
public record BatchPlan(LoadProblem problem, LoadPlan rest, List<Hung> hung) {
    private static final int DAYS = 60;

    /** A load that hangs, with its number. */
    public record Hung(int number, LoadPlan.Load load) {}

    public BatchPlan {
        hung = List.copyOf(hung);
    }

    /**
     * Empty where nothing is open, or nobody has said how it is sprayed.
     *
     * @param from before when nothing is sprayed, since no card is dry
     */
    public static Optional<BatchPlan> of(Batch batch, Crew crew, LocalDateTime now, LocalDateTime from) {
        if (batch.open().isEmpty() || batch.said().isEmpty()) return Optional.empty();
        var how = batch.said().get();
        var needs = batch.needs();
        var slots = new ArrayList<>(Slot.of(hours(crew), now.toLocalDate().atStartOfDay(), DAYS));
        slots.removeIf(slot -> slot.length().compareTo(needs) < 0
                || !slot.ends().isAfter(now)
                || isTooSoon(slot, now, from)); // what hangs is sprayed in one that has begun
        var hung = new ArrayList<Hung>();
        for (var load : NextLoad.of(batch, crew.loadHolds()))
            if (load.isHung() && !slots.isEmpty()) {
                var slot = slots.removeFirst();
                hung.add(new Hung(
                        load.number(),
                        new LoadPlan.Load(
                                slot, load.colour(), load.pieces(), slot.ends().plus(how.handled()))));
            }
        slots.removeIf(slot -> slot.begins().isBefore(now));
        var placed = hung.stream().flatMap(one -> one.load().pieces().stream()).toList();
        var problem = new LoadProblem(
                batch.open().stream().filter(piece -> !placed.contains(piece)).toList(),
                slots,
                crew.loadHolds(),
                needs,
                how.handled(),
                Optional.of(how.due()));
        return Optional.of(new BatchPlan(problem, LoadPlanner.of(problem), hung));
    }

    /** A slot that has begun is left alone as long as nothing keeps one from spraying in it. */
    private static boolean isTooSoon(Slot slot, LocalDateTime now, LocalDateTime from) {
        return from.isAfter(now) && slot.begins().isBefore(from);
    }

    private static List<WorkingHours> hours(Crew crew) {
        return crew.places().all().stream()
                .filter(place -> place.kind() == Place.Kind.SPRAY_PLACE)
                .findFirst()
                .map(Place::slots)
                .filter(slots -> !slots.isEmpty())
                .orElse(List.of(WorkingHours.USUAL));
    }

    /** What hangs and what follows it. */
    public LoadPlan whole() {
        var loads = new ArrayList<>(hung.stream().map(Hung::load).toList());
        loads.addAll(rest.loads());
        return new LoadPlan(loads, rest.left(), rest.isProven());
    }

    /** Whether all that is not held is ready by the day that was said. */
    public boolean fits() {
        return whole().fits(problem);
    }

    /** What would make the rest fit, each tried; takes a while where there are many pieces. */
    public List<LoadRemedies.Tried> remedies() {
        return LoadRemedies.of(problem, rest);
    }

    public long held() {
        return rest.left().stream().filter(HardPiece::isHeld).count();
    }
}
