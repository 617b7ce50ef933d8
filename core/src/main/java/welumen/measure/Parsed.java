package welumen.measure;

import java.util.Optional;
import java.util.function.Function;

/**
 * What became of a text that somebody typed: a value, or a refusal that says what is wrong.
 *
 * @param <T> what was to be read
 */
public sealed interface Parsed<T> {
    /** The text was understood, and only one way. */
    record Understood<T>(T value) implements Parsed<T> {}

    /** The text was not understood; {@code why} is a whole sentence that says what is wrong and what to type instead. */
    record Refused<T>(String why) implements Parsed<T> {}

    /** The value, where there is one. */
    default Optional<T> understood() {
        return switch (this) {
            case Understood<T>(var value) -> Optional.of(value);
            case Refused<T> _ -> Optional.empty();
        };
    }

    /** The same answer about something made from the value. */
    default <U> Parsed<U> map(Function<T, U> change) {
        return flatMap(value -> new Understood<>(change.apply(value)));
    }

    /** As {@link #map}, where the change may refuse as well. */
    default <U> Parsed<U> flatMap(Function<T, Parsed<U>> change) {
        return switch (this) {
            case Understood<T>(var value) -> change.apply(value);
            case Refused<T>(var why) -> new Refused<>(why);
        };
    }

    /**
     * The value, for text that a programmer wrote.
     *
     * @throws IllegalArgumentException with the refusal's sentence, if there is none
     */
    default T orThrow() {
        return switch (this) {
            case Understood<T>(var value) -> value;
            case Refused<T>(var why) -> throw new IllegalArgumentException(why);
        };
    }
}
