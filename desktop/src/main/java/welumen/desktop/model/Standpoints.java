package welumen.desktop.model;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import welumen.cabin.PartId;
import welumen.job.WorkStage;

/** Where one stood in each car: at which stage, with which part picked, on which leaf of each stage. JavaFX thread only. */
public final class Standpoints {
    private static final String LAST = "last";
    private static final String PERSON = "person";

    private final Map<UUID, Standpoint> of = new HashMap<>();
    private Optional<UUID> last = Optional.empty();
    private Optional<String> person = Optional.empty();

    private static final class Standpoint {
        private Optional<WorkStage> stage = Optional.empty();
        private Optional<PartId> part = Optional.empty();
        private final Map<WorkStage, String> leaves = new EnumMap<>(WorkStage.class);
    }

    /** What was written of them; what cannot be understood is left out, since it is only where one stood. */
    static Standpoints read(Map<String, String> settings) {
        var all = new Standpoints();
        settings.forEach((key, value) -> {
            try {
                all.take(key, value);
            } catch (IllegalArgumentException notOurs) {
                // from another version, or edited by hand: one stands at the beginning then
            }
        });
        return all;
    }

    private void take(String key, String value) {
        if (key.equals(PERSON)) person = Optional.of(value);
        else if (key.equals(LAST)) last = Optional.of(UUID.fromString(value));
        else {
            var words = (key + "  ").split(" ", 3); // so that what is missing is empty, and refused like anything else
            var car = at(UUID.fromString(words[0]));
            switch (words[1]) {
                case "stage" -> car.stage = Optional.of(WorkStage.valueOf(value));
                case "part" -> car.part = Optional.of(new PartId(value));
                case "leaf" -> car.leaves.put(WorkStage.valueOf(words[2].strip()), value);
                default -> throw new IllegalArgumentException(key);
            }
        }
    }

    /** As it is kept, by key. */
    Map<String, String> settings() {
        var settings = new TreeMap<String, String>();
        person.ifPresent(name -> settings.put(PERSON, name));
        last.ifPresent(car -> settings.put(LAST, car.toString()));
        of.forEach((car, point) -> {
            point.stage.ifPresent(stage -> settings.put(car + " stage", stage.name()));
            point.part.ifPresent(part -> settings.put(car + " part", part.value()));
            point.leaves.forEach((stage, leaf) -> settings.put(car + " leaf " + stage.name(), leaf));
        });
        return settings;
    }

    Optional<UUID> last() {
        return last;
    }

    /** Who works at this window; empty where nobody has said. */
    Optional<String> person() {
        return person;
    }

    void personIs(String name) {
        person = Optional.of(name);
    }

    void turnedTo(UUID car) {
        last = Optional.of(car);
    }

    void stoodAt(UUID car, WorkStage stage) {
        at(car).stage = Optional.of(stage);
    }

    void picked(UUID car, PartId part) {
        at(car).part = Optional.of(part);
    }

    void turnedLeaf(UUID car, WorkStage stage, String leaf) {
        at(car).leaves.put(stage, leaf);
    }

    Optional<WorkStage> stage(UUID car) {
        return at(car).stage;
    }

    Optional<PartId> part(UUID car) {
        return at(car).part;
    }

    Optional<String> leaf(UUID car, WorkStage stage) {
        return Optional.ofNullable(at(car).leaves.get(stage));
    }

    private Standpoint at(UUID car) {
        return of.computeIfAbsent(car, _ -> new Standpoint());
    }
}
