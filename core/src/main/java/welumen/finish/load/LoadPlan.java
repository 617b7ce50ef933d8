package welumen.finish.load;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * Which piece is sprayed in which load.
 *
 * @param loads in their order
 * @param left pieces in no load: held, or without a slot
 * @param isProven whether no other way is ready sooner
 */
public record LoadPlan(List<Load> loads, List<HardPiece> left, boolean isProven) {
    /**
     * What is sprayed in one slot.
     *
     * @param ready when its pieces can be handled
     */
    public record Load(Slot slot, String colour, List<HardPiece> pieces, LocalDateTime ready) {
        public Load {
            pieces = List.copyOf(pieces);
        }
    }

    public LoadPlan {
        loads = List.copyOf(loads);
        left = List.copyOf(left);
    }

    /** When the last of them can be handled; empty where nothing is sprayed. */
    public Optional<LocalDateTime> ready() {
        return loads.isEmpty() ? Optional.empty() : Optional.of(loads.getLast().ready());
    }

    /** By how much the last is late; nought where it is not, or where nobody said a day. */
    public Duration late(LoadProblem problem) {
        return ready().flatMap(ready -> problem.due().map(due -> Duration.between(due, ready)))
                .filter(Duration::isPositive)
                .orElse(Duration.ZERO);
    }

    /** Whether all that is not held is ready by the day that was said. */
    public boolean fits(LoadProblem problem) {
        return left.stream().allMatch(HardPiece::isHeld) && late(problem).isZero();
    }

    /** How long is waited in all, hours from a time by how much waits for each piece. */
    double waited(LocalDateTime from) {
        return loads.stream()
                .mapToDouble(load -> Duration.between(from, load.ready()).toMinutes()
                        / 60.0
                        * load.pieces().stream().mapToInt(HardPiece::waitedFor).sum())
                .sum();
    }
}
