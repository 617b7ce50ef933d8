package welumen.diary.book;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * Somebody has looked at what lies beneath, and passes it.
 *
 * @param ways how; at least one
 * @param by never blank
 */
public record Look(Set<Way> ways, String by, LocalDate on) {
    /** How one looks beneath. */
    public enum Way {
        PROBE("probed with a point"),
        TAP("tapped along"),
        PRESS("pressed by hand for bumps"),
        LIFT("old pads lifted"),
        MIRROR("mirror beneath");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @throws IllegalArgumentException where nobody looked, or in no way */
    public Look {
        if (by.isBlank()) throw new IllegalArgumentException("Say who has looked: it is not passed in nobody's name.");
        if (ways.isEmpty()) throw new IllegalArgumentException("Say how it was looked at.");
        ways = Collections.unmodifiableSet(EnumSet.copyOf(ways));
    }
}
