package welumen.yard;

import java.util.List;

/**
 * A place or a machine at which one works.
 *
 * @param count how many of it there are
 * @param holds how many one of them takes at once, of what its kind says
 * @param lengthMm of a table, else nought
 * @param widthMm of a table, else nought
 * @param slots when it can be used; empty for whenever somebody is here
 */
public record Place(
        String name, Kind kind, int count, int holds, double lengthMm, double widthMm, List<WorkingHours> slots)
        implements Named {
    /** What kind of place it is, and what it is counted to hold. */
    public enum Kind {
        BENCH("bench", "at a time"),
        SEWING_MACHINE("sewing machine", "at a time"),
        CUTTING_TABLE("cutting table", "at a time"),
        SPRAY_PLACE("spray place", "pieces a load"),
        CAR_PLACE("room for a car", "at work in one car"),
        OTHER("other place", "at a time");

        private final String word;
        private final String counts;

        Kind(String word, String counts) {
            this.word = word;
            this.counts = counts;
        }

        public String word() {
            return word;
        }

        /** What {@link Place#holds} counts. */
        public String counts() {
            return counts;
        }
    }

    public Place {
        name = Named.checked(name, "place");
        slots = List.copyOf(slots);
        if (count < 1 || count > 99 || holds < 1 || holds > 999)
            throw new IllegalArgumentException(
                    "“%s”: %d of it for %d each is no count. Give at least 1.".formatted(name, count, holds));
        if (!(lengthMm >= 0 && widthMm >= 0 && lengthMm < 1e5 && widthMm < 1e5))
            throw new IllegalArgumentException(
                    "“%s” is no size of a table: [%s × %s mm].".formatted(name, lengthMm, widthMm));
    }

    /** One that can be used whenever somebody is here. */
    public Place(String name, Kind kind, int count, int holds, double lengthMm, double widthMm) {
        this(name, kind, count, holds, lengthMm, widthMm, List.of());
    }

    /** One of which only its kind is known. */
    public Place(String name, Kind kind) {
        this(name, kind, 1, kind == Kind.CAR_PLACE ? 2 : 1, 0, 0);
    }
}
