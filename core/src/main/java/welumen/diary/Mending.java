package welumen.diary;

import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import welumen.survey.FindingKind;

/**
 * What becomes of a find that stops work: who mends it, how long they take as a rule, and what then cures before anything is
 * glued or wrapped over it. The days are guesses until somebody has promised one; local rules and the product's sheet go first.
 *
 * @param who in words
 * @param workingDays of theirs
 * @param coats what is laid on afterwards, one on the other
 */
public record Mending(String who, int workingDays, List<Coat> coats) {
    /** A coat, and how long it cures before the next, or before glue. */
    public record Coat(String name, Duration cures) {}

    private static final List<Coat> ON_METAL = List.of(
            new Coat("primer", Duration.ofHours(24)),
            new Coat("seam sealer", Duration.ofHours(12)),
            new Coat("floor coating", Duration.ofHours(24)));

    public static Mending of(FindingKind kind) {
        return switch (kind) {
            case RUST_THROUGH, STRUCTURE -> new Mending("the body shop", 8, ON_METAL);
            case WIRING_FAULT -> new Mending("an electrician", 3, List.of());
            case MOULD ->
                new Mending("whoever finds where it comes from", 3, List.of(new Coat("drying", Duration.ofHours(48))));
            default -> new Mending("somebody qualified", 5, List.of());
        };
    }

    /** By the clock on the wall, all of them. */
    public Duration cures() {
        return coats.stream().map(Coat::cures).reduce(Duration.ZERO, Duration::plus);
    }

    /** “primer 24 h, seam sealer 12 h”; empty where nothing cures. */
    public String said() {
        return coats.stream()
                .map(coat -> "%s %d h".formatted(coat.name(), coat.cures().toHours()))
                .collect(Collectors.joining(", "));
    }
}
