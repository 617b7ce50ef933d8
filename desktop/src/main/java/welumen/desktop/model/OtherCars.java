package welumen.desktop.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import welumen.clock.WorkChange.WorkBegun;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable;
import welumen.cut.table.Leftover;
import welumen.cut.table.Yields;
import welumen.job.Job;
import welumen.job.TakingIn;
import welumen.journal.StoreException;
import welumen.treatment.PriceList;
import welumen.treatment.TreatmentHours;
import welumen.yard.CarFile;

/**
 * What the yard's other cars teach, have cut and wait for. Their logs are read once, off the window's thread, and kept up
 * by what is changed in them; until all have been read, those count that were. JavaFX thread only.
 */
public final class OtherCars {
    private final JobModel model;
    private final Logs logs;
    private final Map<UUID, String> unreadable = new HashMap<>();
    private final ReadOnlyBooleanWrapper read = new ReadOnlyBooleanWrapper(this, "read");
    private boolean begun;
    private TreatmentHours hours = TreatmentHours.USUAL;
    private long hoursOf = -1;

    OtherCars(JobModel model, Logs logs) {
        this.model = model;
        this.logs = logs;
    }

    /** Begins to read them beside. Where nobody has asked for that, they are read when they are first asked for. */
    void readBeside(Executor beside, Executor window) {
        begun = true;
        var cars = model.yard().state().garage().all();
        beside.execute(() -> {
            for (var car : cars) readOne(car, window);
            window.execute(() -> {
                read.set(true);
                model.changed();
            });
        });
    }

    private void readOne(CarFile car, Executor window) {
        try {
            var log = logs.read(car.job());
            window.execute(() -> logs.keep(car.job(), log));
        } catch (StoreException | IllegalArgumentException | IllegalStateException fault) {
            window.execute(() -> cannotRead(car, fault));
        }
    }

    private void cannotRead(CarFile car, RuntimeException fault) {
        unreadable.put(car.job(), fault.getMessage());
        model.say("The %s cannot be read, so nothing of it is counted. %s".formatted(car.title(), fault.getMessage()));
    }

    /** Whether all have been read that can be. */
    public ReadOnlyBooleanProperty readProperty() {
        return read.getReadOnlyProperty();
    }

    /** Whether they are being read beside, and not all of them are there yet. */
    public boolean isReading() {
        return begun && !read.get();
    }

    /** Why a car cannot be read; empty where it can. */
    public String trouble(UUID car) {
        return unreadable.getOrDefault(car, "");
    }

    /** Those that may teach a new one: of its body first, of its very name last, since what those say stands. */
    public List<TakingIn.Earlier> teaching(String name, String body) {
        var ofBody = new ArrayList<TakingIn.Earlier>();
        var ofName = new ArrayList<TakingIn.Earlier>();
        for (var other : everyCar()) {
            var car = other.state().intake().known();
            if (car.isEmpty()) continue;
            var isOfName = car.get().name().equalsIgnoreCase(name.strip());
            if (isOfName || car.get().body().toLowerCase(Locale.ROOT).contains(body.toLowerCase(Locale.ROOT)))
                (isOfName ? ofName : ofBody)
                        .add(new TakingIn.Earlier(other.file().title(), other.state(), isOfName));
        }
        ofBody.addAll(ofName);
        return ofBody;
    }

    /** One of them, by the name under which it is kept. */
    public record Other(CarFile file, Job state) {}

    /** What somebody is at in another car than the open one; empty where they are at nothing there. */
    public Optional<At> workOf(String person) {
        return all().stream()
                .flatMap(car -> car.state().work().runningFor(person).stream().map(begun -> new At(car.file(), begun)))
                .findFirst();
    }

    /** Somebody's work on a car. */
    public record At(CarFile car, WorkBegun begun) {}

    /** What they have cut. */
    public List<CutLog> cuts() {
        return all().stream().map(other -> other.state().cutLog()).toList();
    }

    /** What is left over of all that was cut, for this car and the others. */
    public List<Leftover> leftovers() {
        var cuts = new ArrayList<Leftover.Cuts>();
        for (var other : all())
            cuts.add(new Leftover.Cuts(other.file().title(), other.state().cutLog()));
        cuts.add(new Leftover.Cuts(
                model.openedProperty().get().title(), model.job().cutLog()));
        return Leftover.of(cuts);
    }

    /** What became of the leather in all of them. */
    public Yields yields() {
        return Yields.sum(all().stream()
                .map(Other::state)
                .filter(job -> job.table() instanceof CuttingTable.Laid)
                .map(job -> Yields.of((CuttingTable.Laid) job.table(), job.cutLog()))
                .toList());
    }

    /** How long treatments took in all of them; reckoned once until something changes. */
    TreatmentHours hours() {
        var version = model.versionProperty().get();
        if (hoursOf != version) {
            hours = reckonedHours();
            hoursOf = version;
        }
        return hours;
    }

    private TreatmentHours reckonedHours() {
        return all().stream()
                .map(other -> other.state().benchTimes())
                .reduce(TreatmentHours.USUAL, TreatmentHours::and);
    }

    /** What was said last in any of them, before the yard had prices of its own. */
    PriceList lastPrices() {
        return all().stream()
                .flatMap(other -> other.state().choices().prices().stream())
                .reduce(PriceList.USUAL, (_, later) -> later);
    }

    /** All but the open one, in the order in which they came. */
    public List<Other> all() {
        var open = model.openedProperty().get().job();
        return everyCar().stream().filter(car -> !car.file().job().equals(open)).toList();
    }

    /** The open one too. */
    public List<Other> everyCar() {
        var others = new ArrayList<Other>();
        var renamed = model.yard().state().stock().renamed();
        for (var car : model.yard().state().garage().all()) {
            if (!begun) readNow(car);
            logs.known(car.job())
                    .ifPresent(log -> others.add(new Other(car, log.state().withStockCalled(renamed))));
        }
        return others;
    }

    private void readNow(CarFile car) {
        if (unreadable.containsKey(car.job())) return;
        try {
            logs.car(car.job());
        } catch (StoreException | IllegalArgumentException | IllegalStateException fault) {
            cannotRead(car, fault);
        }
    }
}
