package welumen.yard;

import java.time.Duration;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import welumen.clock.Cure;

/** How long cures what this yard works with, at the temperature of its workshop: by the sheets on the shelf, else as is usual. */
public final class Products {
    private static final Map<Tin.Use, Cure> USUAL_CURES = new EnumMap<>(Map.of(
            Tin.Use.ADHESIVE, cure(8, 0.5, 24, 12, 12, 0),
            Tin.Use.CLEANER, cure(30, 2, 12, 12, 24, 0),
            Tin.Use.FILLER, cure(40, 4, 24, 24, 24, 0),
            Tin.Use.PRIMER, cure(15, 2, 8, 24, 48, 72),
            Tin.Use.SEALER, cure(30, 3, 12, 12, 24, 0),
            Tin.Use.COATING, cure(60, 6, 12, 24, 48, 0),
            Tin.Use.COLOUR, cure(15, 2, 24, 48, 48, 4),
            Tin.Use.LACQUER, cure(20, 4, 48, 72, 72, 24),
            Tin.Use.CARE, cure(10, 1, 4, 24, 24, 0),
            Tin.Use.OTHER, cure(15, 2, 24, 24, 48, 0)));

    /** Of a yard that has said nothing. */
    public static final Products USUAL = of(Goods.NONE, Limits.NONE);

    private final Map<Tin.Use, Cure> cures;

    private Products(Map<Tin.Use, Cure> cures) {
        this.cures = cures;
    }

    /** Where several tins of one use say something, the slowest holds: nobody knows yet which of them is taken. */
    public static Products of(Goods goods, Limits limits) {
        var cures = new EnumMap<Tin.Use, Cure>(Tin.Use.class);
        for (var use : Tin.Use.values()) {
            var cure = goods.tins().all().stream()
                    .filter(tin -> tin.use() == use && tin.cure().isSaid())
                    .map(Tin::cure)
                    .max(Comparator.comparing(Cure::handle).thenComparing(Cure::wrapOver))
                    .orElseGet(() -> usual(use));
            cures.put(use, cure.at(limits.celsius()));
        }
        return new Products(cures);
    }

    public static Cure usual(Tin.Use use) {
        return Objects.requireNonNull(USUAL_CURES.get(use));
    }

    public Cure of(Tin.Use use) {
        return Objects.requireNonNull(cures.get(use));
    }

    private static Cure cure(int flash, double touch, int handle, int glue, int wrap, int until) {
        return new Cure(
                Duration.ofMinutes(flash),
                Duration.ofMinutes(Math.round(60 * touch)),
                Duration.ofHours(handle),
                Duration.ofHours(glue),
                Duration.ofHours(wrap),
                Duration.ofHours(until));
    }
}
