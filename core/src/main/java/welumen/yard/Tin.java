package welumen.yard;

import welumen.clock.Cure;

/**
 * Something that is kept in tins, cans or bottles.
 *
 * @param name what it is, as “contact adhesive, 500 ml”
 * @param use what it is used for
 * @param full how many are unopened
 * @param begun how much of the one that is begun is left, 0 to 1; nought where none is
 * @param lot of the unopened ones; empty where nobody has said
 * @param cure what its sheet says
 */
public record Tin(String name, Use use, int full, double begun, String lot, String supplier, Cure cure)
        implements Named {
    /** What it is used for. */
    public enum Use {
        ADHESIVE("adhesive"),
        CLEANER("cleaner"),
        FILLER("filler"),
        PRIMER("primer"),
        SEALER("seam sealer"),
        COATING("floor coating"),
        COLOUR("colour"),
        LACQUER("lacquer"),
        CARE("care"),
        OTHER("other");

        private final String word;

        Use(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Of whose sheet nobody has said anything. */
    public Tin(String name, Use use, int full, double begun, String lot, String supplier) {
        this(name, use, full, begun, lot, supplier, Cure.UNSAID);
    }

    public Tin {
        name = Named.checked(name, "tin");
        if (full < 0 || full > 9999)
            throw new IllegalArgumentException("“%s”: [%d] tins cannot be counted.".formatted(name, full));
        if (!(begun >= 0 && begun <= 1))
            throw new IllegalArgumentException(
                    "“%s”: [%s] of a tin is no share. Give it from 0 to 1.".formatted(name, begun));
    }
}
