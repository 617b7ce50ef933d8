package welumen.strip.fixing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds the kind of fixing that words name, in singular or plural; the longest name wins. */
public final class FixingWords {
    /** A kind and how many words named it. */
    public record Named(FixingKind kind, int words) {}

    private FixingWords() {}

    public static Optional<Named> longest(List<String> words, int at) {
        for (var length = Math.min(3, words.size() - at); length > 0; length--) {
            var said = String.join(" ", words.subList(at, at + length));
            for (var kind : FixingKind.values())
                if (kind.allWords().stream()
                        .anyMatch(word -> word.toLowerCase(Locale.ROOT).equals(said)))
                    return Optional.of(new Named(kind, length));
        }
        return Optional.empty();
    }
}
