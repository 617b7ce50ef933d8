package welumen.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.Cabin;
import welumen.job.JobChange;
import welumen.job.Said;
import welumen.journal.StoreException;
import welumen.yard.Yard;
import welumen.yard.YardChange;
import welumen.yard.YardSaid;

/**
 * What changes are called in files. The kinds are taken from the sealed families themselves, so that one without a word, a
 * stored text of each of its versions, or a sentence fails.
 */
class KindsTest {
    private final ChangeJson json = new ChangeJson();

    /** All that is reached from the changes of a job and of the yard. */
    private static Set<Class<?>> reached() {
        var reached = new LinkedHashSet<Class<?>>();
        reach(JobChange.class, reached);
        reach(YardChange.class, reached);
        return reached;
    }

    private static void reach(Type type, Set<Class<?>> reached) {
        if (type instanceof ParameterizedType many) for (var one : many.getActualTypeArguments()) reach(one, reached);
        if (!(type instanceof Class<?> one) || !one.getName().startsWith("welumen") || !reached.add(one)) return;
        if (one.isSealed()) for (var member : one.getPermittedSubclasses()) reach(member, reached);
        if (one.isRecord()) for (var part : one.getRecordComponents()) reach(part.getGenericType(), reached);
    }

    static Stream<Class<?>> families() {
        return reached().stream().filter(type -> type.isInterface() && type.isSealed());
    }

    static Stream<Class<?>> familiesOfChanges() {
        return families().filter(family -> family.getSimpleName().endsWith("Change"));
    }

    static Stream<Stored> stored() {
        return familiesOfChanges().flatMap(family -> Stored.of(family).stream());
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyMemberOfAFamilyHasItsWord(Class<?> family) {
        var kinds = Kinds.of(family).kinds();
        assertThat(kinds.stream().<Class<?>>map(Kind::record).toList())
                .hasSameElementsAs(List.of(family.getPermittedSubclasses()));
        assertThat(kinds).extracting(Kind::word).doesNotHaveDuplicates().allMatch(word -> word.matches("[a-z][a-z-]+"));
    }

    /** A step finds what it is for by its word alone. */
    @Test
    void aWordThatHasASecondVersionIsOfOneFamilyOnly() {
        var words = new HashSet<String>();
        var twice = new HashSet<String>();
        families().flatMap(family -> Kinds.of(family).kinds().stream()).forEach(kind -> {
            if (!words.add(kind.word())) twice.add(kind.word());
        });
        assertThat(families()
                        .flatMap(family -> Kinds.of(family).kinds().stream())
                        .filter(kind -> kind.version() > 1))
                .isNotEmpty()
                .noneMatch(kind -> twice.contains(kind.word()));
    }

    @ParameterizedTest
    @MethodSource("familiesOfChanges")
    void everyVersionOfEveryKindHasAStoredText(Class<?> family) {
        var texts = Stored.of(family);
        for (var kind : Kinds.of(family).kinds())
            for (var version = 1; version <= kind.version(); version++) {
                var wanted = version;
                assertThat(texts)
                        .as("%s, version %d", kind.word(), version)
                        .anyMatch(text -> text.word().equals(kind.word()) && text.version() == wanted);
            }
    }

    /** An old text is read, and written as it is written now; a new one comes back to the letter. */
    @ParameterizedTest
    @MethodSource("stored")
    void everyStoredTextIsReadAndWrittenAgain(Stored stored) {
        var change = read(stored);
        var again = write(stored.family(), change);
        assertThat(json.read(again, stored.family(), ChangeJson.VERSION)).isEqualTo(change);
        var isNewest = Kinds.of(stored.family()).kinds().stream()
                .anyMatch(kind -> kind.word().equals(stored.word()) && kind.version() == stored.version());
        if (isNewest) assertThat(again).isEqualTo(stored.text());
    }

    private Object read(Stored stored) {
        return json.read(stored.text(), stored.family(), ChangeJson.VERSION);
    }

    private <C> String write(Class<C> family, Object change) {
        return json.write(family.cast(change), family);
    }

    /** Of a car without any parts, since a log may name what is not listed. */
    @ParameterizedTest
    @MethodSource("stored")
    void everyKindIsSaidShortlyAndWithoutProgramSpeak(Stored stored) {
        var said = said(stored);
        if (said.isEmpty()) return;
        assertThat(said).isNotBlank().hasSizeLessThan(75).doesNotContain("[", "null", "_", "record", "entity");
        assertThat(Character.isUpperCase(said.charAt(0)) || Character.isDigit(said.charAt(0)))
                .as(said)
                .isTrue();
    }

    /** Empty where it is said within another. */
    private String said(Stored stored) {
        return switch (read(stored)) {
            case JobChange change -> Said.of(change, Cabin.EMPTY);
            case YardChange change -> YardSaid.of(change, Yard.EMPTY);
            case Object inner ->
                wrapped(inner).map(change -> Said.of(change, Cabin.EMPTY)).orElse("");
        };
    }

    private static Stream<Class<?>> wrappers() {
        return Stream.of(JobChange.class.getPermittedSubclasses())
                .filter(wrapper -> wrapper.getRecordComponents()[0].getType() != List.class);
    }

    private static Optional<JobChange> wrapped(Object inner) {
        return wrappers()
                .filter(wrapper -> wrapper.getRecordComponents()[0].getType().isInstance(inner))
                .findFirst()
                .map(wrapper -> {
                    try {
                        var maker = wrapper.getDeclaredConstructors()[0];
                        return (JobChange) maker.newInstance(inner);
                    } catch (ReflectiveOperationException fault) {
                        throw new AssertionError(fault);
                    }
                });
    }

    @Test
    void whatIsMissingUnknownOrNewerIsCalledOut() {
        assertThatThrownBy(() -> json.read("{\"is\":\"at-refit\"}", JobChange.class, 1))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("change");
        assertThatThrownBy(() -> json.read("{\"is\":\"of-tomorrow\"}", JobChange.class, ChangeJson.VERSION))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("of-tomorrow");
        assertThatThrownBy(() -> json.read("{}", JobChange.class, ChangeJson.VERSION + 1))
                .hasMessageContaining("newer Welumen");
        assertThatThrownBy(() -> json.read(
                        "{\"is\":\"at-survey\",\"change\":{\"is\":\"finding-made@99\"}}",
                        JobChange.class,
                        ChangeJson.VERSION))
                .hasMessageContaining("newer Welumen (version 99 of “finding-made”)");
    }
}
