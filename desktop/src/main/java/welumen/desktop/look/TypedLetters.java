package welumen.desktop.look;

import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyEvent;
import org.jspecify.annotations.Nullable;

/** A list of choices chooses by typed letters: those that a word begins with, else any that it has. A pause begins anew. */
final class TypedLetters<T> {
    private static final long PAUSE_NANOS = 1_200_000_000L;

    private final ComboBox<T> box;
    private final Function<T, String> word;
    private String letters = "";
    private @Nullable T chosen;
    private long last;

    TypedLetters(ComboBox<T> box, Function<T, String> word) {
        this.box = box;
        this.word = word;
        box.addEventHandler(KeyEvent.KEY_TYPED, this::typed);
    }

    private void typed(KeyEvent key) {
        if (box.isEditable() || key.isShortcutDown() || key.isAltDown()) return;
        var letter = key.getCharacter();
        if (letter.length() != 1
                || !Character.isLetterOrDigit(letter.charAt(0)) && !(letter.equals(" ") && !letters.isEmpty())) return;
        var now = System.nanoTime();
        var isAnother = !Objects.equals(chosen, box.getValue()); // something else was shown meanwhile
        letters = (now - last > PAUSE_NANOS || isAnother ? "" : letters) + letter.toLowerCase(Locale.ROOT);
        last = now;
        find(box.getItems(), word, letters).ifPresent(box::setValue);
        chosen = box.getValue();
        key.consume();
    }

    /** The first whose word begins with the letters, else the first in which a word does, else the first that has them. */
    static <T> Optional<T> find(Iterable<T> all, Function<T, String> word, String letters) {
        return Stream.<Function<String, Boolean>>of(
                        said -> said.startsWith(letters),
                        said -> said.contains(" " + letters),
                        said -> said.contains(letters))
                .flatMap(fits -> first(all, one -> fits.apply(word.apply(one).toLowerCase(Locale.ROOT))).stream())
                .findFirst();
    }

    private static <T> Optional<T> first(Iterable<T> all, Function<T, Boolean> fits) {
        for (var one : all) if (fits.apply(one)) return Optional.of(one);
        return Optional.empty();
    }
}
