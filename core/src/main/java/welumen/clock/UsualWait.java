package welumen.clock;

import java.time.Duration;

/** The waits that a bench knows, with their usual length; the product's own sheet goes before them. */
public enum UsualWait {
    CONTACT_TACK("contact adhesive", "lay", Duration.ofMinutes(8), Duration.ofMinutes(30), Duration.ZERO),
    TWO_PART_SPRAY("two-part adhesive", "lay", Duration.ofMinutes(5), Duration.ofMinutes(20), Duration.ofMinutes(10)),
    FULL_BOND("full bond", "load it", Duration.ofHours(24)),
    EPOXY("epoxy", "clamp off", Duration.ofHours(24)),
    LEATHER_FILLER("leather filler", "next layer", Duration.ofMinutes(40)),
    COLOUR_FLASH("colour coat", "next coat", Duration.ofMinutes(15)),
    RUST_CONVERTER("rust converter", "paint over", Duration.ofHours(12)),
    MOULDING_RELAXES("moulded carpet laid out warm", "fit", Duration.ofHours(18));

    private final String word;
    private final String next;
    private final Working working;

    UsualWait(String word, String next, Duration lasts) {
        this(word, next, lasts, Working.ALWAYS, Duration.ZERO);
    }

    UsualWait(String word, String next, Duration lasts, Duration latest, Duration moved) {
        this.word = word;
        this.next = next;
        this.working = new Working(lasts, latest, moved);
    }

    public String word() {
        return word;
    }

    public String next() {
        return next;
    }

    public Duration lasts() {
        return working.earliest();
    }

    /** Between which times it can be worked, at {@link Working#USUAL_CELSIUS}. */
    public Working working() {
        return working;
    }
}
