package welumen.finish.sheen;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A card that is sprayed as a batch will be, and read when it is dry.
 *
 * @param id within its job
 * @param target gloss units at 60° that are wanted
 * @param dries how long it dries before it can be judged
 * @param read what it showed; empty before it is read
 * @param acceptedBy in whose name; empty as long as nobody has accepted it
 */
public record TestCard(
        String id,
        SetUp setUp,
        double target,
        Instant sprayed,
        Duration dries,
        Optional<Read> read,
        String acceptedBy) {
    /** How long one dries before it can be judged, as a rule. */
    public static final Duration DRIES = Duration.ofHours(6);

    /** Gloss units by which a card may miss its target, and a corner its face. */
    public static final double NEAR = 5;

    /**
     * What a card shows.
     *
     * @param flat gloss units on its face
     * @param corner on its corners and returns, where paint builds up
     */
    public record Read(double flat, double corner, Instant at) {
        public Read {
            Sheen.of(flat);
            Sheen.of(corner);
        }
    }

    public TestCard {
        Sheen.of(target);
        if (dries.isNegative()) throw new IllegalArgumentException("A card dries for some time.");
    }

    public Instant dryAt() {
        return sprayed.plus(dries);
    }

    public boolean isDry(Instant now) {
        return !now.isBefore(dryAt());
    }

    /** Whether it was read dry and is not what was wanted. */
    public boolean hasMissed() {
        return read.filter(shown -> isDry(shown.at()))
                .filter(shown -> Math.abs(shown.flat() - target) > NEAR || shown.corner() - shown.flat() > NEAR)
                .isPresent();
    }

    public boolean isAccepted() {
        return !acceptedBy.isEmpty();
    }

    TestCard read(Read shown) {
        return new TestCard(id, setUp, target, sprayed, dries, Optional.of(shown), acceptedBy);
    }

    TestCard accepted(String by) {
        return new TestCard(id, setUp, target, sprayed, dries, read, by);
    }
}
