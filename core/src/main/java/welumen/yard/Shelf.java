package welumen.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Things of one kind in the order in which they came, each by a name of its own. A second one of a name is refused, never
 * put silently in the first one's place.
 */
public record Shelf<T extends Named>(List<T> all) {
    public Shelf {
        all = List.copyOf(all);
    }

    public static <T extends Named> Shelf<T> empty() {
        return new Shelf<>(List.of());
    }

    public Optional<T> findOne(String name) {
        return all.stream()
                .filter(one -> one.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /**
     * @param was the name under which it was known; empty for a new one
     * @throws IllegalArgumentException if another one has the new name, or none had the old one
     */
    public Shelf<T> with(String was, T now) {
        if (!now.name().equalsIgnoreCase(was) && findOne(now.name()).isPresent())
            throw new IllegalArgumentException(
                    "There is a “%s” already. Give this one another name.".formatted(now.name()));
        var more = new ArrayList<>(all);
        if (was.isEmpty()) more.add(now);
        else more.set(more.indexOf(one(was)), now);
        return new Shelf<>(more);
    }

    /** @throws IllegalArgumentException if there is none of this name */
    public Shelf<T> without(String name) {
        var gone = one(name);
        return new Shelf<>(all.stream().filter(one -> one != gone).toList());
    }

    private T one(String name) {
        return findOne(name)
                .orElseThrow(() -> new IllegalArgumentException("There is no “%s” here any more.".formatted(name)));
    }
}
