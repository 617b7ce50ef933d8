package welumen.yard;

/** Something in the yard that is known by its name; no two of a kind have one. */
public interface Named {
    String name();

    /** @throws IllegalArgumentException if the name says nothing */
    static String checked(String name, String kind) {
        if (name.isBlank()) throw new IllegalArgumentException("This %s has no name. Give it one.".formatted(kind));
        return name.strip();
    }
}
