package welumen.finish.reading;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.colour.Lab;
import welumen.colour.Reflectance;

/**
 * A colour as it was read.
 *
 * @param id within its job
 * @param what on what, “under the rear seat’s piping”
 * @param part the part it was read on; none or one
 * @param lab under daylight
 * @param shares its reflectance, 31 shares; empty where only its L*a*b* is known
 * @param off how far it may be off by how it was read, as a colour difference, in two of three cases: a rule of thumb
 * @param gloss units at 60°; below nought where nobody has read it
 */
public record Reading(
        String id,
        Of of,
        String what,
        List<PartId> part,
        Lab lab,
        List<Double> shares,
        How how,
        double off,
        double gloss,
        LocalDate on) {
    /** Of what it is, from the first to the last. */
    public enum Of {
        EVIDENCE("evidence"),
        PART("part"),
        SAMPLE("sample"),
        LOT("lot"),
        PATCH("patch");

        private final String word;

        Of(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** How it was read, and how far it may be off by that alone. */
    public enum How {
        READER("by the reader", 0.2),
        TYPED("typed", 0.5),
        CARD("by card and eye", 2.5),
        PHOTO("from a photo under a grey card", 4);

        private final String word;
        private final double off;

        How(String word, double off) {
            this.word = word;
            this.off = off;
        }

        public String word() {
            return word;
        }

        /** As a colour difference, in two of three cases, at the best: a rule of thumb. */
        public double off() {
            return off;
        }
    }

    /** Where nobody has read the gloss. */
    public static final double NO_GLOSS = -1;

    /** As far off as such a reading is at the best. */
    public Reading(
            String id,
            Of of,
            String what,
            List<PartId> part,
            Lab lab,
            List<Double> shares,
            How how,
            double gloss,
            LocalDate on) {
        this(id, of, what, part, lab, shares, how, how.off(), gloss, on);
    }

    public Reading {
        part = List.copyOf(part);
        shares = List.copyOf(shares);
        if (what.isBlank()) throw new IllegalArgumentException("Say on what it was read.");
        if (!shares.isEmpty()) Reflectance.of(shares);
    }

    public Optional<Reflectance> reflectance() {
        return shares.isEmpty() ? Optional.empty() : Optional.of(Reflectance.of(shares));
    }
}
