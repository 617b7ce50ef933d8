package welumen.finish.coat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import welumen.survey.Finding;
import welumen.survey.FindingKind;

/** How deep a find goes into a hide, as a rule: a guess to be measured, so that only what is deep is filled. */
public record FlawDepth(Finding finding, double mm) {
    /** The deepest of those that go into the surface; empty where none does. */
    public static Optional<FlawDepth> deepest(List<Finding> findings) {
        return findings.stream()
                .flatMap(finding -> mm(finding.kind()).stream().mapToObj(mm -> new FlawDepth(finding, mm)))
                .max(Comparator.comparingDouble(FlawDepth::mm));
    }

    private static OptionalDouble mm(FindingKind kind) {
        return switch (kind) {
            case FADING, STAIN, PAINT_SPLASH, WRONG_COLOUR, WRONG_GLOSS -> OptionalDouble.of(0);
            case SCUFF -> OptionalDouble.of(0.1);
            case FINE_CRACK -> OptionalDouble.of(0.2);
            case DEEP_CRACK -> OptionalDouble.of(1);
            case TEAR, HOLE -> OptionalDouble.of(4); // deeper than filler holds
            default -> OptionalDouble.empty();
        };
    }
}
