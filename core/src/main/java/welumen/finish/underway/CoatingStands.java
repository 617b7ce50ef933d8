package welumen.finish.underway;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.finish.coat.CoatStep.Kind;

/** Where a surface stands at a time: from when the next step can be done, until when, and what holds it. */
public record CoatingStands(Coating coating, Instant now) {
    /** From when the next step can be done: what was laid last has dried by then. Empty where it can be done at once. */
    public Optional<Instant> from() {
        for (var i = coating.done().size() - 1; i >= 0; i--) {
            var step = coating.steps().get(i);
            if (step.waits().isPositive())
                return Optional.of(coating.done().get(i).plus(step.waits()));
            if (step.kind() != Kind.LOOK) return Optional.empty(); // a look dries nothing, and is no end of drying
        }
        return Optional.empty();
    }

    public boolean isTooEarly() {
        return from().filter(now::isBefore).isPresent();
    }

    /** Until when the next coat holds on the last one without being flatted first; empty where none comes, or it is never too late. */
    public Optional<Instant> by() {
        if (coating.left().stream().noneMatch(step -> step.kind().isCoat())) return Optional.empty();
        for (var i = coating.done().size() - 1; i >= 0; i--) {
            var step = coating.steps().get(i);
            if (step.kind() == Kind.KEY) return Optional.empty();
            if (step.kind().isCoat())
                return step.until().isZero()
                        ? Optional.empty()
                        : Optional.of(coating.done().get(i).plus(step.until()));
        }
        return Optional.empty();
    }

    /** Whether the next coat would no longer bite. */
    public boolean isTooLate() {
        return by().filter(now::isAfter).isPresent();
    }

    /**
     * Why the next step is not to be ticked off, each a sentence; none where it may be.
     *
     * @param cardHolds why nothing is sprayed yet; empty where a card was accepted, or none was wanted
     */
    public List<String> holds(Optional<String> cardHolds) {
        var holds = new ArrayList<String>();
        coating.next().ifPresent(step -> {
            var open = coating.openFlaws();
            if (!open.isEmpty() && (step.kind() == Kind.LOOK || step.kind().isCoat()))
                holds.add(
                        open.size() == 1
                                ? "A %s is mapped and not mended."
                                        .formatted(open.getFirst().kind().word())
                                : "%d flaws are mapped and not mended.".formatted(open.size()));
            if ((step.kind() == Kind.COLOUR || step.kind() == Kind.CLEAR)) cardHolds.ifPresent(holds::add);
            if (step.kind().isCoat() && isTooLate())
                holds.add("The next coat would not bite any more: flat it back first.");
            for (var trial : coating.trials())
                if (coating.found(trial).filter(Tried::isWell).isEmpty())
                    holds.add(
                            coating.found(trial).isEmpty()
                                    ? "%s is not tried yet.".formatted(capital(trial.word()))
                                    : "%s failed: say why, and go back to it.".formatted(capital(trial.word())));
        });
        return List.copyOf(holds);
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
