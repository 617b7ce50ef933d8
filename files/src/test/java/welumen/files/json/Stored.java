package welumen.files.json;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/** Texts of changes as they lie in files, of each kind and version at least one: {@code stored/strip-change.txt} and its like. */
record Stored(Class<?> family, String word, int version, String text) {
    static List<Stored> of(Class<?> family) {
        var name = "stored/%s.txt"
                .formatted(family.getSimpleName()
                        .replaceAll("(?<=[a-z])(?=[A-Z])", "-")
                        .toLowerCase(Locale.ROOT));
        try (var in = Stored.class.getResourceAsStream(name)) {
            if (in == null) throw new AssertionError("There are no stored texts of %s: %s.".formatted(family, name));
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split(" ", 3))
                    .map(parts -> new Stored(family, parts[0], Integer.parseInt(parts[1]), parts[2]))
                    .toList();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    @Override
    public String toString() {
        return "%s %d of %s".formatted(word, version, family.getSimpleName());
    }
}
