package welumen.yard;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange;
import welumen.clock.Clocks;

/** The clocks on the benches, and on which car each runs. */
public record YardClocks(Clocks clocks, Map<String, UUID> cars) {
    public static final YardClocks NONE = new YardClocks(Clocks.NONE, Map.of());

    public YardClocks {
        cars = Map.copyOf(cars);
    }

    YardClocks after(ClockChange change, UUID car) {
        var more = new HashMap<>(cars);
        switch (change) {
            case ClockChange.ClockStarted(var clock) -> more.put(clock.id(), car);
            case ClockChange.ClockPutAway(var id) -> more.remove(id);
        }
        return new YardClocks(clocks.after(change), more);
    }

    public List<BenchClock> running() {
        return clocks.running();
    }

    /** Those of one car. */
    public List<BenchClock> on(UUID car) {
        return running().stream()
                .filter(clock -> car.equals(cars.get(clock.id())))
                .toList();
    }

    public Optional<UUID> carOf(BenchClock clock) {
        return Optional.ofNullable(cars.get(clock.id()));
    }
}
