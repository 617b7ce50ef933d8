package welumen.files.workshop;

import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.journal.Entry.Place;

/** How the entries that are one action with another one are written: {@code stream:sequence}, with blanks between them. */
final class LinkedEntries {
    private LinkedEntries() {}

    static String write(List<Place> places) {
        return places.stream()
                .map(place -> place.stream() + ":" + place.sequence())
                .collect(Collectors.joining(" "));
    }

    /** @throws IllegalArgumentException if it was not written so */
    static List<Place> read(String text) {
        if (text.isEmpty()) return List.of();
        return Stream.of(text.split(" ")).map(LinkedEntries::place).toList();
    }

    private static Place place(String text) {
        var parts = text.split(":", 2);
        if (parts.length < 2) throw new IllegalArgumentException("[%s] names no entry.".formatted(text));
        return new Place(UUID.fromString(parts[0]), Long.parseLong(parts[1]));
    }
}
