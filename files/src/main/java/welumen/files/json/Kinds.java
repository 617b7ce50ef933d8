package welumen.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.journal.StoreException;

/** All kinds that lie in files, by the sealed family to which they belong. */
final class Kinds {
    /** The member that says of which kind an object is. */
    static final String IS = "is";

    /** @param type the sealed interface */
    record Family(Class<?> type, List<Kind> kinds) {
        static Family family(Class<?> type, Kind... kinds) {
            return new Family(type, List.of(kinds));
        }
    }

    private static final Map<Class<?>, Family> ALL = Stream.of(
                    JobKinds.families(), YardKinds.families(), ValueKinds.families())
            .flatMap(List::stream)
            .collect(Collectors.toUnmodifiableMap(Family::type, Function.identity()));

    /** Those that are not written any more as they once were; their words are of one family only. */
    private static final Map<String, Kind> CHANGED = ALL.values().stream()
            .flatMap(family -> family.kinds().stream())
            .filter(kind -> kind.version() > 1)
            .collect(Collectors.toUnmodifiableMap(Kind::word, Function.identity()));

    private Kinds() {}

    static boolean isFamily(Class<?> type) {
        return ALL.containsKey(type);
    }

    /** @throws IllegalArgumentException if that is no family */
    static Family of(Class<?> type) {
        var family = ALL.get(type);
        if (family == null) throw new IllegalArgumentException("[%s] is no family of kinds.".formatted(type));
        return family;
    }

    /**
     * Brings every object within to the newest form of its kind.
     *
     * @param node modified
     * @throws StoreException if a newer Welumen wrote one
     */
    static void stepUp(JsonNode node) {
        node.forEach(Kinds::stepUp); // what lies within first, so that a step finds it as it is now
        if (!(node instanceof ObjectNode object) || !object.path(IS).isTextual()) return;
        var id = object.path(IS).textValue();
        var kind = CHANGED.get(Kind.wordOf(id));
        if (kind == null) return;
        var version = Kind.versionOf(id);
        if (version > kind.version())
            throw new StoreException("It was written by a newer Welumen (version %d of “%s”). Update this program."
                    .formatted(version, kind.word()));
        if (version == 0) return; // no version at all: the reader says so
        for (var step : kind.steps().subList(version - 1, kind.steps().size())) step.up(object);
        object.put(IS, kind.id());
    }
}
