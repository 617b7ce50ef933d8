package welumen.desktop.finish;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.finish.load.Cans;
import welumen.finish.load.HardPiece;
import welumen.finish.load.LoadPlan;
import welumen.finish.load.LoadPlanner;
import welumen.finish.load.LoadProblem;
import welumen.finish.load.LoadRemedies;
import welumen.finish.load.Slot;
import welumen.yard.Place;
import welumen.yard.WorkingHours;

/** The loads of the open car as things stand: by the yard's spray place, its slots, and what the batch says. */
record SprayPlan(LoadProblem problem, LoadPlan loads, Cans cans) {
    private static final int DAYS = 60;

    /** Pieces in a load where no spray place is listed. */
    private static final int HOLDS = 6;

    /** Empty where nothing is open, or nobody has said how it is sprayed. */
    static Optional<SprayPlan> of(JobModel model) {
        var batch = model.job().finish().batch();
        var open = batch.open();
        if (open.isEmpty() || batch.said().isEmpty()) return Optional.empty();
        var how = batch.said().get();
        var now = LocalDateTime.ofInstant(model.nowProperty().get(), model.zone());
        var place = model.yard().state().crew().places().all().stream()
                .filter(one -> one.kind() == Place.Kind.SPRAY_PLACE)
                .findFirst();
        var slots = place.map(Place::slots).filter(some -> !some.isEmpty()).orElse(List.of(WorkingHours.USUAL));
        var problem = new LoadProblem(
                open,
                Slot.of(slots, now, DAYS),
                place.map(Place::holds).orElse(HOLDS),
                how.needs(),
                how.handled(),
                Optional.of(how.due()));
        var loads = LoadPlanner.of(problem);
        var sprayed =
                loads.loads().stream().flatMap(load -> load.pieces().stream()).toList();
        return Optional.of(new SprayPlan(problem, loads, Cans.of(sprayed, how.coats(), how.canSquareMetres())));
    }

    /** What would make it fit, each tried; takes a while where there are many pieces. */
    List<LoadRemedies.Tried> remedies() {
        return LoadRemedies.of(problem, loads);
    }

    /** The answer to “by then?”. */
    String said() {
        var held = loads.left().stream().filter(HardPiece::isHeld).count();
        var none = loads.left().size() - held;
        if (loads.ready().isEmpty()) return "No piece can be sprayed as things stand.";
        var late = loads.late(problem);
        var words = "%s, %s: ready on %s, %s."
                .formatted(
                        Words.many(
                                loads.loads().stream()
                                        .mapToInt(load -> load.pieces().size())
                                        .sum(),
                                "piece"),
                        Words.many(loads.loads().size(), "load"),
                        time(loads.ready().get()),
                        late.isZero() ? "in time" : length(late) + " late");
        if (held > 0) words += " %s held.".formatted(held == 1 ? "One is" : held + " are");
        if (none > 0) words += " %s has no slot.".formatted(Words.many((int) none, "piece"));
        return words;
    }

    static String time(LocalDateTime time) {
        return String.format(Locale.UK, "%1$ta %1$te %1$tb at %1$tR", time);
    }

    static String length(Duration late) {
        return late.toMinutes() < 60 ? late.toMinutes() + " minutes" : Words.hours(late.toMinutes() / 60.0);
    }
}
