package welumen.cabin;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Finds the part that a typed name means: its whole name, the first letters of its words, or words only it has. */
public final class PartNames {
    private PartNames() {}

    /** The one part that is meant; empty if none is, or more than one. */
    public static Optional<PartId> findOne(Cabin cabin, String typed) {
        var text = plain(typed);
        if (text.length() < 2) return Optional.empty();
        var exact = named(cabin, part -> part.name().equalsIgnoreCase(text));
        if (exact.size() == 1) return Optional.of(exact.getFirst().id());
        var initial = named(cabin, part -> initials(part).equals(text));
        if (initial.size() == 1) return Optional.of(initial.getFirst().id());
        if (text.length() < 4) return Optional.empty();
        var worded = named(cabin, part -> words(part.name()).containsAll(words(text)));
        return worded.size() == 1 ? Optional.of(worded.getFirst().id()) : Optional.empty();
    }

    /** “the front seat on the left” is the front seat, left. */
    private static String plain(String typed) {
        return typed.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\bon the (left|right)\\b( side)?", "$1")
                .replaceFirst("^the ", "")
                .replaceAll("\\s+", " ")
                .strip();
    }

    /** Several names with commas between; refused with the first that is none. */
    public static Parsed<List<PartId>> readAll(Cabin cabin, String typed) {
        var parts = new ArrayList<PartId>();
        for (var name : typed.split(",")) {
            if (name.isBlank()) continue;
            var part = findOne(cabin, name);
            if (part.isEmpty())
                return new Refused<>(
                        "The car has no part “%s”. Type a part's name or its first letters.".formatted(name.strip()));
            parts.add(part.get());
        }
        return new Understood<>(List.copyOf(parts));
    }

    /** The parts that a few letters may mean: by their first letters, then by the beginnings of their words. */
    public static List<Part> likely(Cabin cabin, String typed) {
        var text = typed.strip().toLowerCase(Locale.ROOT);
        if (text.length() < 2) return List.of();
        return Stream.of(
                        named(cabin, part -> initials(part).equals(text)),
                        named(cabin, part -> initials(part).startsWith(text)),
                        named(cabin, part -> words(part.name()).stream().anyMatch(word -> word.startsWith(text))))
                .flatMap(List::stream)
                .distinct()
                .toList();
    }

    private static List<Part> named(Cabin cabin, Predicate<Part> test) {
        return cabin.parts().stream().filter(test).toList();
    }

    private static String initials(Part part) {
        var letters = new StringBuilder();
        for (var word : words(part.name())) letters.append(word.charAt(0));
        return letters.toString();
    }

    private static List<String> words(String name) {
        return List.of(name.toLowerCase(Locale.ROOT).split("[\\s,]+"));
    }
}
